import { heatOf, type WorkedPart } from '../dip/warmMethod';
import { defaultKit, kitMachine } from '../kitchen/kit';
import type { Larder } from '../larder/larder';
import type { BowlHeat } from '../mix/bowlHeat';
import { usualBlendC } from '../mix/method';
import { type Run } from './run';
import { entriesOf, rowIn, type RunEntry } from './runEvents';
import { trialParts } from './trialParts';

/** The last time the bowl was brought to a temperature, and what was in it then. */
interface Heated {
  atC: number;
  entries: ReadonlySet<string>;
}

function lastHeated({ events }: Run): Heated | null {
  const index = events.findLastIndex(({ kind }) => kind === 'heated');
  const event = events[index];
  if (event?.kind !== 'heated') return null;
  const entries = new Set(
    events
      .slice(0, index)
      .flatMap((one) => (one.kind === 'in' || one.kind === 'added' ? [one.entry] : [])),
  );
  return entries.size > 0 ? { atC: event.atC, entries } : null;
}

/** What was in when the bowl was heated is as warm as it was made, and the machine's work on it is done. */
const asHeated = { how: 'stir', minutes: null, lookFor: '' } as const;

/** Additions of a run as parts with how they are worked in, as they went in or else as planned. */
function partsOf(
  entries: readonly RunEntry[],
  larder: Larder,
  heated: Heated | null,
): WorkedPart[] {
  return entries.flatMap((entry) => {
    const { worked } = entry;
    const parts = trialParts([rowIn(entry) ?? entry.planned], larder);
    if (heated?.entries.has(entry.rowId)) {
      return parts.map((part) => ({ ...part, atC: heated.atC, worked: asHeated }));
    }
    return worked ? parts.map((part) => ({ ...part, worked })) : parts;
  });
}

/** How warm these additions of a run make its bowl. */
function heatWith(run: Run, entries: readonly RunEntry[], larder: Larder): BowlHeat | null {
  const heated = lastHeated(run);
  const parts = partsOf(entries, larder, heated);
  // an own machine runs and warms like the usual one
  const machine = kitMachine(defaultKit, run.machineId);
  if (!heated) return heatOf(run.method, parts, machine);
  // what the dip says of the whole run does not tell how much of it is still to come
  const { minutes: _whole, ...method } = run.method;
  return heatOf(method, parts, machine, heated.atC);
}

/**
 * How warm a run's bowl is by the heat balance, with what is in so far; null while it is empty. Where the cook has said that
 * it was brought to a temperature, from there on.
 *
 * @param withNext once the step in hand is in as planned
 */
export function runHeat(run: Run, larder: Larder, withNext: boolean): BowlHeat | null {
  const there = entriesOf(run).filter(
    (entry, i) => rowIn(entry) ?? (withNext && i === run.step && !entry.skipped),
  );
  return heatWith(run, there, larder);
}

/** A run as it is kept: with how warm its bowl got, as it was worked out then; what the cook said of it comes first. */
export function settledRun(run: Run, larder: Larder): Run {
  const said = lastHeated(run) ? undefined : run.method.blendC;
  const whole = entriesOf(run).filter(
    (entry, i) => rowIn(entry) ?? (!entry.skipped && i >= run.step),
  );
  const blendC = said ?? heatWith(run, whole, larder)?.atC ?? run.method.blendC ?? usualBlendC;
  return { ...run, method: { ...run.method, blendC } };
}
