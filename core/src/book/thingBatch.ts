import { splitMass } from '../batch/splitMass';
import { readRow } from '../dip/readRow';
import type { Kitchen } from '../kitchen/kitchen';
import { type Batch, batchCode, type Pot } from './batch';
import { madeId, offId } from '../larder/madeId';
import { divisionOf, isHeated, type Thing } from './thing';
import { trialParts, trialRowOf } from './trialParts';
import type { TrialRow } from './trialRow';

/** What was weighed of a making, g; null where it was not. */
export interface ThingMade {
  /** Times what is written. */
  factor: number;
  staysG: number | null;
  offG: number | null;
}

/** Rows of a thing as they go in, so many times what is written; what can't be read is left out. */
export function thingRows(thing: Thing, kitchen: Kitchen, factor = 1): TrialRow[] {
  return thing.rows.flatMap((row) => {
    const kept = trialRowOf(readRow(row, kitchen));
    if (!kept || kept.massG <= 0) return [];
    return [{ ...kept, massG: kept.massG * factor }];
  });
}

/** What a making is expected to give, g. */
export function expectedYield(
  thing: Thing,
  kitchen: Kitchen,
  factor = 1,
): { inG: number; staysG: number; offG: number } {
  const parts = trialParts(thingRows(thing, kitchen, factor), kitchen.larder);
  const inG = parts.reduce((sum, { massG }) => sum + massG, 0);
  if (!(inG > 0)) return { inG: 0, staysG: 0, offG: 0 };
  const { stays, off } = splitMass(parts, divisionOf(thing));
  return { inG, staysG: stays.massG, offG: off?.massG ?? 0 };
}

/**
 * What a making of a thing gave, as a batch for each of its products, each in one pot in the fridge.
 *
 * @param ids of the batches; the first is of what stays
 * @param madeAt ISO 8601
 * @param madeOn local date
 * @param taken codes there are
 */
export function thingBatches(
  thing: Thing,
  made: ThingMade,
  kitchen: Kitchen,
  ids: readonly [string, string],
  { madeAt, madeOn }: { madeAt: string; madeOn: string },
  taken: ReadonlySet<string>,
  uses: Batch['uses'] = [],
): Batch[] {
  const rows = thingRows(thing, kitchen, made.factor);
  const expected = expectedYield(thing, kitchen, made.factor);
  const weighed = made.staysG !== null || made.offG !== null;
  const gives = [
    { as: thing.stays, larderId: madeId(thing.id), g: made.staysG ?? expected.staysG },
    ...(thing.off
      ? [{ as: thing.off, larderId: offId(thing.id), g: made.offG ?? expected.offG }]
      : []),
  ].filter(({ g }) => g > 0);
  const total = gives.reduce((sum, { g }) => sum + g, 0);
  const codes = new Set(taken);
  return gives.map(({ as, larderId, g }, i): Batch => {
    const code = batchCode(as, madeOn, codes);
    codes.add(code);
    const share = g / total;
    const pot: Pot = {
      ...{ id: `${ids[i] ?? ids[0]}-pot`, name: 'jar', g, oilG: 0, place: 'fridge' },
      ...{ outMin: 0, outSince: null, gone: null },
    };
    // each product bears its share of what went in and of what was lost, so that together they are what went in
    const inG = expected.inG * share;
    return {
      ...{ id: ids[i] ?? ids[0], code, dipId: thing.id, name: as.name, trialId: null },
      thing: { ingredientId: larderId, keepDays: thing.keepDays },
      ...{ family: 'pesto-dress', machineId: 'none', madeAt, madeOn },
      rows: rows.map((row) => ({ ...row, massG: row.massG * share })),
      ...{ inG, yieldG: g, weighed },
      losses: [{ cause: inG < g ? 'other' : isHeated(thing) ? 'evaporated' : 'film', g: inG - g }],
      ...{ portionG: 15, uses, pots: [pot], kept: null },
    };
  });
}
