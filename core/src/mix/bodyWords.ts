/** What a body is called and what a spoon shows, stiffest last. */
export const bodyWords = [
  'pours',
  'ribbons',
  'slumps',
  'scoops',
  'spreads',
  'packs',
  'shapes',
] as const;
export type BodyWord = (typeof bodyWords)[number];

/** Upper end of each word's range, body. */
const upperEnds = [3, 4.6, 6.1, 7.5, 8.8, 10.2, Infinity] as const;

/** The middle of each word, as an eye reading gives it, body. */
export const wordMiddle: Record<BodyWord, number> = {
  pours: 2.5,
  ribbons: 3.8,
  slumps: 5.35,
  scoops: 6.8,
  spreads: 8.15,
  packs: 9.5,
  shapes: 11,
};

/** What the spoon shows at each word. */
export const wordShows: Record<BodyWord, string> = {
  pours: 'runs off like dressing',
  ribbons: 'a ribbon that sinks at once',
  slumps: 'a mound that spreads',
  scoops: 'holds a soft swirl, clings to bread',
  spreads: 'a swirl with sharp edges',
  packs: 'keeps the spoon’s shape; pâté',
  shapes: 'can be rolled',
};

/**
 * The word for a body.
 *
 * @param body log2 of the yield stress in Pa
 */
export function bodyWord(body: number): BodyWord {
  return bodyWords[upperEnds.findIndex((end) => body < end)] ?? 'shapes';
}

/** A word's range of body; the outermost words are given the ends of the drawn axis. */
export function wordRange(word: BodyWord): { low: number; high: number } {
  const index = bodyWords.indexOf(word);
  return {
    low: index === 0 ? 1.5 : (upperEnds[index - 1] ?? 1.5),
    high: Math.min(upperEnds[index] ?? 12, 12),
  };
}

/** Yield stress in Pa of a body. */
export function yieldStressPa(body: number): number {
  return 2 ** body;
}
