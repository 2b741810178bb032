import { dietFit } from '@cobbet/core/dip/diets';
import type { Part } from '@cobbet/core/mix/part';
import { shortName } from './shortName';

/** Whether a dip is vegan or vegetarian, and which labels to read for it; null where it is neither. */
export function dietWords(parts: readonly Part[]): string | null {
  const vegan = dietFit(parts, 'vegan');
  const [diet, { fits, because }] = vegan.fits
    ? (['Vegan', vegan] as const)
    : (['Vegetarian', dietFit(parts, 'vegetarian')] as const);
  if (!fits) return null;
  if (fits === true) return `${diet}.`;
  const names = because.map(({ name }) => shortName(name).toLowerCase());
  return `${diet} if the label says so: ${names.join(', ')}.`;
}
