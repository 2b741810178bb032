/** @jest-environment node */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { AnswerText } from '@cobbet/core/api/answered';
import { answerText } from '@cobbet/core/api/answerRequest';
import { EventEmitter } from 'node:events';
import { limitedText } from './limitedText';
import { RequestPool, type RequestThread } from './requestPool';
import type { Asked } from './requests.worker';

/** A thread whose answers the test gives, or the core's own. */
class TestThread extends EventEmitter implements RequestThread {
  ended = false;
  readonly asked: Asked[] = [];
  constructor(private readonly answers: boolean) {
    super();
  }
  postMessage(asked: Asked): void {
    this.asked.push(asked);
    if (!this.answers) return;
    void answerText(asked.verb, asked.text).then((answer) => this.emit('message', answer));
  }
  terminate(): void {
    this.ended = true;
  }
}

function poolWith({ answers = true, threads = 2, deadlineMs = 1000, waiting = 3 } = {}) {
  const started: TestThread[] = [];
  const pool = new RequestPool(
    () => {
      const thread = new TestThread(answers);
      started.push(thread);
      return thread;
    },
    { threads, deadlineMs, waiting },
  );
  return { pool, started };
}

const parts = [
  { ingredient: 'tahini', amount: '1/3 cup' },
  { ingredient: 'water', amount: '60 g' },
];
const analyse = (body: unknown = { parts }) =>
  ({ verb: 'analyse', text: JSON.stringify(body) }) as const;
const errorOf = ({ body }: AnswerText) =>
  (JSON.parse(body) as { error: { field: string; message: string } }).error;

afterEach(() => void jest.useRealTimers());

describe('requests in threads', () => {
  test('are answered, and a thread is kept for the next', async () => {
    const { pool, started } = poolWith();
    for (let i = 0; i < 3; i += 1) {
      const { status, body } = await pool.ask(analyse());
      expect(status).toBe(200);
      expect(JSON.parse(body)).toMatchObject({ allergens: ['sesame'] });
    }
    expect(started.length).toBe(1);
  });

  test('land with the solver, and again with the same one', async () => {
    const { pool } = poolWith();
    const land = JSON.stringify({ parts, target: { freshBody: [5.5, 6.5] } });
    for (let i = 0; i < 2; i += 1) {
      const { body } = await pool.ask({ verb: 'land', text: land });
      expect(JSON.parse(body)).toMatchObject({ feasible: true });
    }
  });

  test('that are wrong are refused by field, or by their text', async () => {
    const { pool } = poolWith();
    const wrong = await pool.ask(analyse({ parts, foo: 1 }));
    expect([wrong.status, errorOf(wrong).field]).toEqual([400, 'foo']);
    const broken = await pool.ask({ verb: 'analyse', text: '{' });
    expect([broken.status, errorOf(broken).field]).toEqual([400, '']);
  });

  test('that take too long are ended in a sentence, the thread with them', async () => {
    jest.useFakeTimers();
    const { pool, started } = poolWith({ answers: false });
    const asked = pool.ask(analyse());
    await jest.advanceTimersByTimeAsync(1001);
    const answer = await asked;
    expect([answer.status, errorOf(answer).message]).toEqual([
      503,
      'This took over 1 s and was stopped. Ask for less at once.',
    ]);
    expect(started[0]?.ended).toBe(true);
    void pool.ask(analyse());
    expect(started.length).toBe(2);
  });

  test('wait for a thread, and past a limit are asked to come again', async () => {
    const { pool, started } = poolWith({ answers: false });
    const asked = Array.from({ length: 6 }, () => pool.ask(analyse()));
    expect(started.length).toBe(2);
    const turnedAway = await asked[5];
    expect(turnedAway && errorOf(turnedAway).message).toContain('Ask again');
    started[0]?.emit('message', { status: 200, body: '1' });
    expect(await asked[0]).toEqual({ status: 200, body: '1' });
    // the third has the first one's thread now
    expect(started[0]?.asked.length).toBe(2);
  });

  test('whose thread dies are told so', async () => {
    const { pool, started } = poolWith({ answers: false });
    const asked = pool.ask(analyse());
    started[0]?.emit('error');
    expect(errorOf(await asked).message).toContain('more memory');
  });
});

describe('a body', () => {
  const request = (body: string, headers: Record<string, string> = {}) =>
    new Request('http://localhost/api/analyse', { method: 'POST', body, headers });

  test('is read up to its limit and no further, whether it says how long it is or not', async () => {
    expect(await limitedText(request('{}'), 10)).toBe('{}');
    expect(await limitedText(request('x'.repeat(11)), 10)).toBeNull();
    expect(await limitedText(request('{}', { 'content-length': '2000000' }), 10)).toBeNull();
    expect(await limitedText(request('é'.repeat(6)), 10)).toBeNull();
  });
});
