import type { Ingredient } from '../larder/ingredient';
import type { Part } from '../mix/part';

/** What a thing costs, as it is bought. */
export interface Price {
  /** By id. */
  ingredient: string;
  /** In the kitchen's own currency. */
  price: number;
  /** g it is for. */
  forG: number;
}

/** Where a price of a gram comes from. */
export type PriceSource = 'own' | 'larder';

/** One thing's share of what a batch costs. */
export interface CostDriver {
  ingredient: string;
  cost: number;
  /** 0–1 of all that is known. */
  share: number;
  source: PriceSource;
}

/** What a batch costs as far as prices are known: at least that. */
export interface Cost {
  batch: number;
  /** The dearest first. */
  drivers: CostDriver[];
  /** Ids of what has no price anywhere. */
  missing: string[];
  /** Ids of what is priced by the larder's table alone. */
  guessed: string[];
}

/**
 * What a gram of a thing costs: its own price, else the larder's.
 *
 * @param ownOnly whether the larder's does not count
 * @returns null where there is neither
 */
export function pricePerG(
  { id, costHintEurPerKg }: Pick<Ingredient, 'id' | 'costHintEurPerKg'>,
  prices: ReadonlyMap<string, Price>,
  ownOnly = false,
): { perG: number; source: PriceSource } | null {
  const own = prices.get(id);
  if (own && own.forG > 0) return { perG: own.price / own.forG, source: 'own' };
  return !ownOnly && costHintEurPerKg > 0
    ? { perG: costHintEurPerKg / 1000, source: 'larder' }
    : null;
}

/** What comes from the tap has no price to be missing. */
const isFree = ({ role, costHintEurPerKg, waterG }: Ingredient) =>
  role === 'liquid' && costHintEurPerKg < 0.01 && waterG >= 90;

/**
 * What a batch costs, by thing.
 *
 * @param parts all of it, with what goes on top
 * @param prices by ingredient
 * @param ownOnly whether what has no price of its own is missing, and not priced by the larder
 */
export function batchCost(
  parts: readonly Pick<Part, 'ingredient' | 'massG'>[],
  prices: ReadonlyMap<string, Price>,
  ownOnly = false,
): Cost {
  const grams = new Map<Ingredient, number>();
  for (const { ingredient, massG } of parts) {
    if (massG > 0) grams.set(ingredient, (grams.get(ingredient) ?? 0) + massG);
  }
  const found: Cost = { batch: 0, drivers: [], missing: [], guessed: [] };
  for (const [ingredient, massG] of grams) {
    const price = pricePerG(ingredient, prices, ownOnly);
    if (!price) {
      if (!isFree(ingredient)) found.missing.push(ingredient.id);
      continue;
    }
    const cost = price.perG * massG;
    found.batch += cost;
    found.drivers.push({ ingredient: ingredient.id, cost, share: 0, source: price.source });
    if (price.source === 'larder') found.guessed.push(ingredient.id);
  }
  found.drivers = found.drivers
    .map((one) => ({ ...one, share: found.batch > 0 ? one.cost / found.batch : 0 }))
    .sort((a, b) => b.cost - a.cost);
  return found;
}

/** What a kitchen counts beside what goes in, in its own currency. */
export interface Rates {
  /** An hour of work. */
  hour?: number;
  /** Heat and power of one making. */
  power?: number;
}

/**
 * What a making costs beside what goes in.
 *
 * @param workMin minutes of work; null where nobody knows, which counts as none
 */
export const workCost = ({ hour = 0, power = 0 }: Rates, workMin: number | null): number =>
  (hour * (workMin ?? 0)) / 60 + power;

/**
 * A selling price from the share of it that what goes in may cost.
 *
 * @param share 0–1
 * @returns null for a share of nothing
 */
export const sellingPrice = (cost: number, share: number): number | null =>
  share > 0 && share <= 1 ? cost / share : null;
