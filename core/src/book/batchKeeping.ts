import type { Conditions } from '../mix/conditions';
import type { Kitchen } from '../kitchen/kitchen';
import { conditionsFor } from '../kitchen/kitchen';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import type { Larder } from '../larder/larder';
import type { Part } from '../mix/part';
import { type Keeping, type KeepingFacts, keepingOf } from '../safety/keeping';
import { daysBetween } from '../safety/localDates';
import { type Batch, outMinutes, type Pot, unpotted } from './batch';
import { trialParts } from './trialParts';

/** A pot with the batch it is of and how long it may be kept. */
export interface KeptPot {
  batch: Batch;
  pot: Pot;
  keeping: Keeping;
}

/** What of a batch its keeping is worked out from. */
export interface BatchInKitchen {
  parts: Part[];
  conditions: Conditions;
  /** Oil is the liquid outside. */
  oilOutside: boolean;
}

/** A batch's parts and what they were made under. */
export function batchInKitchen(batch: Batch, kitchen: Kitchen): BatchInKitchen {
  const parts = trialParts(batch.rows, kitchen.larder);
  const making = { dipId: batch.dipId, machineId: batch.machineId, servedAtC: 5 };
  const conditions = conditionsFor(
    { ...making, method: { grind: 'normal', blendC: 25, overrunPct: 0 } },
    kitchen,
  );
  const { waterOutside } = figuresOf(mixOf(parts), conditions);
  return { parts, conditions, oilOutside: waterOutside < 0.5 };
}

/** What a batch consists of: what went in, or of a made thing that thing, where the larder still has it. */
export function batchContents({ thing, rows, yieldG }: Batch, larder: Larder): Part[] {
  const whole = thing && larder.get(thing.ingredientId);
  if (!whole) return trialParts(rows, larder);
  return [{ ingredient: whole, massG: yieldG, cv: 0.01, place: 'bowl' }];
}

/** What is known of a batch's keeping but for what became of its pots. */
export function batchFacts(
  { family, madeOn, uses, thing, cooledMin }: Batch,
  { parts, oilOutside }: BatchInKitchen,
  own: number | undefined,
): KeepingFacts {
  return {
    ...{ family, parts, madeOn, uses, underOil: oilOutside },
    ...(own === undefined ? {} : { ownDays: own }),
    ...(thing ? { makersDays: thing.keepDays } : {}),
    ...(cooledMin === undefined ? {} : { cooledMin }),
  };
}

/**
 * Days batches of a dip stayed good here, where one was said not to: the least days after which it was not fine, less one. What stayed
 * fine never lengthens what is usual.
 */
export function ownDays(batches: Iterable<Batch>, dipId: string): number | undefined {
  const bad = [...batches].flatMap(({ dipId: id, kept }) =>
    id === dipId && kept && kept.how !== 'fine' ? [kept.days] : [],
  );
  return bad.length > 0 ? Math.max(0, Math.min(...bad) - 1) : undefined;
}

/**
 * How long a pot may be kept, as it stands at a moment.
 *
 * @param own days its dip stays good here, where that is known
 * @param now ms
 */
export function potKeeping(
  batch: Batch,
  pot: Pot,
  there: BatchInKitchen,
  own: number | undefined,
  now: number,
): Keeping {
  return keepingOf({
    ...batchFacts(batch, there, own),
    underOil: there.oilOutside || pot.oilG > 0,
    outMin: outMinutes(pot, now),
    ...(pot.frozenOn === undefined ? {} : { frozenOn: pot.frozenOn }),
    ...(pot.thawedOn === undefined ? {} : { thawedOn: pot.thawedOn }),
  });
}

/**
 * How long what is in a pot may be kept, or with null what of a batch is in none, as it stands at a moment. What hangs on a batch is worked
 * out once, however many pots it has.
 *
 * @param all batches there are: how those of one dip kept tells of the others
 * @param now ms
 */
export function keepingAmong(
  all: readonly Batch[],
  kitchen: Kitchen,
  now: number,
): (batch: Batch, pot: Pot | null) => Keeping {
  const known = new Map<string, { there: BatchInKitchen; own: number | undefined }>();
  return (batch, pot) => {
    const of = known.get(batch.id) ?? {
      there: batchInKitchen(batch, kitchen),
      own: ownDays(
        all.filter(({ id }) => id !== batch.id),
        batch.dipId,
      ),
    };
    known.set(batch.id, of);
    return pot
      ? potKeeping(batch, pot, of.there, of.own, now)
      : keepingOf(batchFacts(batch, of.there, of.own));
  };
}

/** Pots that are there, what is due first at the top; frozen ones last. */
export function eatFirst(batches: Iterable<Batch>, kitchen: Kitchen, now: number): KeptPot[] {
  const all = [...batches];
  const keepingFor = keepingAmong(all, kitchen, now);
  const found = all.flatMap((batch) =>
    batch.pots
      .filter(({ gone }) => gone === null)
      .map((pot): KeptPot => ({ batch, pot, keeping: keepingFor(batch, pot) })),
  );
  const due = ({ keeping }: KeptPot) => keeping.useBy ?? '9999';
  return found.sort(
    (a, b) => due(a).localeCompare(due(b)) || a.batch.code.localeCompare(b.batch.code),
  );
}

/** Days since a batch was made. */
export const ageOf = ({ madeOn }: Batch, today: string): number => daysBetween(madeOn, today);

/** Whether anything of a batch is still there. */
export const isThere = (batch: Batch): boolean =>
  unpotted(batch) > 1 || batch.pots.some(({ gone }) => gone === null);
