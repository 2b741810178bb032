import type { Ingredient } from '@cobbet/core/larder/ingredient';

/** Components of 100 g in the order they are drawn. */
export const components = [
  { key: 'waterG', name: 'water', fill: '#a9c6cf' },
  { key: 'fatG', name: 'fat', fill: '#d9a93f' },
  { key: 'proteinG', name: 'protein', fill: '#a8574a' },
  { key: 'starchG', name: 'starch', fill: '#c9b48a' },
  { key: 'sugarsG', name: 'sugars', fill: '#e5b7c3' },
  { key: 'fibreG', name: 'fibre', fill: '#7d8f55' },
  { key: 'saltG', name: 'salt', fill: '#5f5a66' },
  { key: 'acidG', name: 'acid', fill: '#bcd04a' },
] as const;

export type ComponentKey = (typeof components)[number]['key'];

/** Where each component begins and how wide it is, of 100 g; what is left over is ash and the rounding of tables. */
export function segments(ingredient: Pick<Ingredient, ComponentKey>) {
  let from = 0;
  return components.map(({ key, name, fill }) => {
    const width = Math.max(0, Math.min(100 - from, ingredient[key]));
    const segment = { key, name, fill, from, width };
    from += width;
    return segment;
  });
}

/** The components that make most of a thing, in words: `water 61, starch 15, protein 8`. */
export function mostly(ingredient: Pick<Ingredient, ComponentKey>): string {
  return components
    .map(({ key, name }) => ({ name, value: ingredient[key] }))
    .filter(({ value }) => value >= 1)
    .sort((a, b) => b.value - a.value)
    .slice(0, 4)
    .map(({ name, value }) => `${name} ${value.toFixed(0)}`)
    .join(', ');
}
