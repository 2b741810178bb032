import type { Targets } from '../mix/targets';
import type { Dip, WorkedIn } from '../dip/dip';
import type { Taste, Verdict } from '../readings/tastes';
import type { Outcome, Trial, TrialRow } from './trial';

/** What is to go in, as it stood when the run began. */
export interface PlannedEntry {
  rowId: string;
  planned: TrialRow;
  prep: string;
  /** How it is worked in, where the dip says so. */
  worked?: WorkedIn;
}

/** What went in. */
export interface WentIn {
  /** As it was said. */
  amount: string;
  massG: number;
  cv: number;
  /** ISO 8601 */
  at: string;
}

/**
 * Something that happened at the bowl, of the addition it names. Not by the field rows are told apart by: what two tabs say of
 * one addition is two events, never one merged of both.
 */
export type RunEvent =
  /** An addition went in; said again, the later word counts. */
  | ({ kind: 'in'; entry: string } & WentIn)
  /** An addition was left out; `at` is null in books that did not keep it. */
  | { kind: 'left out'; entry: string; at: string | null }
  /** Something nobody planned went in, before what was then still to come; `before` is null at the end. */
  | { kind: 'added'; entry: string; row: TrialRow; before: string | null; at: string };

/** One addition with what became of it; `done` is null until it is in. */
export interface RunEntry extends PlannedEntry {
  done: WentIn | null;
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
  plan: PlannedEntry[];
  /** In the order they were said; what is in the bowl follows from them. */
  events: RunEvent[];
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

/** Everything planned or added, in the order of the bowl, with what became of it. */
export function entriesOf({ plan, events }: Pick<Run, 'plan' | 'events'>): RunEntry[] {
  const order = [...plan];
  const last = new Map<string, RunEvent>();
  for (const event of events) {
    last.set(event.entry, event);
    if (event.kind !== 'added') continue;
    const at = order.findIndex(({ rowId }) => rowId === event.before);
    const entry = { rowId: event.entry, planned: event.row, prep: '' };
    order.splice(at < 0 ? order.length : at, 0, entry);
  }
  return order.map((entry) => {
    const event = last.get(entry.rowId);
    return { ...entry, done: event ? wentIn(event) : null, skipped: event?.kind === 'left out' };
  });
}

function wentIn(event: RunEvent): WentIn | null {
  if (event.kind === 'left out') return null;
  const { amount, massG, cv } = event.kind === 'in' ? event : event.row;
  return { amount, massG, cv, at: event.at };
}

/** An addition as it went in; null for one that is not in. */
export function rowIn({ planned, done }: RunEntry): TrialRow | null {
  return done && { ...planned, amount: done.amount, massG: done.massG, cv: done.cv };
}

/** What has gone in so far, in order. */
export function loggedRows(run: Run): TrialRow[] {
  return entriesOf(run).flatMap((entry) => rowIn(entry) ?? []);
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

/** A run with one taste marked of the bowl as it is, or the mark taken away. */
export function withMark(run: Run, taste: Taste, verdict: Verdict | null): Run {
  const { [taste]: _old, ...tastes } = run.tastes;
  const { [taste]: _then, ...tastedAfter } = run.tastedAfter ?? {};
  if (verdict === null) return { ...run, tastes, tastedAfter };
  return {
    ...run,
    tastes: { ...tastes, [taste]: verdict },
    tastedAfter: { ...tastedAfter, [taste]: loggedRows(run).length },
  };
}
