import { answerText, bookText, convertText } from '@cobbet/core/api/answerRequest';
import { parentPort, workerData } from 'node:worker_threads';
import type { Asked } from './answerInThread';

const { verb, text } = workerData as { verb: Asked; text: string };

function answer() {
  if (verb === 'convert') return convertText(text);
  return verb === 'book' ? bookText(text) : answerText(verb, text);
}

parentPort?.postMessage(await answer());
