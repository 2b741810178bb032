import type { Kitchen } from '../kitchen/kitchen';
import { type Batch, leftIn, type Pot, unpotted } from './batch';
import { keepingAmong } from './batchKeeping';
import { isMade, madeId } from '../larder/madeId';
import type { TrialRow } from './trialRow';

/** What a batch is in the larder. */
export const productOf = ({ thing, dipId }: Pick<Batch, 'thing' | 'dipId'>): string =>
  thing?.ingredientId ?? madeId(dipId);

/** Less than this is none, g. */
const leastG = 0.05;

/** Whether something of a batch may still go into a dip: one of its pots, or with null what is in none. */
export type MayGo = (batch: Batch, pot: Pot | null) => boolean;

/**
 * What may go into a dip: not what is frozen, and nothing past its day.
 *
 * @param now ms
 * @param today local date
 */
export function withinItsDay(
  batches: Iterable<Batch>,
  kitchen: Kitchen,
  now: number,
  today: string,
): MayGo {
  const keepingFor = keepingAmong([...batches], kitchen, now);
  return (batch, pot) => {
    const { useBy } = keepingFor(batch, pot);
    return pot?.place !== 'freezer' && useBy !== null && useBy >= today;
  };
}

/** g of each thing made here that stand ready, by larder id. */
export function madeReady(batches: Iterable<Batch>, mayGo: MayGo): Map<string, number> {
  const found = new Map<string, number>();
  for (const batch of batches) {
    const there = batch.pots.filter((pot) => leftIn(pot) > 0 && mayGo(batch, pot));
    const loose = unpotted(batch) > leastG && mayGo(batch, null) ? unpotted(batch) : 0;
    const g = loose + there.reduce((sum, pot) => sum + leftIn(pot), 0);
    if (g > leastG) found.set(productOf(batch), (found.get(productOf(batch)) ?? 0) + g);
  }
  return found;
}

interface Wanted {
  /** g */
  g: number;
  on: string;
  into: string;
}

/** An open pot first, then the fullest last: what is begun is finished. */
const openFirst = (a: Pot, b: Pot) =>
  Number(b.openedOn !== undefined) - Number(a.openedOn !== undefined) || leftIn(a) - leftIn(b);

/** Takes up to so much out of a batch: out of its pots, then of what is in none yet. */
function takenFrom(
  batch: Batch,
  { g, on, into }: Wanted,
  mayGo: MayGo,
): { batch: Batch; g: number } {
  let wanted = g;
  const takes = new Map<string, number>();
  for (const pot of batch.pots.filter((one) => mayGo(batch, one)).sort(openFirst)) {
    const some = Math.min(wanted, leftIn(pot));
    if (some > leastG) takes.set(pot.id, some);
    wanted -= Math.max(0, some);
  }
  const pots = batch.pots.map((pot): Pot => {
    const some = takes.get(pot.id);
    if (some === undefined) return pot;
    const taken = [...(pot.taken ?? []), { g: some, on, into }];
    const next: Pot = { openedOn: on, ...pot, taken };
    const empty = leftIn(next) < leastG;
    return empty ? { ...next, gone: { how: 'used', on, why: '' } } : next;
  });
  const straight = mayGo(batch, null) ? Math.min(wanted, unpotted(batch)) : 0;
  if (straight > leastG) {
    wanted -= straight;
    pots.push({
      ...{ id: `${batch.id}-${into}`.slice(0, 80), name: 'straight in', g: straight, oilG: 0 },
      ...{ place: 'fridge', outMin: 0, outSince: null, taken: [{ g: straight, on, into }] },
      gone: { how: 'used', on, why: '' },
    });
  }
  return { batch: { ...batch, pots }, g: g - wanted };
}

/**
 * Takes what rows need of things made here out of the pots there are, the oldest batch first. What there is not enough of is taken as far as
 * there is: nobody says where the rest came from.
 *
 * @param on local date
 * @param into id of what it goes into
 * @param mayGo what is taken at all
 * @returns batches that changed
 */
export function takeMade(
  batches: Iterable<Batch>,
  rows: readonly Pick<TrialRow, 'ingredientId' | 'massG'>[],
  on: string,
  into: string,
  mayGo: MayGo,
): Batch[] {
  const wanted = new Map<string, number>();
  for (const { ingredientId, massG } of rows) {
    if (isMade(ingredientId)) wanted.set(ingredientId, (wanted.get(ingredientId) ?? 0) + massG);
  }
  const oldest = [...batches].sort((a, b) => a.madeOn.localeCompare(b.madeOn));
  return oldest.flatMap((batch) => {
    const g = wanted.get(productOf(batch)) ?? 0;
    if (g < leastG) return [];
    const taken = takenFrom(batch, { g, on, into }, mayGo);
    wanted.set(productOf(batch), g - taken.g);
    return taken.g > 0 ? [taken.batch] : [];
  });
}

/** What of things made here went into something, with the dates they keep. */
export function usesOf(batches: Iterable<Batch>, into: string, kitchen: Kitchen): Batch['uses'] {
  const all = [...batches];
  const keepingFor = keepingAmong(all, kitchen, 0);
  return all
    .filter(({ pots }) => pots.some(({ taken = [] }) => taken.some((one) => one.into === into)))
    .map((batch) => {
      const { name, code, madeOn } = batch;
      return { name, code, madeOn, fridgeDays: keepingFor(batch, null).fridgeDays };
    });
}
