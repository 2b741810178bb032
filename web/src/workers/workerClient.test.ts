import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { Remote } from 'comlink';
import { WorkerClient } from './workerClient';

interface Api {
  double(x: number): number;
}

/** A worker that answers nothing: what is asked of it hangs until it is ended. */
class SilentWorker extends EventTarget {
  onerror: (() => void) | null = null;
  ended = false;
  postMessage(): void {}
  terminate(): void {
    this.ended = true;
  }
}

function clientWith(limitMs = 20_000) {
  const started: SilentWorker[] = [];
  const client = new WorkerClient<Api>(
    () => {
      const worker = new SilentWorker();
      started.push(worker);
      return worker as unknown as Worker;
    },
    { died: 'It stopped.', tooLong: 'It took too long.' },
    limitMs,
  );
  return { client, started };
}

const hangs = () => new Promise<number>(() => undefined);
const answers = (value: number) => async (_api: Remote<Api>) => value;

describe('a worker', () => {
  afterEach(() => void jest.useRealTimers());

  test('is started when first asked and kept', async () => {
    const { client, started } = clientWith();
    expect(started.length).toBe(0);
    const { signal } = new AbortController();
    expect(await client.ask(answers(4), signal)).toBe(4);
    expect(await client.ask(answers(5), signal)).toBe(5);
    expect(started.length).toBe(1);
  });

  test('that hangs says so, is ended and replaced', async () => {
    jest.useFakeTimers();
    const { client, started } = clientWith(500);
    const asked = client.ask(hangs, new AbortController().signal);
    const told = expect(asked).rejects.toThrow('It took too long.');
    await jest.advanceTimersByTimeAsync(501);
    await told;
    expect(started[0]?.ended).toBe(true);
    expect(await client.ask(answers(6), new AbortController().signal)).toBe(6);
    expect(started.length).toBe(2);
  });

  test('that dies says so, is ended and replaced', async () => {
    const { client, started } = clientWith();
    const asked = client.ask(hangs, new AbortController().signal);
    const told = expect(asked).rejects.toThrow('It stopped.');
    started[0]?.onerror?.();
    await told;
    expect(started[0]?.ended).toBe(true);
    expect(await client.ask(answers(7), new AbortController().signal)).toBe(7);
  });

  test('whose work throws tells the cook a sentence and not what the work said', async () => {
    const { client, started } = clientWith();
    const throws = () => Promise.reject(new Error('RuntimeError: unreachable'));
    await expect(client.ask(throws, new AbortController().signal)).rejects.toThrow('It stopped.');
    expect(started[0]?.ended).toBe(true);
  });

  test('is kept when a question is taken back that ends soon, so that asking anew loads nothing', async () => {
    jest.useFakeTimers();
    const { client, started } = clientWith();
    const first = new AbortController();
    const soon = () => new Promise<number>((answer) => setTimeout(() => answer(1), 100));
    const asked = client.ask(soon, first.signal);
    const told = expect(asked).rejects.toMatchObject({ name: 'AbortError' });
    first.abort();
    await told;
    expect(await client.ask(answers(9), new AbortController().signal)).toBe(9);
    await jest.advanceTimersByTimeAsync(10_000);
    expect(started.map(({ ended }) => ended)).toEqual([false]);
  });

  test('is ended when what was taken back goes on; what was asked beside it goes to a new one', async () => {
    jest.useFakeTimers();
    const { client, started } = clientWith();
    const first = new AbortController();
    const stopped = client.ask(hangs, first.signal);
    const told = expect(stopped).rejects.toMatchObject({ name: 'AbortError' });
    let tries = 0;
    const beside = client.ask(
      () => ((tries += 1) === 1 ? hangs() : Promise.resolve(5)),
      new AbortController().signal,
    );
    first.abort();
    await told;
    expect(started[0]?.ended).toBe(false);
    await jest.advanceTimersByTimeAsync(1000);
    expect(await beside).toBe(5);
    expect(started.map(({ ended }) => ended)).toEqual([true, false]);
  });

  test('is not asked what was taken back before', async () => {
    const { client, started } = clientWith();
    const controller = new AbortController();
    controller.abort();
    await expect(client.ask(hangs, controller.signal)).rejects.toMatchObject({
      name: 'AbortError',
    });
    expect(started.length).toBe(0);
  });

  test('that tells of progress is not taken for hung, and is not heard after its answer', async () => {
    jest.useFakeTimers();
    const { client } = clientWith(500);
    const heard: number[] = [];
    let tellLate: (share: number) => void = () => undefined;
    const asked = client.ask<number>(
      (_api, tell) =>
        new Promise((answer) => {
          tellLate = tell;
          setTimeout(() => tell(0.5), 400);
          setTimeout(() => answer(8), 800);
        }),
      new AbortController().signal,
      (share) => heard.push(share),
    );
    await jest.advanceTimersByTimeAsync(801);
    expect(await asked).toBe(8);
    tellLate(1);
    expect(heard).toEqual([0.5]);
  });
});
