import { type Byproduct, byproductOf } from '@cobbet/core/book/byproduct';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import type { Book } from '@cobbet/core/book/book';
import { type Change, put } from '@cobbet/core/book/change';
import { withLogged } from '@cobbet/core/book/runEdits';
import type { RunEntry, WentIn } from '@cobbet/core/book/runEvents';
import type { Leftover } from '@cobbet/core/prepare/prepare';
import { useBook } from './bookStore';
import { newId } from './newId';
import { today } from './today';

/** Keeps what is left over, with its date, for a next use. */
export function keepByproducts(leftovers: readonly Leftover[], from: string): Promise<boolean> {
  const names = leftovers.map(({ what }) => what).join(', ');
  return useBook
    .getState()
    .act(`Keep ${names}`, () =>
      leftovers.map((one) => put('byproducts', byproductOf(one, newId(), from, today()))),
    );
}

/** Days the rest of something opened is kept where the larder does not say (judgement). */
const openedDays = 3;

/** The rest of a run's addition, as the ledger knows it: kept twice, it is there once. */
export const restId = (runId: string, { rowId }: Pick<RunEntry, 'rowId'>): string =>
  // ids have at most 80 letters
  `rest-${runId}-${rowId}`.slice(0, 80);

/** What of an addition did not go into the bowl, g. */
export const restG = ({ planned }: RunEntry, went: WentIn | null): number =>
  planned.massG - (went?.massG ?? 0);

/** What did not go into a bowl, with its date, for a next use. */
function restOf(book: Book, runId: string, entry: RunEntry, went: WentIn | null): Change[] {
  const run = book.runs.get(runId);
  const ingredient = bookKitchen(book).larder.get(entry.planned.ingredientId);
  if (!run || !ingredient) return [];
  const massG = restG(entry, went);
  const rest: Leftover = {
    what: ingredient.name,
    ingredient: ingredient.id,
    low: massG,
    typical: massG,
    high: massG,
    unit: 'g',
    keepDays: ingredient.keepsDays ?? openedDays,
    nextUse: '',
  };
  const from = book.dips.get(run.dipId)?.name ?? '';
  return [put('byproducts', byproductOf(rest, restId(runId, entry), from, today()))];
}

/** Keeps what of an addition did not go into a run's bowl. */
export function keepRest(runId: string, entry: RunEntry): Promise<boolean> {
  return useBook.getState().act('Keep the rest', (book) => restOf(book, runId, entry, entry.done));
}

/** Logs a part of an addition and keeps the rest of it, as one step of undo. */
export function logKeepingRest(runId: string, entry: RunEntry, went: WentIn): Promise<boolean> {
  return useBook.getState().act(`Log ${went.amount}, keep the rest`, (book) => {
    const run = book.runs.get(runId);
    if (!run) return [];
    return [put('runs', withLogged(run, entry.rowId, went)), ...restOf(book, runId, entry, went)];
  });
}

/** Says what became of something kept. */
export function byproductGone(kept: Byproduct, how: 'used' | 'thrown'): Promise<boolean> {
  const label = how === 'used' ? `Used: ${kept.what}` : `Thrown away: ${kept.what}`;
  return useBook
    .getState()
    .act(label, () => [put('byproducts', { ...kept, gone: { how, on: today() } })]);
}
