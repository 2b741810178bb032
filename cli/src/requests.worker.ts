import type { Verb } from '@cobbet/core/api/answered';
import { answerText, convertText } from '@cobbet/core/api/answerRequest';
import { parentPort, workerData } from 'node:worker_threads';

const { verb, text } = workerData as { verb: Verb | 'convert'; text: string };

parentPort?.postMessage(await (verb === 'convert' ? convertText(text) : answerText(verb, text)));
