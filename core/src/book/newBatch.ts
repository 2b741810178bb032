import { batchLosses, type LossCause } from '../batch/losses';
import type { Dip } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import { conditionsFor } from '../kitchen/kitchen';
import { servedAs } from '../mix/bodyMoments';
import { figuresOf } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { dipMass } from '../mix/part';
import { type Batch, batchCode } from './batch';
import { batchInKitchen } from './batchKeeping';
import type { Trial } from './trial';
import { trialParts } from './trialParts';

/** Times a trial was tasted, by its marks: at the machine, and once for each gate. */
function tastingsOf({ tastes, gates = [] }: Trial): number {
  return (Object.keys(tastes).length > 0 ? 1 : 0) + gates.length;
}

/** What of a trial's bowl did not go on into parts of it, 0–1: parts are batches of their own. */
export function undivided({ rows, made }: Pick<Trial, 'rows' | 'made'>): number {
  const whole = dipMass(rows);
  const into = (made?.events ?? []).flatMap((event) =>
    event.kind === 'divided' ? event.into : [],
  );
  const gone = into.reduce((sum, { massG }) => sum + massG, 0);
  return whole > 0 ? Math.max(0, 1 - gone / whole) : 1;
}

/**
 * What a trial made, but for what went on into parts of it, as a batch with nothing filled yet: weighed where it was, else estimated.
 *
 * @param dip it is a trial of
 * @param madeOn local date
 * @param taken codes there are
 * @param uses made things that went in
 */
export function newBatch(
  id: string,
  trial: Trial,
  dip: Pick<Dip, 'id' | 'name' | 'family' | 'servedAtC' | 'servedAfterMin' | 'portionG'>,
  kitchen: Kitchen,
  madeOn: string,
  taken: ReadonlySet<string>,
  uses: Batch['uses'] = [],
): Batch {
  const share = undivided(trial);
  const rows =
    share < 1 ? trial.rows.map((row) => ({ ...row, massG: row.massG * share })) : trial.rows;
  const parts = trialParts(rows, kitchen.larder);
  const { method, machineId } = trial;
  const weighedG = trial.yieldG === null ? null : trial.yieldG * share;
  const making = { dipId: dip.id, method, machineId, ...servedAs(dip) };
  const { freshBody } = figuresOf(mixOf(parts), conditionsFor(making, kitchen));
  const inG = dipMass(parts);
  const tastings = tastingsOf(trial);
  const { losses, yieldG } = batchLosses({
    ...{ inG, body: freshBody, tastings },
    ...(weighedG === null ? {} : { weighedG }),
  });
  return {
    ...{ id, code: batchCode(dip, madeOn, taken), dipId: dip.id, name: dip.name },
    ...{ trialId: trial.id, family: dip.family, machineId, madeAt: trial.madeAt, madeOn },
    ...{ rows, inG, yieldG: Math.max(0, yieldG), weighed: weighedG !== null },
    losses: losses.map(({ cause, g }) => ({ cause, g })),
    ...{ portionG: dip.portionG, tastings, uses, pots: [], kept: null },
  };
}

/** Losses that a cook sees go, and can say the weight of. */
export const seenCauses = ['evaporated', 'drained', 'spilled'] as const;
export type SeenCause = (typeof seenCauses)[number];

/**
 * A batch with what is known of it later: weighed, or some of it seen to go. What is only estimated gives way to both.
 *
 * @param known g
 */
export function batchAccounted(
  batch: Batch,
  kitchen: Kitchen,
  known: { weighedG?: number; seen?: Partial<Record<SeenCause, number>> },
): Batch {
  const { inG, losses: before, tastings = 1 } = batch;
  const { parts, conditions } = batchInKitchen(batch, kitchen);
  const { freshBody } = figuresOf(mixOf(parts), conditions);
  const told = before.flatMap(({ cause, g }) =>
    (seenCauses as readonly LossCause[]).includes(cause) ? [[cause, g] as const] : [],
  );
  const seen = { ...Object.fromEntries(told), ...known.seen };
  const weighedG = known.weighedG ?? (batch.weighed ? batch.yieldG : undefined);
  const { losses, yieldG } = batchLosses({
    ...{ inG, body: freshBody, tastings, seen },
    ...(weighedG === undefined ? {} : { weighedG }),
  });
  return {
    ...batch,
    yieldG: Math.max(0, yieldG),
    weighed: weighedG !== undefined,
    losses: losses.map(({ cause, g }) => ({ cause, g })),
  };
}
