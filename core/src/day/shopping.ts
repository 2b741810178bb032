import { pieceWord } from '../amounts/printAmount';
import { fromTheTap } from '../larder/everyday';
import type { Ingredient, Role } from '../larder/ingredient';
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
  /** What is bought of it, g as it is asked for. */
  boughtG: number;
  shelf: Role;
  /** The amount as the house keeps it, of the ready thing; null for what is made ready first. */
  stock: string | null;
}

/** g that are left over of what is bought. */
export const spareG = ({ needG, boughtG }: Pick<ShoppingItem, 'needG' | 'boughtG'>): number =>
  Math.max(0, boughtG - needG);

/** What so many grams are bought in: the cook's own pack first, else the usual one; loose by weight. */
function packed(
  { packageG, canShare, soldAs }: Ingredient,
  massG: number,
): { amount: string; boughtG: number } {
  if (packageG !== undefined) {
    const count = Math.ceil(massG / packageG - 1e-9);
    const pack = counted(count, canShare ? 'can' : (soldAs?.pack ?? 'pack'));
    return { amount: `${pack} of ${packageG} g`, boughtG: count * packageG };
  }
  if (!soldAs) return { amount: weight(massG), boughtG: weighedG(massG) };
  const count = Math.ceil(massG / soldAs.g - 1e-9);
  return { amount: counted(count, soldAs.pack), boughtG: count * soldAs.g };
}

const usualCanG = 400;
/** Less than this is not bought for, g. */
const leastG = 0.05;

/** What is weighed out in a shop, g. */
const weighedG = (massG: number) =>
  massG >= 1000
    ? Math.ceil(massG / 50) * 50
    : massG >= 20
      ? Math.ceil(massG / 10) * 10
      : Math.ceil(massG);

function weight(massG: number): string {
  const bought = weighedG(massG);
  return massG >= 1000 ? `${(bought / 1000).toFixed(2).replace(/\.?0+$/, '')} kg` : `${bought} g`;
}

function counted(count: number, word: string): string {
  return `${count} ${pieceWord(word, count)}`;
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
    const count =
      packageG !== undefined
        ? Math.ceil(rawG / packageG)
        : piece
          ? Math.ceil(rawG / piece[1].typical)
          : null;
    const amount =
      packageG !== undefined
        ? `${counted(count ?? 0, 'can')} of ${packageG} g`
        : piece
          ? counted(count ?? 0, piece[0])
          : weight(rawG);
    const what = piece?.[0] === 'can' ? ingredient.name : route.raw.replace(/, bunches$/, '');
    // `11 lemons` says it all
    const said = piece !== undefined && what === pieceWord(piece[0], 2);
    items.push({
      ingredientId,
      what: said ? pieceWord(piece[0], 2) : what,
      amount: said ? String(count ?? 0) : amount,
      needG: rawG,
      boughtG: count === null ? weighedG(rawG) : count * (packageG ?? piece?.[1].typical ?? 0),
      shelf: ingredient.role,
      stock: piece && piece[0] !== 'can' ? `${count ?? 0} ${piece[0]}` : null,
    });
  }
  for (const { ingredientId, massG: wantedG } of needs.bought) {
    const ingredient = larder.get(ingredientId);
    if (!ingredient || fromTheTap.has(ingredientId)) continue;
    const massG = short(ingredientId, wantedG);
    if (massG < leastG) continue;
    const { name, role } = ingredient;
    const { amount, boughtG } = packed(ingredient, massG);
    items.push({
      ...{ ingredientId, what: name, amount, needG: massG, boughtG, shelf: role },
      stock: `${Number(boughtG.toFixed(0))} g`,
    });
  }
  return items.sort((a, b) => a.shelf.localeCompare(b.shelf) || a.what.localeCompare(b.what));
}

/** The list as lines of text. */
export function shoppingText(items: readonly ShoppingItem[]): string {
  return items.map(({ amount, what }) => `${amount}  ${what}`).join('\n');
}
