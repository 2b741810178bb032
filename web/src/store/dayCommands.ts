import { put } from '@cobbet/core/book/change';
import type { Plan } from '@cobbet/core/day/plan';
import { hurriedDip } from '@cobbet/core/day/hurriedDip';
import type { Hurry } from '@cobbet/core/day/dayNeeds';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { useBook } from './bookStore';

/** Makes the dips of a day in a way that saves their long soaks, as one step. */
export function hurryDay(plan: Plan, hurry: Hurry): Promise<boolean> {
  const label = hurry === 'cans' ? 'Cans, not dried' : 'Soak hot';
  return useBook.getState().act(label, (book) =>
    plan.dips.flatMap(({ dipId }) => {
      const dip = book.dips.get(dipId);
      const changed = dip && hurriedDip(dip, hurry, bookKitchen(book));
      return changed && changed !== dip ? [put('dips', changed)] : [];
    }),
  );
}
