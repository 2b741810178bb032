import { fromTheTap } from '../larder/everyday';
import type { Role } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import { rawFor } from '../prepare/prepare';
import type { DayNeeds } from './dayNeeds';

/** One line of a shopping list. */
export interface ShoppingItem {
  ingredientId: string;
  /** What to ask for: `lemons`, `Tahini, hulled, light`. */
  what: string;
  /** In packages or pieces where it comes so, else by weight: `6`, `2 cans of 400 g`, `350 g`. */
  amount: string;
  /** What the day takes of it, g. */
  needG: number;
  shelf: Role;
}

const usualCanG = 400;
/** Less than this is not bought for, g. */
const leastG = 0.05;

function weight(massG: number): string {
  if (massG >= 1000) return `${(Math.ceil(massG / 50) / 20).toFixed(2).replace(/\.?0+$/, '')} kg`;
  if (massG >= 20) return `${Math.ceil(massG / 10) * 10} g`;
  return `${Math.ceil(massG)} g`;
}

const plural = (word: string) => (/(ch|sh|s)$/.test(word) ? `${word}es` : `${word}s`);

function counted(count: number, word: string): string {
  return `${count} ${count === 1 ? word : plural(word)}`;
}

/**
 * What to buy for a day: raw things by the piece or package they come in, rounded up, the rest by weight; what the
 * day's own preparations leave over is counted already.
 *
 * @param inHouse g ready that there is already, by ingredient
 * @returns by shelf, then by name
 */
export function shoppingList(
  needs: DayNeeds,
  larder: Larder,
  inHouse: ReadonlyMap<string, number> = new Map(),
): ShoppingItem[] {
  const items: ShoppingItem[] = [];
  const left = new Map(inHouse);
  /** Takes what there is of a thing, so that no gram counts twice. */
  const short = (ingredientId: string, readyG: number) => {
    const there = Math.min(left.get(ingredientId) ?? 0, readyG);
    left.set(ingredientId, (left.get(ingredientId) ?? 0) - there);
    return readyG - there;
  };
  for (const { ingredientId, route, readyG } of needs.preps) {
    const ingredient = larder.get(ingredientId);
    const rawG = rawFor(route, short(ingredientId, readyG));
    if (!ingredient || rawG < leastG) continue;
    const [piece] = Object.entries(route.pieceG);
    const packageG = ingredient.packageG ?? (piece?.[0] === 'can' ? usualCanG : undefined);
    const amount =
      packageG !== undefined
        ? `${counted(Math.ceil(rawG / packageG), 'can')} of ${packageG} g`
        : piece
          ? counted(Math.ceil(rawG / piece[1].typical), piece[0])
          : weight(rawG);
    const what = piece?.[0] === 'can' ? ingredient.name : route.raw.replace(/, bunches$/, '');
    // `11 lemons` says it all
    const said = piece !== undefined && what === plural(piece[0]);
    items.push({
      ingredientId,
      what: said ? plural(piece[0]) : what,
      amount: said ? String(Math.ceil(rawG / piece[1].typical)) : amount,
      needG: rawG,
      shelf: ingredient.role,
    });
  }
  for (const { ingredientId, massG: wantedG } of needs.bought) {
    const ingredient = larder.get(ingredientId);
    if (!ingredient || fromTheTap.has(ingredientId)) continue;
    const massG = short(ingredientId, wantedG);
    if (massG < leastG) continue;
    const { packageG, name, role } = ingredient;
    const amount =
      packageG === undefined
        ? weight(massG)
        : `${counted(Math.ceil(massG / packageG), ingredient.canShare ? 'can' : 'pack')} of ${packageG} g`;
    items.push({ ingredientId, what: name, amount, needG: massG, shelf: role });
  }
  return items.sort((a, b) => a.shelf.localeCompare(b.shelf) || a.what.localeCompare(b.what));
}

/** The list as lines of text. */
export function shoppingText(items: readonly ShoppingItem[]): string {
  return items.map(({ amount, what }) => `${amount}  ${what}`).join('\n');
}
