import type { Book } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { put, remove } from '@cobbet/core/book/change';
import { dipFromTrial } from '@cobbet/core/book/dipFromTrial';
import { swapsOfTrial } from '@cobbet/core/book/keptSwap';
import { finishRun } from '@cobbet/core/book/run';
import { photosOfTrial } from '@cobbet/core/book/photo';
import { expectedOf } from '@cobbet/core/book/runBowl';
import { settledRun } from '@cobbet/core/book/runHeat';
import { nextTrialNumber, type Trial } from '@cobbet/core/book/trial';
import { takeMade, withinItsDay } from '@cobbet/core/book/takeMade';
import { designsOfTrial } from '@cobbet/core/design/mixtureDesign';
import { tastingsOfTrial } from '@cobbet/core/taste/tastingEdits';
import { useBook } from './bookStore';
import { newId } from './newId';
import { today } from './today';

const now = () => new Date().toISOString();

/** Turns a run into a trial; the dip takes up what to change next. */
export async function completeRun(runId: string): Promise<string> {
  const id = newId();
  const finish = (book: Book) => {
    const run = book.runs.get(runId);
    if (!run) return [];
    const kitchen = bookKitchen(book);
    const dip = book.dips.get(run.dipId);
    const settled = settledRun(run, kitchen.larder);
    const number = nextTrialNumber(book.trials.values(), run.dipId);
    const expected = dip && expectedOf(settled, dip, kitchen);
    const trial = finishRun(settled, id, number, now(), expected);
    const next = run.changeNext.trim();
    const mayGo = withinItsDay(book.batches.values(), kitchen, Date.now(), today());
    const taken = takeMade(book.batches.values(), trial.rows, today(), id, mayGo);
    return [
      put('trials', trial),
      ...taken.map((batch) => put('batches', batch)),
      remove('runs', runId),
      ...swapsOfTrial(book.swaps.values(), runId, id).map((swap) => put('swaps', swap)),
      ...tastingsOfTrial(book.tastings.values(), runId, id).map((one) => put('tastings', one)),
      ...photosOfTrial(book.photos.values(), runId, id).map((one) => put('photos', one)),
      ...designsOfTrial(book.designs.values(), runId, id).map((one) => put('designs', one)),
      ...(dip && next !== '' ? [put('dips', { ...dip, nextThing: next })] : []),
    ];
  };
  // a trial is numbered after all the others
  await useBook.getState().act('Finish making', finish, { whole: true });
  return id;
}

/** Starts a variant from a trial as it was made. */
export async function addDipFromTrial(trial: Trial, name: string): Promise<string | null> {
  const id = newId();
  let found = false;
  await useBook.getState().act(`Start from trial ${trial.number}`, (book) => {
    const dip = book.dips.get(trial.dipId);
    if (!dip) return [];
    found = true;
    const rowIds = trial.rows.map(() => newId());
    const kitchen = bookKitchen(book);
    return [put('dips', dipFromTrial(dip, trial, id, name, rowIds, now(), kitchen))];
  });
  return found ? id : null;
}
