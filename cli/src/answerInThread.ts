import { type AnswerText, refusedText, tooLongText, type Verb } from '@cobbet/core/api/answered';
import { Worker } from 'node:worker_threads';

/** What a thread is asked: a verb, an amount to convert, or something of a book file. */
export type Asked = Verb | 'convert' | 'book';

/** A shell waits longer than a page, but not for ever. */
const usualDeadlineMs = 120_000;

/**
 * Answers one request in a thread that can be ended: at a deadline (`COBBET_DEADLINE_MS`) there is a sentence instead.
 *
 * @param text JSON
 */
export function answerInThread(verb: Asked, text: string): Promise<AnswerText> {
  const deadlineMs = Number(process.env['COBBET_DEADLINE_MS']) || usualDeadlineMs;
  const thread = new Worker(new URL('./cobbet-worker.mjs', import.meta.url), {
    workerData: { verb, text },
    resourceLimits: { maxOldGenerationSizeMb: 1024 },
  });
  return new Promise<AnswerText>((answer) => {
    const timer = setTimeout(() => answer(tooLongText(deadlineMs)), deadlineMs);
    thread.once('message', (given: AnswerText) => answer(given));
    thread.once('error', () =>
      answer(refusedText(503, '', 'Something went wrong inside Cobbet with this input.')),
    );
    thread.once('exit', () => clearTimeout(timer));
  }).finally(() => thread.terminate());
}
