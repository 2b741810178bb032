import type { RawWay } from './rawWay';
import type { Ingredient } from '../larder/ingredient';
import type { MeasureSystem } from '../amounts/measureSystem';
import { singular } from '../amounts/pieceWords';
import { z90 } from '../statistics/spread';
import { readRaw } from './rawAmount';
import type { RawYield } from './rawYields/rawYield';
import { rawYieldsTo } from './rawYields/rawYields';
import { rawYieldOfRow } from './usualWay';

/** An amount written of the raw thing: how much of it by which way, and what words said so. */
export interface RawRow {
  way: RawYield;
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

function saysRaw(word: string, way: RawYield): boolean {
  const one = singular(word.toLowerCase().replace(/,$/, ''));
  return (
    rawWords.has(one) ||
    way.from.split('-').includes(one) ||
    way.raw.split(/[\s,]+/).some((named) => singular(named) === one)
  );
}

/** An amount and the words after it that say it is raw. */
function splitWords(text: string, way: RawYield): { amount: string; words: string } {
  const counted = Object.keys(way.pieceG).flatMap((one) => one.split(' '));
  const tokens = text.trim().split(/\s+/);
  let end = tokens.length;
  while (end > 1) {
    const word = tokens[end - 1] ?? '';
    if (!saysRaw(word, way) || counted.includes(singular(word.toLowerCase()))) break;
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
  const own = rawYieldOfRow(ingredient, raw);
  const ways = rawYieldsTo(ingredient, raw?.skinsOff);
  for (const way of own ? [own, ...ways] : ways) {
    const { amount, words } = splitWords(text, way);
    const read = readRaw(amount, way, measures);
    if (!read.ok) continue;
    const { massG: rawG, spread } = read.value;
    const massG = rawG * way.ratio.typical;
    const low = way.ratio.low * spread.low;
    const high = way.ratio.high * spread.high;
    const cv = high > low ? Math.log(high / low) / (2 * z90) : 0;
    return { way, amount, words, rawG, massG, cv };
  }
  return null;
}
