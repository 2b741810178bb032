import { dipMass, type Part } from '../mix/part';
import type { Ingredient, Role } from '../larder/ingredient';

/** An amount far outside what dips use, to be asked about and never blocked. */
export interface Doubt {
  /** The part's place among those given. */
  index: number;
  message: string;
}

/** The most of a role that any family of dip uses, g per 100 g of dip (engineering judgement). */
const usualMost: Record<Role, number> = {
  legume: 92,
  'sesame-paste': 45,
  'nut-seed': 60,
  'nut-butter': 50,
  cheese: 60,
  dairy: 92,
  vegetable: 92,
  green: 70,
  herb: 55,
  'bread-starch': 35,
  crunch: 30,
  aromatic: 12,
  umami: 14,
  spice: 1.6,
  sweetener: 8,
  oil: 55,
  liquid: 55,
  acid: 14,
  salt: 2.2,
};

/** Under this a dip is still being put together, and its shares say nothing, g. */
const leastMassG = 150;
/** Asked from this many times the most that is usual. */
const farOutside = 1.5;
/** One amount heavier than this is asked about whatever it is, g. */
const heavyG = 40_000;

/** The most usual of one ingredient: a hot or bitter one sooner than its role, a piece of raw garlic as garlic. */
function mostOf(ingredient: Ingredient): number {
  const role = usualMost[ingredient.role];
  const byHeat = ingredient.heatUnits > 0 ? 0.6 / ingredient.heatUnits : Infinity;
  const byGarlic = ingredient.garlicUnits > 0 ? 4 / ingredient.garlicUnits : Infinity;
  const bySalt = ingredient.saltG > 0 ? 220 / ingredient.saltG : Infinity;
  return Math.min(role, byHeat, byGarlic, Math.max(bySalt, 2.2));
}

/** What no dip is made of, however much of it there is. */
const neverLeads: readonly Role[] = ['salt', 'spice', 'acid', 'aromatic', 'sweetener'];
/** Saltier than this it seasons and does not lead, g per 100 g: miso and soy sauce, not olives. */
const seasonsFromSaltG = 5;
/** A dip is made of what is at least this share of it (judgement). */
const leadShare = 0.35;

/** Whether a dip may be made of an ingredient: olives of a paste, potatoes of a cream, nuts of a butter. */
const canLead = ({ role, saltG, heatUnits }: Ingredient) =>
  !neverLeads.includes(role) && saltG < seasonsFromSaltG && heatUnits === 0;

function times(ratio: number): string {
  return ratio >= 10 ? `${Math.round(ratio)} times` : `${ratio.toFixed(1)} times`;
}

/**
 * Amounts that can't be right, or can be and are worth a second look: far above what any family of dip uses, all rows
 * of an ingredient taken together. What a dip is made of is not asked about, nor what stands already right.
 *
 * @param parts everything in the bowl, folded in and on top
 */
export function isThisRight(parts: readonly Part[]): Doubt[] {
  const massG = dipMass(parts);
  const byIngredient = new Map<string, { total: number; heaviest: number }>();
  parts.forEach((part, index) => {
    if (part.place === 'top') return;
    const known = byIngredient.get(part.ingredient.id);
    const heaviest =
      known && (parts[known.heaviest]?.massG ?? 0) >= part.massG ? known.heaviest : index;
    byIngredient.set(part.ingredient.id, { total: (known?.total ?? 0) + part.massG, heaviest });
  });
  const most = Math.max(...[...byIngredient.values()].map(({ total }) => total));
  const doubts: Doubt[] = [];
  parts.forEach((part, index) => {
    const { ingredient } = part;
    if (part.massG > heavyG) {
      doubts.push({ index, message: `${(part.massG / 1000).toFixed(0)} kg in one go.` });
      return;
    }
    const entry = byIngredient.get(ingredient.id);
    if (!entry || entry.heaviest !== index || massG < leastMassG) return;
    if (entry.total >= Math.max(most, leadShare * massG) && canLead(ingredient)) return;
    const ratio = (100 * entry.total) / massG / mostOf(ingredient);
    if (ratio < farOutside) return;
    doubts.push({
      index,
      message: `That is ${times(ratio)} the most a dip of ${massG.toFixed(0)} g usually takes.`,
    });
  });
  return doubts;
}
