import type { RawWay } from './rawWay';
import type { Ingredient } from '../larder/ingredient';
import type { MeasureSystem } from '../amounts/measureSystem';
import { singular } from '../amounts/pieceWords';
import { z90 } from '../statistics/spread';
import { prepare, routesTo } from './prepare';
import { readRaw } from './rawAmount';
import type { Route } from './route';
import { methodOf, routeOfRow, usualWay } from './usualWay';

/** An amount written of the raw thing: how much of it by which route, and what words said so. */
export interface RawRow {
  route: Route;
  /** The amount without the words: `150 g`. */
  amount: string;
  /** The words with a space before them: ` dried`; empty where a count said it (`1 cucumber`). */
  words: string;
  rawG: number;
  /** What it gives, with its coefficient of variation. */
  massG: number;
  cv: number;
}

const rawWords = new Set(['raw', 'dry', 'uncooked', 'whole']);

function saysRaw(word: string, route: Route): boolean {
  const one = singular(word.toLowerCase().replace(/,$/, ''));
  return (
    rawWords.has(one) ||
    route.from.split('-').includes(one) ||
    route.raw.split(/[\s,]+/).some((named) => singular(named) === one)
  );
}

/** An amount and the words after it that say it is raw. */
function splitWords(text: string, route: Route): { amount: string; words: string } {
  const counted = Object.keys(route.pieceG).flatMap((one) => one.split(' '));
  const tokens = text.trim().split(/\s+/);
  let end = tokens.length;
  while (end > 1) {
    const word = tokens[end - 1] ?? '';
    if (!saysRaw(word, route) || counted.includes(singular(word.toLowerCase()))) break;
    end -= 1;
  }
  const words = tokens.slice(end).join(' ');
  return { amount: tokens.slice(0, end).join(' '), words: words === '' ? '' : ` ${words}` };
}

/**
 * Reads an amount of the raw thing as what it gives ready: `150 g dried`, `1 cucumber`, `500 g raw`. The row's own way
 * is tried first, then the usual one, then any.
 *
 * @param text what an amount of the ready thing could not be read from
 * @param raw as the row says
 * @returns null where it can't be read so either
 */
export function readRawRow(
  text: string,
  ingredient: Ingredient,
  raw: RawWay | null | undefined,
  measures: MeasureSystem,
): RawRow | null {
  const way = raw ?? usualWay(ingredient);
  const own = routeOfRow(ingredient, raw);
  const routes = routesTo(ingredient, way ? methodOf(way) : undefined);
  for (const route of own ? [own, ...routes] : routes) {
    const { amount, words } = splitWords(text, route);
    const read = readRaw(amount, route, measures);
    if (!read.ok) continue;
    const { massG: rawG, spread } = read.value;
    const { readyG } = prepare(route, rawG, spread);
    const cv = readyG.high > readyG.low ? Math.log(readyG.high / readyG.low) / (2 * z90) : 0;
    return { route, amount, words, rawG, massG: readyG.typical, cv };
  }
  return null;
}
