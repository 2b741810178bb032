import type { Targets } from '../mix/targets';
import type { Dip, WorkedIn } from '../dip/dip';
import type { Outcome, Trial, TrialRow } from './trial';

/** One planned addition while a dip is being made; `done` is what really went in, null until it is logged. */
export interface RunEntry {
  rowId: string;
  planned: TrialRow;
  prep: string;
  /** How it is worked in, where the dip says so. */
  worked?: WorkedIn;
  done: { amount: string; massG: number; cv: number; at: string } | null;
  skipped: boolean;
}

/** A dip being made now; survives anything, since every tap is saved. */
export interface Run extends Outcome {
  id: string;
  dipId: string;
  /** ISO 8601 */
  startedAt: string;
  /** Index of the entry in hand; the number of entries when checking. */
  step: number;
  entries: RunEntry[];
  /** What is within reach while it is made, by larder id; everything that is in the dip when left out. */
  atHand?: string[];
  /** What this bowl is to be, where that is not what the dip is to be. */
  targets?: Targets;
}

/**
 * A run of a dip with nothing logged yet.
 *
 * @param planned the dip's rows read to grams, in order
 * @param now ISO 8601
 */
export function startRun(id: string, dip: Dip, planned: readonly TrialRow[], now: string): Run {
  return {
    id,
    dipId: dip.id,
    startedAt: now,
    step: 0,
    entries: dip.rows.flatMap((row, i) => {
      const read = planned[i];
      if (!read) return [];
      const worked = row.worked ? { worked: row.worked } : {};
      return [
        { rowId: row.id, planned: read, prep: row.prep, ...worked, done: null, skipped: false },
      ];
    }),
    method: dip.method,
    machineId: dip.machineId,
    readings: [],
    tastes: {},
    yieldG: null,
    notes: '',
    changeNext: '',
  };
}

/** What has gone in so far, in order. */
export function loggedRows(run: Run): TrialRow[] {
  return run.entries.flatMap((entry) =>
    entry.done
      ? [
          {
            ...entry.planned,
            amount: entry.done.amount,
            massG: entry.done.massG,
            cv: entry.done.cv,
          },
        ]
      : [],
  );
}

/**
 * The trial a finished run becomes; additions left out are not in it.
 *
 * @param number the trial's number in its dip
 */
export function finishRun(run: Run, id: string, number: number): Trial {
  const { dipId, method, machineId, readings, tastes, yieldG, notes, changeNext } = run;
  const { gates, base } = run;
  return {
    id,
    dipId,
    number,
    madeAt: run.startedAt,
    rows: loggedRows(run),
    method,
    machineId,
    readings,
    tastes,
    yieldG,
    notes,
    changeNext,
    ...(gates ? { gates } : {}),
    ...(base ? { base } : {}),
  };
}
