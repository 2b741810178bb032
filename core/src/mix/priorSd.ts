import { type BowlSums, sumIndex } from './bowlSums';
import { startingBodyParameters } from './parameters';

/** Sums that place a mix among those judged, each per ml of it, with their median and spread over the anchors. */
const judged = [
  { place: sumIndex.waterG, median: 0.722, sd: 0.224 },
  { place: sumIndex.freeOilMl, median: 0.104, sd: 0.213 },
  { place: sumIndex.swollenMl, median: 0.499, sd: 0.222 },
  { place: sumIndex.drySolidsG, median: 0, sd: 0.054 },
  { place: sumIndex.nutSolidsG, median: 0, sd: 0.027 },
  { place: sumIndex.milkFatMl, median: 0, sd: 0.052 },
  { place: sumIndex.dissolvedSolidsG, median: 0.037, sd: 0.046 },
] as const;

/**
 * How far a mix is from those the model was judged by: the mean squared distance from their middle, in their own spreads.
 *
 * @param sums what is in the bowl
 * @returns about 1 for what was judged, 0 in its middle; 0 for an empty bowl
 */
export function fromJudged(sums: BowlSums): number {
  const volume = sums[sumIndex.volumeMl];
  if (!(volume > 0)) return 0;
  let sum = 0;
  for (const { place, median, sd } of judged) sum += ((sums[place] / volume - median) / sd) ** 2;
  return sum / judged.length;
}

/**
 * Spread of the model's body for a mix before any reading: least for what is like the mixes it was judged by, more the further
 * from them. Fitted so that the central 90 % holds nine in ten of the anchors, each left out in turn (scripts/fitBody.test.ts).
 *
 * @returns one standard deviation, body
 */
export function priorSd(sums: BowlSums): number {
  const { body, growth } = startingBodyParameters.spread;
  return body * Math.sqrt(1 + growth * fromJudged(sums));
}

/** From this spread on a body is a guess. */
export const guessFrom = 0.9;
