import type { JarName, TastingKind } from '@cobbet/core/taste/tasting';

/** What is asked about, and what stands at the ends of its five marks. */
export const jarWords: Record<JarName, { name: string; low: string; high: string }> = {
  body: { name: 'Body', low: 'far too loose', high: 'far too stiff' },
  salt: { name: 'Salt', low: 'far too little', high: 'far too much' },
  sour: { name: 'Sour', low: 'far too little', high: 'far too much' },
  garlic: { name: 'Garlic', low: 'far too little', high: 'far too much' },
  sweet: { name: 'Sweet', low: 'far too little', high: 'far too much' },
  bitter: { name: 'Bitter', low: 'far too little', high: 'far too much' },
  heat: { name: 'Heat', low: 'far too mild', high: 'far too hot' },
  smoke: { name: 'Smoke', low: 'far too little', high: 'far too much' },
  herb: { name: 'Herbs', low: 'far too little', high: 'far too much' },
  nut: { name: 'Nut', low: 'far too little', high: 'far too much' },
  colour: { name: 'Colour', low: 'far too pale', high: 'far too dark' },
  grain: { name: 'Grain', low: 'far too smooth', high: 'far too coarse' },
};

/** The two sides of just right, as they are said of a pot. */
export const sideWords = (name: JarName): { low: string; high: string } => ({
  low: jarWords[name].low.replace('far ', ''),
  high: jarWords[name].high.replace('far ', ''),
});

/** Nine points of liking; what has no word of its own stands between its neighbours. */
export const likingWords: Readonly<Record<number, string>> = {
  1: 'dislike it extremely',
  5: 'neither like nor dislike it',
  9: 'like it extremely',
};

/** What a tasting asks, as it is chosen and as it is put to a taster. */
export const kindWords: Record<TastingKind, { name: string; asks: string }> = {
  each: { name: 'How each is liked', asks: 'How is this one?' },
  prefer: { name: 'Which of two is preferred', asks: 'Which do you prefer?' },
  odd: { name: 'Which of three is the odd one', asks: 'Two are the same. Which is the other?' },
  rank: { name: 'An order, the best first', asks: 'Tap the best first, then the next.' },
};
