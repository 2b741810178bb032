import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { ReadableStream, type ReadableStreamDefaultController } from 'node:stream/web';
import { TextDecoder, TextEncoder } from 'node:util';
import { inNow, useDevices } from './deviceStore';
import { hasSerial, serialScale } from './serialScale';

// jsdom has no decoder of its own
Object.assign(globalThis, { TextDecoder });

/** Waits until what was sent has been heard. */
const heard = () => new Promise((resolve) => setTimeout(resolve, 5));

/** A cable that text can be sent down. */
function cable() {
  let send: ReadableStreamDefaultController<Uint8Array> | null = null;
  const port = {
    open: jest.fn(async () => undefined),
    close: jest.fn(async () => undefined),
    readable: new ReadableStream<Uint8Array>({ start: (controller) => void (send = controller) }),
  };
  return { port, say: (text: string) => send?.enqueue(new TextEncoder().encode(text)) };
}

const plug = (port: unknown) =>
  Object.defineProperty(navigator, 'serial', {
    configurable: true,
    value: { requestPort: async () => port },
  });
const unplug = () => void Reflect.deleteProperty(navigator, 'serial');

describe('a scale on a cable', () => {
  afterEach(unplug);

  test('tells what its lines say, however they are cut, and keeps its own zero', async () => {
    const { port, say } = cable();
    plug(port);
    expect(hasSerial()).toBe(true);
    const scale = await serialScale();
    const read: number[] = [];
    const stop = scale.listen(({ value }) => read.push(value));
    say('  12.5 g\r\nnet 4');
    await heard();
    say('0.0 g\r\nready\r\n');
    await heard();
    expect(read).toEqual([12.5, 40]);
    scale.tare();
    say('52.5 g\n');
    await heard();
    expect(read.at(-1)).toBe(12.5);
    stop();
    say('60 g\n');
    await heard();
    expect(read).toHaveLength(3);
    scale.close();
    await heard();
    expect(port.close).toHaveBeenCalled();
  });

  test('where there is none, or it is taken, the cook is told in a sentence', async () => {
    expect(hasSerial()).toBe(false);
    await expect(serialScale()).rejects.toThrow('This browser can’t talk to a scale on a cable.');
    plug({ open: () => Promise.reject(new Error('busy')), readable: null });
    await expect(serialScale()).rejects.toThrow('Is another program using it?');
    Object.defineProperty(navigator, 'serial', {
      configurable: true,
      value: { requestPort: () => Promise.reject(new Error('dismissed')) },
    });
    await useDevices.getState().plugIn();
    expect(useDevices.getState().problem).toBe('No scale was chosen.');
    expect(useDevices.getState().scale).toBeNull();
  });
});

describe('the addition in hand on a scale', () => {
  let clock = 0;
  let line: ReturnType<typeof cable>;
  beforeEach(async () => {
    clock = 0;
    jest.spyOn(performance, 'now').mockImplementation(() => (clock += 50));
    line = cable();
    plug(line.port);
    await useDevices.getState().plugIn();
  });
  afterEach(() => {
    useDevices.getState().letGo();
    unplug();
    jest.restoreAllMocks();
  });
  const stand = async (massG: number) => {
    line.say(Array.from({ length: 30 }, () => `${massG} g\n`).join(''));
    await heard();
  };

  test('is caught once it stands, and the next begins from there', async () => {
    await stand(480);
    expect(useDevices.getState().addition).toEqual({ fromG: 480, caughtG: null });
    await stand(539.8);
    expect(useDevices.getState().addition.caughtG).toBeCloseTo(59.8, 6);
    expect(inNow(useDevices.getState())).toBeCloseTo(59.8, 6);
    useDevices.getState().begin();
    expect(useDevices.getState().addition).toEqual({ fromG: 539.8, caughtG: null });
    await stand(545);
    expect(useDevices.getState().addition.caughtG).toBeCloseTo(5.2, 6);
  });

  test('set to nothing or let go there is none', async () => {
    await stand(100);
    useDevices.getState().tare();
    expect(inNow(useDevices.getState())).toBeNull();
    await stand(100);
    expect(inNow(useDevices.getState())).toBeCloseTo(0, 6);
    useDevices.getState().letGo();
    expect(useDevices.getState().scale).toBeNull();
    expect(line.port.close).not.toThrow();
  });
});
