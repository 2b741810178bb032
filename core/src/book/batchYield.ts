import { type LearnedYield, learnedYield } from '../prepare/ownYield';
import { dipMass } from '../mix/part';
import type { Larder } from '../larder/larder';
import type { Trial } from './trial';
import { trialParts } from './trialParts';

/** Of what goes in, what usually comes out of a machine: film, tasting and what is not accounted for (J). */
const usualShare = { low: 0.93, typical: 0.97, high: 0.995 } as const;

/**
 * What share of what goes in comes out, learned from weighed makings of a dip in a machine; from all of that machine where the dip has
 * none (normal–inverse-gamma, as yields).
 *
 * @returns share of the mass, 0–1, with how many makings it rests on
 */
export function batchShare(
  trials: Iterable<Trial>,
  { dipId, machineId }: { dipId: string; machineId: string },
  larder: Larder,
): LearnedYield {
  const own: number[] = [];
  const machine: number[] = [];
  for (const trial of trials) {
    if (trial.yieldG === null || trial.yieldG <= 0 || trial.machineId !== machineId) continue;
    const inG = dipMass(trialParts(trial.rows, larder));
    if (!(inG > 0)) continue;
    const share = trial.yieldG / inG;
    machine.push(share);
    if (trial.dipId === dipId) own.push(share);
  }
  return learnedYield(usualShare, own.length > 0 ? own : machine);
}
