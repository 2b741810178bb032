import { fromTheTap } from '../larder/everyday';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import { canPlay, type Pattern, type Slot } from './patterns';

/** Something there is in the house. */
export interface InHouse {
  ingredientId: string;
  massG: number;
  /** Days until it should be used; null where it keeps. */
  useWithinDays: number | null;
}

/** What a slot is filled with. */
export interface Filled {
  slot: Slot;
  ingredientId: string;
  /** From what is in the house; otherwise it is what is usual, and has to be got. */
  fromHouse: boolean;
}

/** What could be made after a pattern. */
export interface Makeable {
  pattern: Pattern;
  filled: Filled[];
  /** Needed parts that are not in the house, by what is usual for them. */
  missing: string[];
  /** Small parts not in the house: lemon, salt, a clove. */
  little: string[];
  /** What runs out first; null where nothing of it limits. */
  limitedBy: string | null;
  /** The most it makes before that, g. */
  mostG: number;
  /** Things it uses that should be used soon, the soonest first. */
  usesUp: string[];
}

/** A share up to this is a little thing to be missing, g per 100 g. */
const littleShare = 8;
/** To be used within so many days counts as soon. */
const soonDays = 4;
/** Without anything to limit it a dip is sized for a bowl, g. */
const bowlG = 600;

/** What of the house plays a part best: what must go soonest, then what there is most of. */
function best(slot: Slot, house: readonly InHouse[], larder: Larder, taken: ReadonlySet<string>) {
  return house
    .flatMap((item) => {
      const ingredient: Ingredient | undefined = larder.get(item.ingredientId);
      const plays = ingredient && !taken.has(item.ingredientId) && canPlay(slot, ingredient);
      return plays && item.massG > 0 ? [item] : [];
    })
    .sort(
      (a, b) =>
        (a.useWithinDays ?? Infinity) - (b.useWithinDays ?? Infinity) ||
        // what is usual for the part before what merely could
        Number(b.ingredientId === slot.first) - Number(a.ingredientId === slot.first) ||
        b.massG / slot.usual - a.massG / slot.usual,
    )[0];
}

/**
 * Fills a pattern from what is in the house: each part by what can play it, the needed parts first.
 *
 * @param picks ingredients the cook has named for parts, by the part's place
 */
export function fillPattern(
  pattern: Pattern,
  house: readonly InHouse[],
  larder: Larder,
  picks: Readonly<Record<number, string>> = {},
): Makeable {
  const stock = new Map(house.map((item) => [item.ingredientId, item]));
  const taken = new Set<string>(Object.values(picks));
  const order = pattern.slots.map((_, i) => i);
  order.sort((a, b) => Number(pattern.slots[b]?.needed) - Number(pattern.slots[a]?.needed));
  const filled = new Map<number, Filled>();
  for (const i of order) {
    const slot = pattern.slots[i];
    if (!slot) continue;
    const picked = picks[i];
    const found = picked === undefined ? best(slot, house, larder, taken)?.ingredientId : picked;
    const ingredientId = found ?? slot.first;
    taken.add(ingredientId);
    filled.set(i, { slot, ingredientId, fromHouse: stock.has(ingredientId) });
  }
  const all = pattern.slots.flatMap((_, i) => filled.get(i) ?? []);
  const missing: string[] = [];
  const little: string[] = [];
  let mostG = Infinity;
  let limitedBy: string | null = null;
  for (const { slot, ingredientId, fromHouse } of all) {
    if (fromHouse) {
      const most = (100 * (stock.get(ingredientId)?.massG ?? 0)) / slot.usual;
      if (slot.needed && most < mostG) {
        mostG = most;
        limitedBy = ingredientId;
      }
    } else if (!fromTheTap.has(ingredientId)) {
      if (slot.needed && slot.usual > littleShare) missing.push(ingredientId);
      else little.push(ingredientId);
    }
  }
  const usesUp = all
    .flatMap(({ ingredientId }) => stock.get(ingredientId) ?? [])
    .filter(({ useWithinDays }) => useWithinDays !== null && useWithinDays <= soonDays)
    .sort((a, b) => (a.useWithinDays ?? 0) - (b.useWithinDays ?? 0))
    .map(({ ingredientId }) => ingredientId);
  return {
    pattern,
    filled: all,
    missing,
    little,
    limitedBy,
    mostG: mostG === Infinity ? bowlG : mostG,
    usesUp,
  };
}

/** Every pattern filled from the house, what can be made now and uses up most first. */
export function fromHouse(
  patterns: readonly Pattern[],
  house: readonly InHouse[],
  larder: Larder,
): Makeable[] {
  const fromIt = (one: Makeable) => one.filled.filter((part) => part.fromHouse).length;
  return patterns
    .map((pattern) => fillPattern(pattern, house, larder))
    .sort(
      (a, b) =>
        a.missing.length - b.missing.length ||
        b.usesUp.length - a.usesUp.length ||
        fromIt(b) - fromIt(a) ||
        a.little.length - b.little.length,
    );
}

/**
 * How much a dip makes when all there is of one thing goes into it; everything else follows.
 *
 * @returns g, or null when the thing is not in it
 */
export function massUsingAll(made: Makeable, item: InHouse): number | null {
  const part = made.filled.find(({ ingredientId }) => ingredientId === item.ingredientId);
  return part ? (100 * item.massG) / part.slot.usual : null;
}

/** A filled pattern as amounts for a dip of a size, by the usual shares, g. */
export function startingAmounts(
  { filled }: Pick<Makeable, 'filled'>,
  massG: number,
): { ingredientId: string; massG: number; minG: number; maxG: number }[] {
  const sum = filled.reduce((total, { slot }) => total + slot.usual, 0);
  const per = massG / sum;
  return filled.map(({ slot, ingredientId }) => ({
    ingredientId,
    massG: slot.usual * per,
    minG: slot.least * per,
    maxG: slot.most * per,
  }));
}
