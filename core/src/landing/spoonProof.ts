import { isFixed, prepareLanding } from './landing';
import type { LandPartsRequest } from './landParts';
import { type KitchenMeasure, kitchenMeasures } from '../amounts/kitchenMeasure';
import { readGrams } from '../amounts/toGrams';
import { rulesMiss } from '../mix/rule';
import { landingOdds, type LandingOdds, oddsDeviates } from './landingOdds';

/** Amounts near those asked about that land more often. */
export interface SpoonProof {
  odds: LandingOdds;
  /** The best found near by; null when nothing near is better. */
  better: { odds: LandingOdds; amounts: { index: number; text: string; massG: number }[] } | null;
}

/** How many times it is measured: roughly while searching, and for the odds that are told. */
const usualDraws = { search: 400, final: 2000 };
/** How many kitchen measures either side of where a row stands still count as near. */
const nearSteps = 3;
const mostRounds = 12;
/** Less than this is not worth changing an amount for. */
const worthwhile = 0.02;

interface Rung extends KitchenMeasure {
  cv: number;
}

/** The measures near an amount, itself among them. */
function ladder(request: LandPartsRequest, index: number): { rungs: Rung[]; at: number } {
  const part = request.parts[index];
  if (!part) return { rungs: [], at: 0 };
  const { ingredient, massG, cv, amountText } = part;
  const own: Rung = { massG, text: amountText, cv };
  if (isFixed(part) || massG <= 0) return { rungs: [own], at: 0 };
  const limit = (rung: Rung) =>
    rung.massG >= (part.minG ?? 0) && rung.massG <= (part.maxG ?? Infinity);
  const all = kitchenMeasures(ingredient, request.conditions.measures, massG * 2 + 5).flatMap(
    (one): Rung[] => {
      const read = readGrams(one.text, ingredient, request.conditions.measures);
      return read.ok ? [{ ...one, cv: read.value.cv }] : [];
    },
  );
  const apart = all.filter((one) => Math.abs(one.massG - massG) > 0.02 * massG && limit(one));
  const below = apart.filter((one) => one.massG < massG).slice(-nearSteps);
  const above = apart.filter((one) => one.massG > massG).slice(0, nearSteps);
  return { rungs: [...below, own, ...above], at: below.length };
}

/**
 * The odds that amounts land when measured as the cook measures, and the amounts near them, in kitchen measures, that
 * land most often: one row a step up or down at a time, the best step first, on common draws.
 *
 * @param request the amounts as they stand, with bands
 * @param onProgress told the share of the work done, 0–1
 * @param draws how many times it is measured while searching, and for the odds told
 */
export function spoonProof(
  request: LandPartsRequest,
  onProgress: (share: number) => void = () => undefined,
  draws: typeof usualDraws = usualDraws,
): SpoonProof {
  const { parts, rules = [] } = request;
  const landing = prepareLanding({ ...request, rows: parts });
  const ladders = parts.map((_, i) => ladder(request, i));
  const at = ladders.map((one) => one.at);
  const amounts = (steps: readonly number[]) => steps.map((step, i) => ladders[i]?.rungs[step]);
  const oddsOf = (steps: readonly number[], z: Float64Array) => {
    const rungs = amounts(steps);
    return landingOdds(
      landing,
      rungs.map((rung) => rung?.massG ?? 0),
      rungs.map((rung) => rung?.cv ?? 0),
      z,
    );
  };
  const massesAt = (steps: readonly number[]) => amounts(steps).map((rung) => rung?.massG ?? 0);
  const brokenAt = rulesMiss(rules, massesAt(at));
  const rough = oddsDeviates(parts.length, draws.search);
  const fine = oddsDeviates(parts.length, draws.final);
  const odds = oddsOf(at, fine);
  // with only the measuring uncertain a step may seem to gain nothing; the model's spread tells which way is safer
  const score = (one: LandingOdds) => one.measured + one.withModel;
  let steps = at;
  let best = score(oddsOf(at, rough));
  for (let round = 0; round < mostRounds; round += 1) {
    let next: number[] | null = null;
    for (let i = 0; i < parts.length; i += 1) {
      for (const by of [-1, 1]) {
        const step = (steps[i] ?? 0) + by;
        if (!ladders[i]?.rungs[step]) continue;
        const tried = steps.map((one, j) => (j === i ? step : one));
        if (rulesMiss(rules, massesAt(tried)) > brokenAt) continue;
        const value = score(oddsOf(tried, rough));
        if (value > best + 0.004) {
          best = value;
          next = tried;
        }
      }
      onProgress((round + (i + 1) / parts.length) / mostRounds);
    }
    if (!next) break;
    steps = next;
  }
  onProgress(1);
  const found = oddsOf(steps, fine);
  const moved = steps.flatMap((step, index) => {
    const rung = ladders[index]?.rungs[step];
    return step === at[index] || !rung ? [] : [{ index, text: rung.text, massG: rung.massG }];
  });
  const gains = score(found) - score(odds) >= worthwhile && found.measured >= odds.measured;
  return { odds, better: moved.length > 0 && gains ? { odds: found, amounts: moved } : null };
}
