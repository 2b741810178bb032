/** How something was tasted when a verdict was given. */
export interface TastedHow {
  /** °C; null where nobody said. */
  atC: number | null;
  /** What it was eaten with; empty for a spoon alone. */
  eatenWith: string;
}

/** So far from how warm it is served a verdict counts half, °C (J): cold dulls salt and sour, warmth carries garlic. */
const halfOffC = 20;
/** What counts of a verdict where nobody said how warm it was, or where it was tasted off the spoon (J). */
const unsaidWarmth = 0.8;
const offTheSpoon = 0.8;

/**
 * How much a verdict on seasoning says of the dip as it is eaten: all of it at the temperature it is served at, with what it is eaten with.
 *
 * @param servedAtC how warm the dip is eaten, °C
 * @returns 0–1, above 0
 */
export function saidUnder({ atC, eatenWith }: TastedHow, servedAtC: number): number {
  const warmth = atC === null ? unsaidWarmth : 1 / (1 + ((atC - servedAtC) / halfOffC) ** 2);
  return warmth * (eatenWith.trim() === '' ? offTheSpoon : 1);
}
