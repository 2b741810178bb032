import type { MadeForDay, ThingToMake } from '../day/madeFirst';
import type { Kitchen } from '../kitchen/kitchen';
import type { Larder } from '../larder/larder';
import type { PrepStep, Uses } from '../prepare/route';
import type { Book } from './book';
import { batchShare } from './batchYield';
import { madeReady, type MayGo } from './takeMade';
import { madeId, offId } from '../larder/madeId';
import type { StepPlace, Thing, ThingStep } from './thing';

/** What a step keeps busy; an oven at the heat of slow roasting (J). */
const usesOf: Record<StepPlace, Uses> = {
  hand: {},
  hob: { hob: 1 },
  oven: { oven: { tempC: 160 } },
  fridge: { fridge: 1 },
  machine: { processor: 1, bowl: 1 },
};

/** Where nobody has said how it is made. */
const anyStep: ThingStep = { label: 'Make', handsOnMin: 10, waitMin: 0, on: 'hand' };

const stepOf = ({ label, handsOnMin, waitMin, on }: ThingStep): PrepStep => ({
  ...{ label, handsOnMin, waitMin },
  uses: usesOf[on],
});

function toMake(thing: Thing, larder: Larder): ThingToMake {
  const { id, name, rows, stays, off, steps, keepDays } = thing;
  return {
    ...{ id, name, rows, keepDays },
    gives: [
      { ingredientId: madeId(id), name: stays.name, share: stays.share },
      ...(off ? [{ ingredientId: offId(id), name: off.name, share: off.share }] : []),
    ],
    steps: (steps.length > 0 ? steps : [anyStep]).map(stepOf),
    allergens: larder.get(madeId(id))?.allergens ?? [],
  };
}

/**
 * What a day has to know of what is made here: how, and what of it stands ready.
 *
 * @param kitchen with what is made here in its larder
 * @param mayGo what of it counts as there
 */
export function madeForDay(
  { things, dips, batches, trials }: Pick<Book, 'things' | 'dips' | 'batches' | 'trials'>,
  { larder }: Kitchen,
  mayGo: MayGo,
): MadeForDay {
  const byProduct = new Map<string, ThingToMake>();
  for (const thing of things.values()) {
    const made = toMake(thing, larder);
    for (const { ingredientId } of made.gives) byProduct.set(ingredientId, made);
  }
  const byDip = new Map(
    [...dips.values()].flatMap((dip) => (dip.goesIn ? [[madeId(dip.id), dip]] : [])),
  );
  return {
    thingOf: (id) => byProduct.get(id) ?? null,
    dipOf: (id) => byDip.get(id) ?? null,
    ready: madeReady(batches.values(), mayGo),
    comesOut: (dip) => {
      const share = batchShare(trials.values(), { ...dip, dipId: dip.id }, larder);
      return share.n > 0 ? Math.min(1, share.typical) : 1;
    },
  };
}
