import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { BowlHeat } from '@cobbet/core/mix/bowlHeat';

/** Ice worth a word, g. */
const seenIceG = 5;

/** How warm a bowl is, by the heat balance: “about 31 °C”, and ice that is still in it. */
export function heatWords({ atC, iceG }: BowlHeat): string {
  const ice = iceG >= seenIceG ? `, ${printGrams(iceG)} still ice` : '';
  return `about ${Math.round(atC)} °C${ice}`;
}
