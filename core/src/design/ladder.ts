import type { TrialResult } from './polynomialFit';
import type { ShareLimits } from './mixtureRegion';

/** One bowl of a ladder: how much of the thing a whole dip would have, and what came of it. */
export interface LadderStep {
  id: string;
  /** As written, for the whole dip. */
  amount: string;
  /** The same in grams, ≥ 0. */
  massG: number;
  /** The response; null while nobody has said. */
  y: number | null;
}

/** One thing of a dip in several amounts, stirred into bowls of one base. */
export interface Ladder {
  id: string;
  dipId: string;
  /** The row that is varied. */
  rowId: string;
  ingredientId: string;
  name: string;
  /** What is marked; higher is better. */
  response: string;
  /** g of the base in each bowl. */
  bowlG: number;
  steps: readonly LadderStep[];
  /** ISO 8601 */
  createdAt: string;
}

/** A ladder as a mixture of two: all of the most, and none. */
export const ladderLimits: readonly ShareLimits[] = [
  { min: 0, max: 1 },
  { min: 0, max: 1 },
];

/** The largest amount of a ladder, g. */
export const mostOf = ({ steps }: Pick<Ladder, 'steps'>): number =>
  Math.max(0, ...steps.map(({ massG }) => massG));

/** What is known of a ladder, as trials of that mixture; nothing where all its bowls have none. */
export function ladderResults(ladder: Pick<Ladder, 'steps'>): TrialResult[] {
  const most = mostOf(ladder);
  if (most <= 0) return [];
  return ladder.steps.flatMap(({ massG, y }) =>
    y === null ? [] : [{ shares: [massG / most, 1 - massG / most], y }],
  );
}

/**
 * What goes into one bowl of the base.
 *
 * @param massG of the thing in a whole dip
 * @param baseG what the whole dip weighs without it, > 0
 * @param bowlG of the base in the bowl
 */
export const intoBowl = (massG: number, baseG: number, bowlG: number): number =>
  baseG > 0 ? (massG * bowlG) / baseG : 0;

/** A ladder with what came of one of its bowls; null takes it back. */
export function withLadderResponse(ladder: Ladder, stepId: string, y: number | null): Ladder {
  return {
    ...ladder,
    steps: ladder.steps.map((step) => (step.id === stepId ? { ...step, y } : step)),
  };
}
