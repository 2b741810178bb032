import type { Figures } from '@cobbet/core/mix/figures';

/** Less than this is not worth a word. */
const least = { body: 0.1, salt: 0.03, sour: 0.02, garlic: 0.05 } as const;

function moved(name: string, from: number | null, to: number | null, by: number): string | null {
  if (from === null || to === null || Math.abs(to - from) < by) return null;
  const decimals = by >= 0.1 ? 1 : 2;
  return `${name} ${to > from ? '+' : '−'}${Math.abs(to - from).toFixed(decimals)}`;
}

/** What a change does to body and taste, from one dip to another: `cold +0.4, salt −0.10`. */
export function effectWords(from: Figures, to: Figures): string {
  const { saltG, acidG, garlicG } = to.per100g;
  const words = [
    moved('cold', from.chilledBody, to.chilledBody, least.body),
    moved('salt', from.per100g.saltG, saltG, least.salt),
    moved('sour', from.per100g.acidG, acidG, least.sour),
    moved('garlic', from.per100g.garlicG, garlicG, least.garlic),
  ].filter((word) => word !== null);
  return words.length > 0 ? words.join(', ') : 'hardly moves it';
}
