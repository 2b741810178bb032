import { batchLosses } from '../batch/losses';
import type { Dip } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import { conditionsFor } from '../kitchen/kitchen';
import { figuresOf } from '../mix/figures';
import { usualMethod } from '../mix/method';
import { mixOf } from '../mix/mix';
import { dipMass } from '../mix/part';
import { type Batch, batchCode } from './batch';
import type { Trial } from './trial';
import { trialParts } from './trialParts';

/** Times a trial was tasted, by its marks: at the machine, and once for each gate. */
function tastingsOf({ tastes, gates = [] }: Trial): number {
  return (Object.keys(tastes).length > 0 ? 1 : 0) + gates.length;
}

/**
 * What a trial made, as a batch with nothing filled yet: weighed where it was, else estimated.
 *
 * @param dip it is a trial of
 * @param madeOn local date
 * @param taken codes there are
 * @param uses made things that went in
 */
export function newBatch(
  id: string,
  trial: Trial,
  dip: Pick<Dip, 'id' | 'name' | 'family' | 'servedAtC' | 'portionG'>,
  kitchen: Kitchen,
  madeOn: string,
  taken: ReadonlySet<string>,
  uses: Batch['uses'] = [],
): Batch {
  const parts = trialParts(trial.rows, kitchen.larder);
  const { method, machineId, yieldG: weighedG } = trial;
  const making = { dipId: dip.id, method, machineId, servedAtC: dip.servedAtC };
  const { freshBody } = figuresOf(mixOf(parts), conditionsFor(making, kitchen));
  const inG = dipMass(parts);
  const { losses, yieldG } = batchLosses({
    ...{ inG, body: freshBody, tastings: tastingsOf(trial) },
    ...(weighedG === null ? {} : { weighedG }),
  });
  return {
    ...{ id, code: batchCode(dip, madeOn, taken), dipId: dip.id, name: dip.name },
    ...{ trialId: trial.id, family: dip.family, machineId, madeAt: trial.madeAt, madeOn },
    ...{ rows: trial.rows, inG, yieldG: Math.max(0, yieldG), weighed: weighedG !== null },
    losses: losses.map(({ cause, g }) => ({ cause, g })),
    ...{ portionG: dip.portionG, uses, pots: [], kept: null },
  };
}

/** A batch's losses by a weight taken later: what is only estimated gives way to it. */
export function weighedLosses(
  { rows, inG, dipId, machineId }: Batch,
  kitchen: Kitchen,
  weighedG: number,
): Pick<Batch, 'losses'> {
  const parts = trialParts(rows, kitchen.larder);
  const making = { dipId, method: usualMethod, machineId, servedAtC: 5 };
  const { freshBody } = figuresOf(mixOf(parts), conditionsFor(making, kitchen));
  const { losses } = batchLosses({ inG, body: freshBody, weighedG });
  return { losses: losses.map(({ cause, g }) => ({ cause, g })) };
}
