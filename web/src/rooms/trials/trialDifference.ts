import { keyedRows } from '@cobbet/core/book/compareTrials';
import type { Trial } from '@cobbet/core/book/trial';

/** What changed in one ingredient between two trials. */
export interface RowDifference {
  ingredientId: string;
  /** Amounts as planned, null where it was not in. */
  from: string | null;
  to: string | null;
}

/** What a later trial did otherwise than an earlier one, by the amounts as they were measured. */
export function trialDifference(earlier: Trial, later: Trial): RowDifference[] {
  const before = keyedRows(earlier.rows);
  const after = keyedRows(later.rows);
  const found: RowDifference[] = [];
  for (const key of new Set([...before.keys(), ...after.keys()])) {
    const from = before.get(key);
    const to = after.get(key);
    if (from?.amount === to?.amount) continue;
    const ingredientId = (to ?? from)?.ingredientId ?? '';
    found.push({ ingredientId, from: from?.amount ?? null, to: to?.amount ?? null });
  }
  return found;
}
