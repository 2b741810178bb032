import { type BodyName, bodyNames, momentOfBody } from '../mix/bodyMoments';
import { targetValue } from '../mix/targets';
import { type Landing, mixAt } from './landing';

/** Which part's change moved the gap between warm and cold body most, and by how much. */
export interface BoughtDifference {
  ingredient: string;
  /** Body points by which this part's change alone widens the gap from the warmer to the colder moment; negative narrows it. */
  body: number;
}

/**
 * Where a landing has to meet bands at several moments of use, names the ingredient that buys the difference: each changed part
 * is put in alone, and the one that moves the gap between the warmest and the coldest of them furthest is named.
 *
 * @param before masses of all rows as they were, g
 * @param after masses of all rows as they landed, g
 * @returns null unless two bodies are asked for and some part moves their gap by 0.02 or more
 */
export function buysDifference(
  landing: Landing,
  before: readonly number[],
  after: readonly number[],
): BoughtDifference | null {
  const warmth = (name: BodyName) => momentOfBody(name, landing.conditions).atC;
  const asked = bodyNames
    .filter((name) => landing.targets[name])
    .sort((a, b) => warmth(b) - warmth(a));
  const [warmest, coldest] = [asked[0], asked.at(-1)];
  if (!warmest || !coldest || warmest === coldest) return null;
  const gap = (masses: readonly number[]) => {
    const mix = mixAt(landing, masses);
    const body = (name: BodyName) => targetValue(name, mix, landing.conditions);
    return body(coldest) - body(warmest);
  };
  const start = gap(before);
  let best: BoughtDifference | null = null;
  landing.rows.forEach((row, i) => {
    if (row.place !== 'bowl' || before[i] === after[i]) return;
    const alone = before.map((massG, j) => (i === j ? (after[i] ?? massG) : massG));
    const body = gap(alone) - start;
    if (Math.abs(body) >= 0.02 && Math.abs(body) > Math.abs(best?.body ?? 0)) {
      best = { ingredient: row.ingredient.id, body };
    }
  });
  return best;
}
