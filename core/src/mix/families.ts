/** Families of dip; each has its own usual seasoning. */
export const families = [
  'pulse',
  'vegetable',
  'yogurt',
  'pesto-spread',
  'pesto-dress',
  'pate',
] as const;
export type Family = (typeof families)[number];

export const familyNames: Record<Family, string> = {
  pulse: 'Pulse dips',
  vegetable: 'Vegetable dips',
  yogurt: 'Yogurt dips',
  'pesto-spread': 'Pestos to spread',
  'pesto-dress': 'Pestos to dress',
  pate: 'Nut and pulse pâtés',
};

interface UsualRange {
  low: number;
  high: number;
}

/** Usual salt, sour and garlic, g per 100 g. */
export interface UsualSeasoning {
  saltG: UsualRange;
  acidG: UsualRange;
  garlicG: UsualRange;
}

/** Usual salt, sour and garlic of a family, g per 100 g; starting ranges that every house moves. */
export const usualSeasoning: Record<Family, UsualSeasoning> = {
  pulse: {
    saltG: { low: 0.8, high: 1.3 },
    acidG: { low: 0.2, high: 0.6 },
    garlicG: { low: 0.2, high: 1.8 },
  },
  vegetable: {
    saltG: { low: 0.8, high: 1.3 },
    acidG: { low: 0.3, high: 0.6 },
    garlicG: { low: 0.2, high: 1.8 },
  },
  yogurt: {
    saltG: { low: 0.4, high: 0.9 },
    acidG: { low: 0.7, high: 1.2 },
    garlicG: { low: 0, high: 0.7 },
  },
  'pesto-spread': {
    saltG: { low: 0.6, high: 1.2 },
    acidG: { low: 0, high: 0.5 },
    garlicG: { low: 0.2, high: 1.8 },
  },
  'pesto-dress': {
    saltG: { low: 1.2, high: 2.2 },
    acidG: { low: 0, high: 0.5 },
    garlicG: { low: 0.7, high: 4 },
  },
  pate: {
    saltG: { low: 0.8, high: 1.3 },
    acidG: { low: 0.1, high: 0.5 },
    garlicG: { low: 0, high: 0.7 },
  },
};

/** How garlicky a dip is in a cook's words; ends in g raw crushed per 100 g. */
export function garlicWord(garlicG: number): string {
  if (garlicG < 0.05) return 'none';
  if (garlicG < 0.2) return 'faint';
  if (garlicG < 0.7) return 'a hint';
  if (garlicG < 1.8) return 'clear';
  return garlicG <= 4 ? 'strong' : 'very strong';
}
