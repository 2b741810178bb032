import { type BowlSums, sumIndex, type SumPlace } from './bowlSums';
import { boughtSaltSd } from './boughtSalt';
import { type Part, partSumsPerGram } from './part';

/** One standard deviation of each seasoning, g per 100 g. */
export interface SeasoningSd {
  saltG: number;
  acidG: number;
  garlicG: number;
}

/**
 * Spread of salt, sour and garlic that comes from how the parts are measured, to first order: a part moves a share
 * by how much its own differs from the dip's. Salt spreads by how bought things differ as well.
 *
 * @param count how many of the parts are in
 * @param all sums of the bowl and what is folded in
 */
export function seasoningSd(parts: readonly Part[], count: number, all: BowlSums): SeasoningSd {
  const mass = all[sumIndex.massG];
  let salt = 0;
  let acid = 0;
  let garlic = 0;
  if (mass > 0) {
    const mean = (place: SumPlace) => all[place] / mass;
    for (let i = 0; i < count; i += 1) {
      const part = parts[i];
      if (!part || part.place === 'top') continue;
      const per = partSumsPerGram(part);
      const spread = (100 * part.massG * part.cv) / mass;
      const moved = (place: SumPlace) => (per[place] - mean(place)) * spread;
      salt += moved(sumIndex.saltG) ** 2;
      acid += moved(sumIndex.acidG) ** 2;
      garlic += moved(sumIndex.garlicG) ** 2;
    }
  }
  const there = parts.slice(0, count);
  salt += boughtSaltSd(there, (i) => there[i]?.massG ?? 0, mass) ** 2;
  return { saltG: Math.sqrt(salt), acidG: Math.sqrt(acid), garlicG: Math.sqrt(garlic) };
}
