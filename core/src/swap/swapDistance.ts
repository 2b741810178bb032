import type { Figures } from '../mix/figures';
import type { Proposal } from '../proposal/proposal';
import { colourDifference } from '../mix/colourDifference';
import { keptWeight } from './keptFigures';
import type { Shift } from './swapWords';

/**
 * What a difference counts when substitutes are ranked, in noticed changes (J). Kept figures count by the noticed changes they
 * move, each by its own weight (`keptWeight`).
 */
export const swapWeights = {
  /** For each unit two things taste apart. */
  taste: 1.5,
  /** The same again where it is what the dip is named for. */
  lead: 1.5,
  /** Where it holds water and oil in another way: grains for a paste, a powder for a paste. */
  texture: 1,
  /** For ten of colour difference (ΔE*ab) of the blend. */
  colour: 0.5,
  /** For each allergen it brings, and for one of a family that is there already: another nut. */
  allergen: 2,
  allergenOfKind: 0.7,
  /** For each diet the dip no longer fits. */
  diet: 1,
  /** For each day less in the fridge. */
  day: 0.4,
  /** For costing half as much again. */
  cost: 0.5,
  /** For each other part that must move. */
  moved: 0.4,
  /** For each target met before and missed then. */
  target: 1,
  /** For each new caution of danger. */
  danger: 1,
} as const;

/** More noticed changes of one figure than this make it no worse. */
const mostTimes = 12;
/** Less than so many noticed changes is nothing. */
const nothingTimes = 0.3;

/** So many noticed changes of one figure, as they count. */
export const countedTimes = (times: number) =>
  Math.max(0, Math.min(mostTimes, times) - nothingTimes);

/** What a candidate is ranked by. */
export interface Ranked {
  shifts: readonly Shift[];
  proposal: Proposal;
  /** How far apart the two taste. */
  tastesApart: number;
  /** It is what the dip is named for. */
  leads: boolean;
  /** It is of another structure. */
  textureApart: boolean;
  /** Other parts that move. */
  moved: number;
  /** Of the blend before and after, #rrggbb. */
  colours: readonly [string | null, string | null];
}

const familyOf = (allergen: string) => allergen.split(':')[0];

/** What the allergens it brings count. */
function allergens({ consequences: { allergensGained, allergensLost } }: Proposal): number {
  const had = new Set(allergensLost.map(familyOf));
  return allergensGained.reduce(
    (sum, one) =>
      sum + (had.has(familyOf(one)) ? swapWeights.allergenOfKind : swapWeights.allergen),
    0,
  );
}

const costOf = ({ per100g }: Figures) => per100g.costEur;

/** How far a candidate is from what it goes in for: the sum of what is different, weighted; 0 for the thing itself. */
export function distance(ranked: Ranked): number {
  const { shifts, proposal, tastesApart, leads, textureApart, moved, colours } = ranked;
  const { dietsLost, keepDays, cautions } = proposal.consequences;
  const figures = shifts.reduce((sum, { name, times }) => {
    return sum + keptWeight[name] * countedTimes(times);
  }, 0);
  const [before, after] = colours;
  const colour = before && after ? colourDifference(before, after) / 10 : 0;
  const dearer = costOf(proposal.after) / Math.max(1e-6, costOf(proposal.before)) - 1;
  const w = swapWeights;
  return (
    figures +
    (w.taste + (leads ? w.lead : 0)) * tastesApart +
    (textureApart ? w.texture : 0) +
    w.colour * colour +
    allergens(proposal) +
    w.diet * dietsLost.length +
    w.day * Math.max(0, keepDays.before - keepDays.after) +
    w.cost * Math.max(0, dearer * 2) +
    w.moved * moved +
    w.target * proposal.givesUp.length +
    w.danger * cautions.filter(({ level }) => level === 'danger').length
  );
}
