import { measuringCv } from '../amounts/measuringCv';
import type { Addition } from '../proposal/edit';
import { entriesOf, type Run, type RunEntry, type RunEvent, type WentIn } from './run';

/** A run with one more event; nothing where what it is about is not there. */
function withEvent(run: Run, event: RunEvent): Run {
  const entries = entriesOf(run);
  const at = entries.findIndex(({ rowId }) => rowId === event.entry);
  return at < 0 ? run : { ...run, events: [...run.events, event], step: at + 1 };
}

/** The first addition that is neither in nor left out; the number of entries when there is none. */
export function nextOpen(entries: readonly RunEntry[]): number {
  const at = entries.findIndex(({ done, skipped }) => !done && !skipped);
  return at < 0 ? entries.length : at;
}

/** A run at another step, within its entries; the same run where it is there already. */
export function atStep(run: Run, step: number): Run {
  const to = Math.min(entriesOf(run).length, Math.max(0, step));
  return run.step === to ? run : { ...run, step: to };
}

/** A run with an addition logged, by the entry it was said of. */
export function withLogged(run: Run, rowId: string, { amount, massG, cv, at }: WentIn): Run {
  return withEvent(run, { kind: 'in', entry: rowId, amount, massG, cv, at });
}

/**
 * A run with an addition left out, by the entry it was said of.
 *
 * @param at ISO 8601
 */
export function withSkipped(run: Run, rowId: string, at: string): Run {
  return withEvent(run, { kind: 'left out', entry: rowId, at });
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
  const entries = entriesOf(run);
  const before = entries[Math.min(run.step, nextOpen(entries))]?.rowId ?? null;
  const added = additions.map(
    ({ ingredient: ingredientId, amount, massG, place }, i): RunEvent => ({
      kind: 'added',
      entry: ids[i] ?? `${run.id}-added-${run.events.length + i}`,
      row: { ingredientId, planned: null, amount, massG, cv, place },
      before,
      at,
    }),
  );
  return { ...run, events: [...run.events, ...added], step: run.step + added.length };
}
