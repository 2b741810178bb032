import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';
import { BroadcastChannel as Channel } from 'node:worker_threads';

/** A channel that does not keep the test run alive. */
class QuietChannel extends Channel {
  constructor(name: string) {
    super(name);
    this.unref();
  }
}

// what browsers have and jsdom lacks
const missing = {
  structuredClone: <T>(value: T): T => deserialize(serialize(value)) as T,
  BroadcastChannel: QuietChannel,
  TextEncoder,
  TextDecoder,
};
for (const [name, value] of Object.entries(missing)) {
  if (!(name in globalThis)) Object.defineProperty(globalThis, name, { value, writable: true });
}
if (!globalThis.crypto?.randomUUID) {
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto });
}
