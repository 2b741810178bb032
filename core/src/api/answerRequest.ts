import { adviseRequest, loadsRequest, stageRequest } from './bowlRequests';
import { analyseRequest, convert, landRequest } from './headless';
import { linesRequest } from './linesRequest';
import { planRequest } from './planRequest';
import { coolRequest, prepareRequest, soakRequest } from './prepRequests';
import { readingRequest } from './readingRequest';
import { bookRequest } from './bookRequests';
import { batchRequest } from './batchRequest';
import { keepRequest } from './keepRequest';
import { freeRequest } from './freeRequest';
import { designRequest } from './designRequest';
import { nextRequest } from './nextRequest';
import { tastePlanRequest, tasteRequest } from './tasteRequest';
import { swapRequest } from './swapRequest';
import type { LinearSolver } from '../landing/linearProgram';
import { type AnswerText, refusedText, type Verb } from './answered';
import { BadInput } from '../book/fieldError';
import { parseJson } from '../book/parseJson';

let kept: Promise<LinearSolver> | null = null;

/** The solver is large, only two verbs need it, and one of it serves them all. */
function solver(): Promise<LinearSolver> {
  kept ??= import('../landing/highsSolver').then(({ highsSolver }) => highsSolver());
  return kept;
}

/**
 * Answers one request.
 *
 * @param value the parsed JSON (docs/format.md)
 * @throws BadInput naming the field that is wrong
 */
export async function answerRequest(verb: Verb, value: unknown): Promise<unknown> {
  switch (verb) {
    case 'analyse':
      return analyseRequest(value);
    case 'land':
      return landRequest(value, await solver());
    case 'reading':
      return readingRequest(value);
    case 'prepare':
      return prepareRequest(value);
    case 'soak':
      return soakRequest(value);
    case 'cool':
      return coolRequest(value);
    case 'plan':
      return planRequest(value, Date.now);
    case 'advise':
      return adviseRequest(value, await solver());
    case 'stage':
      return stageRequest(value);
    case 'loads':
      return loadsRequest(value);
    case 'lines':
      return linesRequest(value);
    case 'swap':
      return swapRequest(value);
    case 'free':
      return freeRequest(value);
    case 'batch':
      return batchRequest(value);
    case 'keep':
      return keepRequest(value);
    case 'taste':
      return tasteRequest(value);
    case 'taste-plan':
      return tastePlanRequest(value);
    case 'design':
      return designRequest(value, await solver());
    case 'next':
      return nextRequest(value);
  }
}

async function answered(work: () => unknown): Promise<AnswerText> {
  try {
    return { status: 200, body: JSON.stringify(await work()) };
  } catch (error) {
    if (error instanceof BadInput) return refusedText(400, error.field, error.message);
    // a solver that fell into a trap is of no more use
    kept = null;
    return refusedText(503, '', 'Something went wrong inside Cobbet with this input.');
  }
}

/**
 * Answers one request given and answered as text; whatever happens, there is a sentence.
 *
 * @param text JSON
 */
export function answerText(verb: Verb, text: string): Promise<AnswerText> {
  return answered(() => answerRequest(verb, parseJson(text)));
}

/**
 * Answers what is asked of a book file; whatever happens, there is a sentence.
 *
 * @param text JSON with the verb, the file's text, and what is asked
 */
export function bookText(text: string): Promise<AnswerText> {
  return answered(() => bookRequest(JSON.parse(text)));
}

/**
 * Converts an amount, given and answered as text.
 *
 * @param text JSON with `amount`, `ingredient` and `measures`
 */
export function convertText(text: string): Promise<AnswerText> {
  const { amount, ingredient, measures } = JSON.parse(text) as Record<string, string>;
  return answered(() => convert(amount ?? '', ingredient ?? '', measures ?? ''));
}
