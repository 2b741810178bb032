import { heatOf, warmMethod, type WorkedPart } from '../dip/warmMethod';
import { defaultKit, kitMachine } from '../kitchen/kit';
import type { Larder } from '../larder/larder';
import type { BowlHeat } from '../mix/bowlHeat';
import { type Run } from './run';
import { entriesOf, rowIn, type RunEntry } from './runEvents';
import { trialParts } from './trialParts';

/** Additions of a run as parts with how they are worked in, as they went in or else as planned. */
function partsOf(entries: readonly RunEntry[], larder: Larder): WorkedPart[] {
  return entries.flatMap((entry) => {
    const { worked } = entry;
    const parts = trialParts([rowIn(entry) ?? entry.planned], larder);
    return worked ? parts.map((part) => ({ ...part, worked })) : parts;
  });
}

/** Everything a run's bowl will hold, with how it is worked in. */
function wholeBowl(run: Run, larder: Larder): WorkedPart[] {
  return partsOf(
    entriesOf(run).filter((entry, i) => rowIn(entry) ?? (!entry.skipped && i >= run.step)),
    larder,
  );
}

/**
 * How warm a run's bowl is by the heat balance, with what is in so far; null while it is empty.
 *
 * @param withNext once the step in hand is in as planned
 */
export function runHeat(run: Run, larder: Larder, withNext: boolean): BowlHeat | null {
  const there = entriesOf(run).filter(
    (entry, i) => rowIn(entry) ?? (withNext && i === run.step && !entry.skipped),
  );
  // an own machine runs and warms like the usual one
  return heatOf(run.method, partsOf(there, larder), kitMachine(defaultKit, run.machineId));
}

/** A run as it is kept: with how warm its bowl got, as it was worked out then. */
export function settledRun(run: Run, larder: Larder): Run {
  const parts = wholeBowl(run, larder);
  const method = warmMethod(run.method, parts, kitMachine(defaultKit, run.machineId));
  return { ...run, method };
}
