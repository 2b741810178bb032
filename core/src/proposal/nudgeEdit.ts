import { addAmountTexts } from '../amounts/addAmounts';
import { type Dip, plainRow } from '../dip/dip';
import type { Nudge } from '../dip/nudges';
import type { Edit } from './edit';

/**
 * The edit one spoon or piece more of a thing is: on its last row in the bowl, or as a new row at the end.
 *
 * @param rowId of the new row, if it takes one
 */
export function nudgeEdit(
  { rows }: Pick<Dip, 'rows'>,
  { ingredient, amount }: Pick<Nudge, 'ingredient' | 'amount'>,
  rowId: string,
): Edit {
  const row = rows.findLast((one) => one.ingredientId === ingredient && one.place !== 'top');
  // an amount that can't be read can't be added to; the spoon goes in all the same
  return row && addAmountTexts(row.amount, amount).ok
    ? { kind: 'more', rowId: row.id, amount }
    : { kind: 'add', row: plainRow(rowId, ingredient, amount), before: null };
}
