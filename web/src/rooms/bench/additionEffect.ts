import { rowOfPart, withAdditions } from '@cobbet/core/book/dipEdits';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Kitchen } from '@cobbet/core/kitchen/kitchen';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import { bodyFigure } from '@/components/bodyText';

/** A change of a seasoning smaller than this is not worth a word, g per 100 g. */
const leastG = 0.03;

const seasonings = [
  ['saltG', 'salt'],
  ['acidG', 'sour'],
  ['garlicG', 'garlic'],
] as const;

/**
 * What additions would do to a dip, in a few words: its body chilled, and what they season; by the whole model.
 *
 * @param now the dip as it stands
 * @returns empty for what goes on top or is open, and where there is no dip yet
 */
export function additionEffect(
  dip: Dip,
  now: Analysis,
  kitchen: Kitchen,
  parts: readonly ReadPart[],
): string {
  const inside = parts.filter(({ massG, place }) => massG > 0 && place !== 'top');
  if (inside.length === 0 || dip.rows.length === 0) return '';
  const rows = inside.map((part, i) => rowOfPart(part, `tried-${i}`));
  const { analysis } = analyseDip(withAdditions(dip, rows), kitchen);
  const body = (value: number | null) => (value === null ? 'crumbs' : bodyFigure(value));
  const [before, after] = [body(now.chilledBody), body(analysis.chilledBody)];
  const words = [before === after ? `body stays ${after}` : `body ${before} → ${after}`];
  for (const [key, word] of seasonings) {
    const [was, is] = [now.per100g[key], analysis.per100g[key]];
    if (Math.abs(is - was) >= leastG) words.push(`${word} ${was.toFixed(2)} → ${is.toFixed(2)} g`);
  }
  return words.join(' · ');
}
