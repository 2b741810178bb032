import type { Book } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { put, remove } from '@cobbet/core/book/change';
import { swapsOfTrial } from '@cobbet/core/book/keptSwap';
import { photosOfTrial } from '@cobbet/core/book/photo';
import type { Run } from '@cobbet/core/book/run';
import { expectedOf } from '@cobbet/core/book/runBowl';
import { settledRun } from '@cobbet/core/book/runHeat';
import { type SplitPart, splitRun } from '@cobbet/core/book/splitRun';
import { nextTrialNumber } from '@cobbet/core/book/trial';
import { tastingsOfTrial } from '@cobbet/core/taste/tastingEdits';
import { useBook } from './bookStore';
import { newId } from './newId';

/**
 * Keeps what is in the bowl as a trial and goes on with each part of it, as one step of undo.
 *
 * @returns the runs' ids in the order of the parts
 */
export async function divideRun(run: Run, parts: readonly SplitPart[]): Promise<string[]> {
  const ids = { trial: newId(), runs: parts.map(newId) };
  const at = new Date().toISOString();
  const divide = (book: Book) => {
    const found = book.runs.get(run.id);
    if (!found) return [];
    const kitchen = bookKitchen(book);
    const there = settledRun(found, kitchen.larder);
    const number = nextTrialNumber(book.trials.values(), run.dipId);
    const dip = book.dips.get(run.dipId);
    const expected = dip && expectedOf(there, dip, kitchen);
    const { base, runs } = splitRun(there, parts, ids, number, at, expected);
    return [
      put('trials', base),
      remove('runs', run.id),
      ...swapsOfTrial(book.swaps.values(), run.id, base.id).map((swap) => put('swaps', swap)),
      ...tastingsOfTrial(book.tastings.values(), run.id, base.id).map((one) =>
        put('tastings', one),
      ),
      ...photosOfTrial(book.photos.values(), run.id, base.id).map((one) => put('photos', one)),
      ...runs.map((one) => put('runs', one)),
    ];
  };
  await useBook.getState().act(`Divide into ${parts.length}`, divide, { whole: true });
  return ids.runs;
}
