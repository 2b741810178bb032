import type { Caught } from './stable';

/** The addition in hand as the scale shows it. */
export interface WeighedIn {
  /** What the scale stood at before it began, g; null until it has stood still once. */
  fromG: number | null;
  /** What has gone in, g: settled, and worth logging; null while it moves or nothing is in. */
  caughtG: number | null;
}

/** Less than this is a knock at the table and not an addition, g. */
const leastG = 0.4;
/** The last figure of what stands flickers by less than this, g. */
const flickerG = 0.2;

/**
 * Follows the addition in hand: what the scale stood at before is nothing, what it stands at now is what went in.
 *
 * @param stable what the scale stands at; null while it moves
 */
export function weighedIn({ fromG, caughtG }: WeighedIn, stable: Caught | null): WeighedIn {
  if (!stable) return { fromG, caughtG: null };
  if (fromG === null) return { fromG: stable.value, caughtG: null };
  const inG = stable.value - fromG;
  // the bowl was lifted off, or set to nothing: begin from there
  if (inG < -leastG) return { fromG: stable.value, caughtG: null };
  // what was caught stays as it was said while the last figure flickers
  if (caughtG !== null && Math.abs(inG - caughtG) < flickerG) return { fromG, caughtG };
  return { fromG, caughtG: inG >= leastG ? inG : null };
}

/** The next addition begins where the scale stands; where it does not stand, at what it comes to rest at. */
export function nextWeighed(stable: Caught | null): WeighedIn {
  return { fromG: stable?.value ?? null, caughtG: null };
}

/** Grams as they are logged from a scale that shows tenths. */
export function weighedText(massG: number): string {
  return `${massG >= 100 ? massG.toFixed(0) : massG.toFixed(1)} g`;
}
