import type { Ingredient, Role } from '../larder/ingredient';
import { type Movable, type FitQuestion, fitAmounts, misfit } from './fitAmounts';

/** What a thing may be swapped by: as much of whatever both bring decides what the same strength is. */
const strengths: readonly ((one: Ingredient) => number)[] = [
  ({ garlicUnits }) => garlicUnits,
  ({ acidG }) => acidG,
  ({ saltG }) => saltG,
  ({ sugarsG }) => sugarsG,
  ({ fatG }) => fatG,
  ({ heatUnits }) => heatUnits,
  ({ umamiUnits }) => umamiUnits,
  ({ waterG }) => 100 - waterG,
];

/** Least of a share that still says something about strength, g per 100 g or units. */
const leastStrength = 0.02;

/** Amounts worth starting from: the same weight, and as much as brings the same of whatever the thing brings. */
function starts(
  from: Ingredient,
  massG: number,
  to: Ingredient,
  { leastG, mostG }: Movable,
): number[] {
  const same = strengths.flatMap((of) =>
    of(from) > leastStrength && of(to) > leastStrength ? [(massG * of(from)) / of(to)] : [],
  );
  return [massG, massG / 2, massG / 5, ...same].filter(
    (one) => one >= leastG && one <= mostG && Number.isFinite(one),
  );
}

/** What is there for its taste alone, which no figure tells. */
const byTaste: readonly Role[] = ['herb', 'spice'];

/** Fresh for dried or the other way round of what is there for its taste: as much dry matter, as a spoon of dried is three of fresh. */
function asDry(from: Ingredient, massG: number, to: Ingredient): number | null {
  const tastes = byTaste.includes(from.role) && byTaste.includes(to.role);
  const oneIsDry = (from.structure === 'dry') !== (to.structure === 'dry');
  return tastes && oneIsDry ? (massG * (100 - from.waterG)) / (100 - to.waterG) : null;
}

/** How many of the likeliest starts are followed. */
const followed = 2;

/**
 * How much of one thing does what so much of another did, with the others left alone: the best of several starts, since the body
 * may rise and fall with an amount.
 *
 * @param question with the substitute as its only movable
 * @returns g, ≥ 0
 */
export function ownAmount(
  question: FitQuestion,
  from: Ingredient,
  massG: number,
  to: Ingredient,
): number {
  const [own] = question.movable;
  const dried = asDry(from, massG, to);
  if (!own || dried !== null) return dried ?? massG;
  const ranked = starts(from, massG, to, own)
    .map((start) => ({ start, off: misfit(question, [start]) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, followed)
    .map(({ start }) => fitAmounts(question, [start]))
    .sort((a, b) => a.off - b.off);
  return ranked[0]?.amounts[0] ?? massG;
}
