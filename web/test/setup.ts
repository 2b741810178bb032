import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { deserialize, serialize } from 'node:v8';

// jsdom has neither; the store needs both
globalThis.structuredClone ??= <T>(value: T): T => deserialize(serialize(value)) as T;
if (!globalThis.crypto?.randomUUID) {
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto });
}
