import { measuringCv } from '../amounts/measuringCv';
import type { Grams } from '../amounts/measureInGrams';
import type { Addition } from '../proposal/edit';
import type { Run, RunEntry } from './run';

/** What went in, as it is logged. */
export interface Logged extends Grams {
  /** As it was said. */
  amount: string;
  /** ISO 8601 */
  at: string;
}

function withEntry(run: Run, rowId: string, edit: (entry: RunEntry) => RunEntry): Run {
  return {
    ...run,
    entries: run.entries.map((entry) => (entry.rowId === rowId ? edit(entry) : entry)),
  };
}

/** The step after an entry; the run's own where it is no longer there. */
function stepAfter({ entries, step }: Run, rowId: string): number {
  const at = entries.findIndex((entry) => entry.rowId === rowId);
  return at < 0 ? step : at + 1;
}

/** The first addition that is neither in nor left out; the number of entries when there is none. */
export function nextOpen({ entries }: Run): number {
  const at = entries.findIndex(({ done, skipped }) => !done && !skipped);
  return at < 0 ? entries.length : at;
}

/** A run at another step, within its entries; the same run where it is there already. */
export function atStep(run: Run, step: number): Run {
  const to = Math.min(run.entries.length, Math.max(0, step));
  return run.step === to ? run : { ...run, step: to };
}

/** A run with an addition logged, by the entry it was said of. */
export function withLogged(run: Run, rowId: string, { amount, massG, cv, at }: Logged): Run {
  const done = { amount, massG, cv, at };
  const logged = withEntry(run, rowId, (entry) => ({ ...entry, done, skipped: false }));
  return { ...logged, step: stepAfter(run, rowId) };
}

/** A run with an addition left out, by the entry it was said of. */
export function withSkipped(run: Run, rowId: string): Run {
  const skipped = withEntry(run, rowId, (entry) => ({ ...entry, done: null, skipped: true }));
  return { ...skipped, step: stepAfter(run, rowId) };
}

/**
 * A run with additions nobody planned, logged before what is still to come, so that the order stays that of the bowl.
 *
 * @param ids one for each addition
 * @param at ISO 8601
 */
export function withAdditions(
  run: Run,
  additions: readonly Addition[],
  ids: readonly string[],
  at: string,
): Run {
  const cv = measuringCv.spoon;
  const entries = additions.map(
    ({ ingredient: ingredientId, amount, massG, place }, i): RunEntry => ({
      rowId: ids[i] ?? `${run.id}-added-${run.entries.length + i}`,
      planned: { ingredientId, planned: null, amount, massG, cv, place },
      prep: '',
      done: { amount, massG, cv, at },
      skipped: false,
    }),
  );
  const to = Math.min(run.step, nextOpen(run));
  return {
    ...run,
    entries: [...run.entries.slice(0, to), ...entries, ...run.entries.slice(to)],
    step: run.step + entries.length,
  };
}
