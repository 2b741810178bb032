import type { Trial, TrialRow } from '@cobbet/core/book/trial';

/** What changed in one ingredient between two trials. */
export interface RowDifference {
  ingredientId: string;
  /** Amounts as planned, null where it was not in. */
  from: string | null;
  to: string | null;
}

/** Rows keyed so that the same ingredient added twice is two rows. */
function keyed(rows: readonly TrialRow[]): Map<string, TrialRow> {
  const times = new Map<string, number>();
  return new Map(
    rows.map((row) => {
      const count = (times.get(row.ingredientId) ?? 0) + 1;
      times.set(row.ingredientId, count);
      return [`${row.ingredientId} ${count}`, row];
    }),
  );
}

/** What a later trial did otherwise than an earlier one, by the amounts as they were measured. */
export function trialDifference(earlier: Trial, later: Trial): RowDifference[] {
  const before = keyed(earlier.rows);
  const after = keyed(later.rows);
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
