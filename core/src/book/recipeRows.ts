import { addAmountTexts } from '../amounts/addAmounts';
import { printGrams } from '../amounts/printAmount';
import { sameValue } from './mergeRecords';
import { entriesOf, rowIn } from './runEvents';
import type { Trial } from './trial';
import type { TrialRow } from './trialRow';

/** What went into a trial of one thing at one place, summed, as a recipe writes it. */
export interface RecipeRow {
  /** The dip's row it was planned as; null for what nobody planned. */
  rowId: string | null;
  row: TrialRow;
  /** In how many goes it went in. */
  times: number;
}

/** One addition as it went in, with the planned row it belongs to. */
interface Went {
  /** The planned row it is, or is the rest of. */
  of: string | null;
  row: TrialRow;
}

function wentIn({ made, rows }: Trial): Went[] {
  if (!made) return rows.map((row) => ({ of: null, row }));
  const planned = new Set(made.plan.map(({ rowId }) => rowId));
  const entries = entriesOf(made);
  const rests = new Map(entries.flatMap((one) => (one.restOf ? [[one.rowId, one.restOf]] : [])));
  const root = (id: string): string => {
    const of = rests.get(id);
    return of === undefined ? id : root(of);
  };
  return entries.flatMap((entry) => {
    const row = rowIn(entry);
    if (!row) return [];
    const of = root(entry.rowId);
    return [{ of: planned.has(of) ? of : null, row }];
  });
}

/** Whether two additions are of the same thing, made ready and put in the same way. */
function sameThing(a: TrialRow, b: TrialRow): boolean {
  const way = ({ planned: _p, amount: _a, massG: _m, cv: _c, ...rest }: TrialRow) => rest;
  return sameValue(way(a), way(b));
}

function summed(into: TrialRow, more: TrialRow): TrialRow {
  const massG = into.massG + more.massG;
  const text = addAmountTexts(into.amount, more.amount);
  const spread = Math.hypot(into.cv * into.massG, more.cv * more.massG);
  return {
    ...into,
    massG,
    cv: massG > 0 ? spread / massG : 0,
    amount: text.ok ? text.value : printGrams(massG),
  };
}

/**
 * What a trial was made of as a recipe writes it: planned additions as they went in, each in its place; what was added of the
 * same thing on top of one is counted to the last before it, so that three spoons one after another are three spoons.
 */
export function recipeRows(trial: Trial): RecipeRow[] {
  const found: RecipeRow[] = [];
  for (const { of, row } of wentIn(trial)) {
    const unplanned = of === null && row.planned === null;
    const at = found.findLastIndex((one) =>
      of !== null ? one.rowId === of : unplanned && sameThing(one.row, row),
    );
    const there = found[at];
    if (there) {
      found[at] = { ...there, row: summed(there.row, row), times: there.times + 1 };
    } else {
      found.push({ rowId: of, row, times: 1 });
    }
  }
  return found;
}
