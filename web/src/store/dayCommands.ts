import { put } from '@cobbet/core/book/change';
import type { Plan } from '@cobbet/core/book/plan';
import { hurriedDip } from '@cobbet/core/plan/hurriedDip';
import type { Hurry } from '@cobbet/core/plan/dayNeeds';
import { settingsOf } from '@cobbet/core/book/book';
import type { Larder } from '@cobbet/core/larder/larder';
import { useBook } from './bookStore';

/** Makes the dips of a day in a way that saves their long soaks, as one step. */
export function hurryDay(plan: Plan, hurry: Hurry, larder: Larder): Promise<boolean> {
  const label = hurry === 'cans' ? 'Cans, not dried' : 'Soak hot';
  return useBook.getState().act(label, (book) =>
    plan.dips.flatMap(({ dipId }) => {
      const dip = book.dips.get(dipId);
      const changed = dip && hurriedDip(dip, hurry, larder, settingsOf(book).measures);
      return changed && changed !== dip ? [put('dips', changed)] : [];
    }),
  );
}
