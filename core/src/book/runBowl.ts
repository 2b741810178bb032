import type { AdviseInput } from '../advise/adviseInput';
import { aimOffFrom } from '../advise/stage';
import type { Analysis } from '../dip/analyse';
import type { Dip } from '../dip/dip';
import { isSteeredBy } from '../dip/steered';
import { conditionsFor, type Kitchen, machineFor } from '../kitchen/kitchen';
import { alwaysAtHand } from '../larder/everyday';
import type { Larder } from '../larder/larder';
import { type ServedAs, servedAs } from '../mix/bodyMoments';
import type { Conditions } from '../mix/conditions';
import type { Targets } from '../mix/targets';
import { type Run } from './run';
import { entriesOf, faultsNow, loggedRows, rowIn, timesMarked } from './runEvents';
import { leadFlavour } from '../dip/leadFlavour';
import { settledRun } from './runHeat';
import { contradictions } from '../readings/contradictions';
import type { KeptReading } from '../readings/keptReading';
import type { Expected } from './trial';
import { analyseTrialRows, trialParts } from './trialParts';

/** What a run's bowl is evaluated under. */
export function runConditions(run: Run, dip: ServedAs, kitchen: Kitchen): Conditions {
  return conditionsFor({ ...settledRun(run, kitchen.larder), ...servedAs(dip) }, kitchen);
}

/** What is said of a run's bowl as it is now, as its trial keeps it. */
export function expectedOf(run: Run, dip: ServedAs, kitchen: Kitchen): Expected {
  const { warmBody, chilledBody, sd, per100g } = analyseTrialRows(
    loggedRows(run),
    kitchen.larder,
    runConditions(run, dip, kitchen),
  );
  const { saltG, acidG, garlicG } = per100g;
  return { warmBody, chilledBody, sd, saltG, acidG, garlicG };
}

/** What a run's bowl is to be: its own targets, else its dip's. */
export function runTargets({ targets }: Run, dip: Pick<Dip, 'targets'>): Targets {
  return targets ?? dip.targets;
}

/** The bowl as it really is, and as it would be once the step in hand is in as written. */
export function runBowl(
  run: Run,
  dip: Dip,
  kitchen: Kitchen,
): { now: Analysis; next: Analysis | null } {
  const conditions = runConditions(run, dip, kitchen);
  const logged = loggedRows(run);
  const analyse = (rows: typeof logged) => analyseTrialRows(rows, kitchen.larder, conditions);
  const entry = entriesOf(run)[run.step];
  return {
    now: analyse(logged),
    next: entry && !entry.done ? analyse([...logged, entry.planned]) : null,
  };
}

/**
 * By how much what is still to come after the step in hand will stiffen (positive) or loosen the bowl, where that is
 * enough to aim off for; null elsewhere.
 *
 * @param next the body once the step in hand is in
 */
export function aimOff(run: Run, dip: Dip, kitchen: Kitchen, next: number | null): number | null {
  if (next === null) return null;
  const entries = entriesOf(run);
  // nobody stops short at a clove or a pinch
  const inHand = kitchen.larder.get(entries[run.step]?.planned.ingredientId ?? '');
  if (!inHand || !isSteeredBy(inHand)) return null;
  const planned = entries.flatMap((entry, i) => {
    const toCome = !entry.skipped && i >= run.step ? [entry.planned] : [];
    return rowIn(entry) ?? toCome;
  });
  const conditions = runConditions(run, dip, kitchen);
  const { freshBody } = analyseTrialRows(planned, kitchen.larder, conditions);
  if (freshBody === null || Math.abs(freshBody - next) < aimOffFrom) return null;
  // at the last of them there is nothing to aim off for
  const more = entries.slice(run.step + 1).some((one) => !one.done && !one.skipped);
  return more ? freshBody - next : null;
}

/** Pairs of readings of a run's bowl as it is now that can't both be, with why. */
export function contradictoryReadings(
  run: Run,
): { readings: [KeptReading, KeptReading]; why: string }[] {
  const count = loggedRows(run).length;
  const counting = run.readings.filter(
    (one) => !one.leftOut && (one.after ?? count) === count && one.when === 'machine',
  );
  const taken = counting.map(({ taken: said, atC }) => (atC === null ? said : { ...said, atC }));
  return contradictions(taken, count).flatMap(({ readings: [first, second], why }) => {
    const [one, other] = [counting[first], counting[second]];
    return one && other ? [{ readings: [one, other] as [KeptReading, KeptReading], why }] : [];
  });
}

/** What is within reach of a run: as the cook has said, else all of the dip and what is always at hand. */
export function withinReach({ atHand }: Run, dip: Pick<Dip, 'rows'>): string[] {
  return atHand ?? [...new Set([...dip.rows.map((row) => row.ingredientId), ...alwaysAtHand])];
}

/** Which row of its dip each thing in the bowl is of: the one it was planned as or went in for, else one of the same thing. */
function rowIdsIn(run: Run, { rows }: Pick<Dip, 'rows'>, larder: Larder): (string | null)[] {
  const known = new Set(rows.map(({ id }) => id));
  return entriesOf(run).flatMap((entry) => {
    const row = rowIn(entry);
    if (!row || !larder.has(row.ingredientId)) return [];
    const own = [entry.rowId, entry.instead, entry.restOf].find((id) => known.has(id ?? ''));
    const alike = rows.find(({ ingredientId }) => ingredientId === row.ingredientId);
    return [own ?? alike?.id ?? null];
  });
}

/** A run's bowl as the advisor is asked about it. */
export function adviceQuestion(run: Run, dip: Dip, kitchen: Kitchen): AdviseInput {
  const { larder } = kitchen;
  const parts = trialParts(loggedRows(run), larder);
  const lead = leadFlavour(parts, dip.name, dip.leadId);
  return {
    parts,
    ...(lead ? { leadId: lead.ingredient } : {}),
    conditions: runConditions(run, dip, kitchen),
    machine: machineFor(run, kitchen),
    family: dip.family,
    ...(dip.keepDays === undefined ? {} : { keepDays: dip.keepDays }),
    targets: runTargets(run, dip),
    tastes: run.tastes,
    timesMarked: timesMarked(run.events),
    faults: faultsNow(run),
    ...(run.tastedAfter ? { tastedAfter: run.tastedAfter } : {}),
    ...(dip.rules ? { ruled: { rules: dip.rules, rowIds: rowIdsIn(run, dip, larder) } } : {}),
    atHand: withinReach(run, dip).flatMap((id) => larder.get(id) ?? []),
  };
}
