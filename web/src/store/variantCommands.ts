import { followed, settledWith } from '@cobbet/core/book/baseChanges';
import type { Book } from '@cobbet/core/book/book';
import { type Change, put, remove } from '@cobbet/core/book/change';
import { descendantsOf, descendingFrom, type Heirs, variantsOf } from '@cobbet/core/book/variants';
import type { Dip } from '@cobbet/core/dip/dip';
import { useBook } from './bookStore';

/** What of a base's changes a variant takes over, and what stays as it has it; by the keys of the changes. */
export interface Settled {
  dipId: string;
  taken: readonly string[];
  left: readonly string[];
}

/** Settles changes of a base for its variants, all in one step of undo. */
export function settleBase(label: string, all: readonly Settled[]): Promise<boolean> {
  return useBook.getState().act(label, ({ dips }) =>
    all.flatMap(({ dipId, taken, left }) => {
      const dip = dips.get(dipId);
      const base = dips.get(dip?.parentId ?? '');
      return dip && base ? [put('dips', settledWith(dip, base, taken, left))] : [];
    }),
  );
}

/** Has a variant follow its base from now on, what nothing was made of at once; or no longer. */
export function followBase(dip: Dip, on: boolean): Promise<boolean> {
  const label = on ? `${dip.name} follows its base` : `${dip.name} goes its own way`;
  return useBook.getState().act(label, ({ dips }) => {
    const now = dips.get(dip.id);
    const base = dips.get(now?.parentId ?? '');
    if (!now || !base) return [];
    const { follows: _follows, ...rest } = now;
    if (!on) return [put('dips', rest)];
    return [put('dips', { ...followed(now, base), follows: true })];
  });
}

/** Makes a dip a variant of another, or a base of its own where there is none. */
export function descend(dip: Dip, base: Dip | null): Promise<boolean> {
  const label = base ? `${dip.name} from ${base.name}` : `${dip.name}, a base of its own`;
  return useBook.getState().act(label, ({ dips }) => {
    const now = dips.get(dip.id);
    return now ? [put('dips', descendingFrom(now, base))] : [];
  });
}

function withoutDip(book: Book, { id }: Dip): Change[] {
  return [
    ...[...book.trials.values()]
      .filter((trial) => trial.dipId === id)
      .map((trial) => remove('trials', trial.id)),
    ...[...book.runs.values()]
      .filter((run) => run.dipId === id)
      .map((run) => remove('runs', run.id)),
    remove('dips', id),
  ];
}

/**
 * Takes a dip with its trials and runs out.
 *
 * @param heirs what becomes of its variants: they move up to what it came from, become bases of their own, or go with it
 */
export function deleteDip(dip: Dip, heirs: Heirs = 'up'): Promise<boolean> {
  return useBook.getState().act(
    `Delete ${dip.name}`,
    (book) => {
      const gone = heirs === 'with it' ? [dip, ...descendantsOf(book, dip.id)] : [dip];
      const ids = new Set(gone.map(({ id }) => id));
      const base = heirs === 'up' ? (book.dips.get(dip.parentId ?? '') ?? null) : null;
      return [
        ...variantsOf(book, dip.id)
          .filter(({ id }) => !ids.has(id))
          .map((one) => put('dips', descendingFrom(one, base))),
        ...[...book.plans.values()]
          .filter((plan) => plan.dips.some(({ dipId }) => ids.has(dipId)))
          .map((plan) =>
            put('plans', { ...plan, dips: plan.dips.filter(({ dipId }) => !ids.has(dipId)) }),
          ),
        ...gone.flatMap((one) => withoutDip(book, one)),
      ];
    },
    { whole: true },
  );
}
