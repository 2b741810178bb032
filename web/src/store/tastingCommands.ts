import type { Run } from '@cobbet/core/book/run';
import { put, remove } from '@cobbet/core/book/change';
import { newTasting, type PlannedTasting } from '@cobbet/core/taste/newTasting';
import { type JarName, markOf, type Tasting } from '@cobbet/core/taste/tasting';
import { withMark } from '@cobbet/core/taste/tastingEdits';
import { useBook } from './bookStore';
import { newId } from './newId';

/** Plans a tasting and keeps it. */
export async function addTasting(
  planned: Omit<PlannedTasting, 'id' | 'createdAt' | 'seed'>,
): Promise<string> {
  const id = newId();
  const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
  const tasting = newTasting({ ...planned, id, seed, createdAt: new Date().toISOString() });
  await useBook
    .getState()
    .act(`Plan a tasting: ${planned.name}`.slice(0, 120), () => [put('tastings', tasting)]);
  return id;
}

/**
 * Changes a tasting that is still there.
 *
 * @param mergeKey changes with the same one, one after another, are one step of undo
 */
export function editTasting(
  id: string,
  label: string,
  edit: (tasting: Tasting) => Tasting,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const tasting = book.tastings.get(id);
      const next = tasting && edit(tasting);
      return next && next !== tasting ? [put('tastings', next)] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Closes a tasting, so that what is what is seen; open again where it was closed. */
export function closeTasting(id: string, closed: boolean): Promise<boolean> {
  return editTasting(id, closed ? 'Close the tasting' : 'Open the tasting again', (tasting) => ({
    ...tasting,
    closedAt: closed ? new Date().toISOString() : null,
  }));
}

/** Throws a tasting away; undo brings it back. */
export function dropTasting(id: string): Promise<boolean> {
  return useBook.getState().act('Delete the tasting', () => [remove('tastings', id)]);
}

/** The tasting of those who stand around an open bowl. */
export const tableId = (runId: string): string => `table-${runId}`;

/** How many may be asked at a bowl. */
const atBowl = ['First', 'Second', 'Third', 'Fourth'];

/** Those around an open bowl are asked, each in a few taps: nothing is blind, and no order matters. */
export function askAtBowl(run: Pick<Run, 'id'>, dipName: string): Promise<boolean> {
  const tasting = newTasting({
    ...{ id: tableId(run.id), name: `At the bowl: ${dipName}`.slice(0, 200), kind: 'each' },
    asks: { liking: false, jar: ['body', 'salt', 'sour', 'garlic'], words: [], note: false },
    samples: [{ id: 'bowl', of: { kind: 'run', id: run.id }, name: dipName }],
    ...{ blind: false, eatenWith: '', atC: null, tasters: atBowl, twice: null, seed: 1 },
    createdAt: new Date().toISOString(),
  });
  return useBook.getState().act('Ask the table', () => [put('tastings', tasting)]);
}

/** What one of those around a bowl says of one thing; null takes it back. */
export function markAtBowl(
  id: string,
  seatId: string,
  code: string,
  name: JarName,
  mark: number | null,
): Promise<boolean> {
  return editTasting(id, 'The table says', (tasting) => {
    const { [name]: _was, ...others } = markOf(tasting, seatId, code).jar ?? {};
    const jar = mark === null ? others : { ...others, [name]: mark };
    return withMark(tasting, seatId, code, {
      jar: Object.keys(jar).length > 0 ? jar : undefined,
    });
  });
}
