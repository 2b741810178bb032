import type { DeviceReading, Scale } from '@cobbet/core/kitchen/devices/device';
import { readScaleLine } from '@cobbet/core/kitchen/devices/scaleLine';

/** The little of the Web Serial interface that a scale needs; TypeScript's own library has none of it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}

const serialOf = (): Serial | undefined => (navigator as Navigator & { serial?: Serial }).serial;

/** Whether this browser can talk to a scale on a cable. */
export const hasSerial = () => typeof navigator !== 'undefined' && serialOf() !== undefined;

const baudRate = 9600;
/** A line longer than this is no reading. */
const mostLine = 200;

/**
 * A scale on a cable that sends lines of text; the browser asks the cook which one.
 *
 * @throws Error with a sentence for the cook when there is none or it can't be opened
 */
export async function serialScale(): Promise<Scale> {
  const serial = serialOf();
  if (!serial) throw new Error('This browser can’t talk to a scale on a cable.');
  const port = await serial.requestPort().catch(() => {
    throw new Error('No scale was chosen.');
  });
  await port.open({ baudRate }).catch(() => {
    throw new Error('The scale can’t be opened. Is another program using it?');
  });
  const listeners = new Set<(reading: DeviceReading) => void>();
  const reader = port.readable?.getReader();
  let tareG = 0;
  let lastG = 0;
  let rest = '';
  const hear = (text: string) => {
    const lines = (rest + text).split(/[\r\n]+/);
    rest = (lines.pop() ?? '').slice(-mostLine);
    for (const line of lines) {
      const massG = readScaleLine(line);
      if (massG === null) continue;
      lastG = massG;
      for (const tell of listeners) tell({ value: massG - tareG, atMs: performance.now() });
    }
  };
  void (async () => {
    const decoder = new TextDecoder();
    for (;;) {
      const chunk = await reader?.read().catch(() => undefined);
      if (!chunk || chunk.done) return;
      hear(decoder.decode(chunk.value, { stream: true }));
    }
  })();
  return {
    name: 'scale on a cable',
    listen(onReading) {
      listeners.add(onReading);
      return () => listeners.delete(onReading);
    },
    // not every scale can be told to; the zero is kept here
    tare() {
      tareG = lastG;
    },
    close() {
      listeners.clear();
      void reader
        ?.cancel()
        .catch(() => undefined)
        .then(() => port.close().catch(() => undefined));
    },
  };
}
