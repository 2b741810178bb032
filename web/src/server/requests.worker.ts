import type { Verb } from '@cobbet/core/api/answered';
import { answerText } from '@cobbet/core/api/answerRequest';
import { parentPort } from 'node:worker_threads';

/** What a worker is asked; it is asked one thing at a time. */
export interface Asked {
  verb: Verb;
  text: string;
}

parentPort?.on('message', ({ verb, text }: Asked) => {
  void answerText(verb, text).then((answer) => parentPort?.postMessage(answer));
});
