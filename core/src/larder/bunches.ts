/** Trimmed leaf from one usual bunch, g: low, typical, high (bunch mass times trimming, data/yields.csv). */
const bunches: Readonly<Record<string, readonly [number, number, number]>> = {
  basil: [30, 37, 45],
  parsley: [34, 44, 54],
  'coriander-leaf': [48, 60, 70],
  mint: [23, 30, 37],
  dill: [22, 30, 38],
  kale: [130, 163, 190],
  watercress: [60, 72, 78],
  tarragon: [12, 15, 17],
  'carrot-tops-blanched': [45, 54, 76],
  'radish-tops': [58, 72, 81],
  'beet-greens': [100, 130, 158],
};

/** Grams in the bowl from one bunch of a leaf, low–typical–high, or null when it isn't sold so. */
export function bunchG(ingredientId: string) {
  const range = bunches[ingredientId];
  return range ? { low: range[0], typical: range[1], high: range[2] } : null;
}
