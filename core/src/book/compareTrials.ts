import { dipMass } from '../mix/part';
import type { Trial } from './trial';
import type { TrialRow } from './trialRow';

/** Rows keyed so that the same ingredient added twice is two rows. */
export function keyedRows(rows: readonly TrialRow[]): Map<string, TrialRow> {
  const times = new Map<string, number>();
  return new Map(
    rows.map((row) => {
      const count = (times.get(row.ingredientId) ?? 0) + 1;
      times.set(row.ingredientId, count);
      return [`${row.ingredientId} ${count}`, row];
    }),
  );
}

/** One addition across trials; null where a trial did without. */
export interface ComparedRow {
  key: string;
  ingredientId: string;
  cells: ({ amount: string; massG: number; gPer100g: number } | null)[];
}

/** What trials have in common and what not. */
export interface Compared {
  differing: ComparedRow[];
  same: ComparedRow[];
}

/** Shares of a dip closer than this, relative to the greater, count as the same. */
const sameWithin = 0.03;

/**
 * Sets trials side by side: which additions differ and which are the same, by their share of the dip, so that two
 * sizes of one dip do not differ in everything.
 *
 * @param trials of one dip or of several
 * @returns additions in the order of the first trial, those it did without after them
 */
export function compareTrials(trials: readonly Trial[]): Compared {
  const keyed = trials.map(({ rows }) => keyedRows(rows));
  const masses = trials.map(({ rows }) => dipMass(rows));
  const keys = new Set(keyed.flatMap((rows) => [...rows.keys()]));
  const compared: Compared = { differing: [], same: [] };
  for (const key of keys) {
    const cells = keyed.map((rows, i) => {
      const row = rows.get(key);
      const massG = masses[i] ?? 0;
      return row
        ? {
            amount: row.amount,
            massG: row.massG,
            gPer100g: massG > 0 ? (100 * row.massG) / massG : 0,
          }
        : null;
    });
    const shares = cells.map((cell) => cell?.gPer100g ?? 0);
    const most = Math.max(...shares);
    const differs =
      cells.some((cell) => cell === null) ||
      // the same words measured twice spread a little; the same amount is the same
      (new Set(cells.map((cell) => cell?.amount)).size > 1 &&
        most - Math.min(...shares) > sameWithin * most);
    const ingredientId = key.slice(0, key.lastIndexOf(' '));
    (differs ? compared.differing : compared.same).push({ key, ingredientId, cells });
  }
  return compared;
}
