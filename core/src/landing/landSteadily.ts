import { readGrams } from '../amounts/toGrams';
import { landedWithin } from './land';
import { prepareLanding, totalMiss } from './landing';
import {
  answerParts,
  boughtBy,
  type LandAnswer,
  type LandPartsRequest,
  landParts,
} from './landParts';
import type { LinearSolver } from './linearProgram';
import { spoonProof } from './spoonProof';

/** Fewer than a cook waits for who asks for the odds: this comes with every landing. */
const draws = { search: 200, final: 1000 };

/**
 * Lands a dip and, in kitchen measures, prefers those near the landing that land more often when they are measured as a cook
 * measures. Only rows that the landing moved are stepped up or down; every band still holds with the amounts as written.
 *
 * @param request parts with masses in g, bands, measure system
 * @param solver linear solver
 */
export function landSteadily(request: LandPartsRequest, solver: LinearSolver): LandAnswer {
  const answer = landParts(request, solver);
  if (!answer.feasible || !request.kitchenMeasures) return answer;
  const { targets, conditions } = request;
  const landed = request.parts.map((part, i) => {
    const { amount, massG } = answer.parts[i] ?? { amount: part.amountText, massG: part.massG };
    const read = readGrams(amount, part.ingredient, conditions.measures);
    const hold = part.hold || amount === part.amountText;
    return { ...part, massG, amountText: amount, cv: read.ok ? read.value.cv : part.cv, hold };
  });
  const { odds, better } = spoonProof({ ...request, parts: landed }, undefined, draws);
  if (!better) return { ...answer, odds };
  const steadier = new Map(better.amounts.map((one) => [one.index, one]));
  const amounts = {
    masses: landed.map(({ massG }, i) => steadier.get(i)?.massG ?? massG),
    texts: landed.map(({ amountText }, i) => steadier.get(i)?.text ?? amountText),
  };
  const landing = prepareLanding({ ...request, rows: request.parts });
  if (totalMiss(landing, targets, amounts.masses) > landedWithin) return { ...answer, odds };
  return {
    feasible: true,
    ...answerParts(request, amounts),
    ...boughtBy(landing, request, amounts),
    odds: better.odds,
  };
}
