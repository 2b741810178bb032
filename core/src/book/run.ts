import type { Targets } from '../mix/targets';
import type { Dip } from '../dip/dip';
import type { Taste, Verdict } from '../readings/tastes';
import { type Course, loggedRows } from './runEvents';
import type { Expected, Outcome, Trial } from './trial';
import type { TrialRow } from './trialRow';

/** A dip being made now; survives anything, since every tap is saved. */
export interface Run extends Outcome, Course {
  id: string;
  dipId: string;
  /** ISO 8601 */
  startedAt: string;
  /** Index of the entry in hand; the number of entries when checking. */
  step: number;
  /** What is within reach while it is made, by larder id; everything that is in the dip when left out. */
  atHand?: string[];
  /** What this bowl is to be, where that is not what the dip is to be. */
  targets?: Targets;
  /** How many additions were in when a taste was marked. */
  tastedAfter?: Partial<Record<Taste, number>>;
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
    plan: dip.rows.flatMap((row, i) => {
      const read = planned[i];
      if (!read) return [];
      const worked = row.worked ? { worked: row.worked } : {};
      return [{ rowId: row.id, planned: read, prep: row.prep, ...worked }];
    }),
    events: [],
    method: dip.method,
    machineId: dip.machineId,
    readings: [],
    tastes: {},
    yieldG: null,
    notes: '',
    changeNext: '',
  };
}

/**
 * The trial a finished run becomes; additions left out are not in its rows, and stand in what it keeps of the run.
 *
 * @param number the trial's number in its dip
 * @param at ISO 8601
 * @param expected what was said of it then
 */
export function finishRun(
  run: Run,
  id: string,
  number: number,
  at: string,
  expected?: Expected,
): Trial {
  const { dipId, method, machineId, readings, tastes, yieldG, notes, changeNext } = run;
  const { gates, base, madeBy, plan, events } = run;
  const weighed =
    yieldG === null || base !== undefined ? [] : [{ kind: 'weighed' as const, massG: yieldG, at }];
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
    made: { plan, events: [...events, ...weighed] },
    ...(expected ? { expected } : {}),
    ...(gates ? { gates } : {}),
    ...(madeBy ? { madeBy } : {}),
    ...(base ? { base } : {}),
  };
}

/** A run, or a trial, with whose hands it was; nothing said takes it away. */
export function withMaker<T extends Pick<Trial, 'madeBy'>>(outcome: T, name: string): T {
  const { madeBy: _before, ...rest } = outcome;
  const said = name.trim();
  return (said === '' ? rest : { ...rest, madeBy: said }) as T;
}

/**
 * A run with one taste marked of the bowl as it is, or the mark taken away.
 *
 * @param at ISO 8601
 */
export function withMark(run: Run, taste: Taste, verdict: Verdict | null, at: string): Run {
  const { [taste]: _old, ...tastes } = run.tastes;
  const { [taste]: _then, ...tastedAfter } = run.tastedAfter ?? {};
  const after = loggedRows(run).length;
  const events = [...run.events, { kind: 'tasted' as const, taste, verdict, after, at }];
  if (verdict === null) return { ...run, events, tastes, tastedAfter };
  return {
    ...run,
    events,
    tastes: { ...tastes, [taste]: verdict },
    tastedAfter: { ...tastedAfter, [taste]: after },
  };
}
