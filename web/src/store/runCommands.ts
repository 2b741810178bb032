import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { put, remove } from '@cobbet/core/book/change';
import { type Run, startRun } from '@cobbet/core/book/run';
import { trialRowOf } from '@cobbet/core/book/trialParts';
import type { TrialRow } from '@cobbet/core/book/trialRow';
import type { Dip } from '@cobbet/core/dip/dip';
import { readRow } from '@cobbet/core/dip/readRow';
import { workedMethod } from '@cobbet/core/dip/workedMethod';
import { useBook } from './bookStore';
import { newId } from './newId';

/** Starts making a dip; rows whose amounts can't be read are left out and must be mended first. */
export async function beginRun(dip: Dip): Promise<string> {
  const id = newId();
  await useBook.getState().act(`Start making ${dip.name}`, (book) => {
    const kitchen = bookKitchen(book);
    const readable = dip.rows.flatMap((row): { row: Dip['rows'][number]; read: TrialRow }[] => {
      const read = trialRowOf(readRow(row, kitchen));
      return read ? [{ row, read }] : [];
    });
    const rows = readable.map(({ row }) => row);
    const planned = readable.map(({ read }) => read);
    const method = workedMethod(dip.method, rows, kitchen.larder);
    return [put('runs', startRun(id, { ...dip, rows, method }, planned, new Date().toISOString()))];
  });
  return id;
}

/** Changes a run that is still there. */
export function editRun(
  runId: string,
  label: string,
  edit: (run: Run) => Run,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const run = book.runs.get(runId);
      return run ? [put('runs', edit(run))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Throws a run away, with what was swapped in it: it never became anything. */
export function dropRun(runId: string): Promise<boolean> {
  return useBook
    .getState()
    .act('Stop making', (book) => [
      remove('runs', runId),
      ...[...book.swaps.values()]
        .filter((swap) => swap.runId === runId)
        .map(({ id }) => remove('swaps', id)),
    ]);
}
