import { measuringCv } from '../amounts/measuringCv';
import type { Addition } from '../proposal/edit';
import type { Fault } from '../readings/tastes';
import type { Run } from './run';
import {
  type BowlEvent,
  entriesOf,
  loggedRows,
  type OtherEvent,
  type Reason,
  type RunEntry,
  type WentIn,
} from './runEvents';
import type { TrialRow } from './trialRow';

/** A run with one more event; nothing where what it is about is not there. */
function withEvent(run: Run, event: BowlEvent): Run {
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
 * A run with a part of an addition logged; the rest of it stays next in line. Said again of one that is in, the later word
 * counts and nothing is kept back anew.
 *
 * @param rest what is still to come, with its own id
 */
export function withPartLogged(
  run: Run,
  rowId: string,
  went: WentIn,
  rest: { id: string; row: TrialRow },
): Run {
  const entries = entriesOf(run);
  const place = entries.findIndex((entry) => entry.rowId === rowId);
  const logged = withLogged(run, rowId, went);
  if (place < 0 || entries[place]?.done) return logged;
  const kept: BowlEvent = {
    kind: 'kept back',
    entry: rest.id,
    of: rowId,
    row: rest.row,
    before: entries[place + 1]?.rowId ?? null,
    at: went.at,
  };
  return { ...logged, events: [...logged.events, kept] };
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
 * @param instead the addition they go in for: it is left out, and they stand in its place
 */
export function withAdditions(
  run: Run,
  additions: readonly Addition[],
  ids: readonly string[],
  at: string,
  instead?: string,
): Run {
  const cv = measuringCv.spoon;
  const entries = entriesOf(run);
  const place = entries.findIndex(({ rowId }) => rowId === instead);
  const stands = place < 0 ? Math.min(run.step, nextOpen(entries)) : place;
  const replaced = place < 0 ? null : (instead ?? null);
  const added = additions.map(
    ({ ingredient: ingredientId, amount, massG, place: where }, i): BowlEvent => ({
      kind: 'added',
      entry: ids[i] ?? `${run.id}-added-${run.events.length + i}`,
      row: { ingredientId, planned: null, amount, massG, cv, place: where },
      before: entries[stands]?.rowId ?? null,
      ...(replaced === null ? {} : { instead: replaced }),
      at,
    }),
  );
  const events = [...run.events, ...added];
  if (replaced === null) return { ...run, events, step: run.step + added.length };
  return withSkipped({ ...run, events }, replaced, at);
}

/** A run with something that happened beside what went in. */
export function withHappening(run: Run, event: OtherEvent): Run {
  return { ...run, events: [...run.events, event] };
}

/** A run with why an addition is not as planned; null takes the reason back. */
export function withReason(run: Run, entry: string, why: Reason | null, at: string): Run {
  return withHappening(run, { kind: 'because', entry, why, at });
}

/** A run with a fault seen in the bowl as it is, or gone. */
export function withFault(run: Run, fault: Fault, there: boolean, at: string): Run {
  const after = loggedRows(run).length;
  return withHappening(run, { kind: 'seen', fault, there, after, at });
}
