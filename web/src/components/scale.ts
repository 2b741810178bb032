import { ticks } from 'd3-array';

/** Values placed along an axis in px, and back. */
export interface Scale {
  (value: number): number;
  /** The value at a place. */
  invert(x: number): number;
  /** About so many round values. */
  ticks(count: number): number[];
}

function between(from: readonly number[], to: readonly number[], held: boolean) {
  const last = from.length - 1;
  return (value: number): number => {
    const after = from.findIndex((end) => end > value);
    const i = Math.max(0, (after < 0 ? last : after) - 1);
    const [start = 0, end = 0] = [from[i], from[i + 1]];
    const share = end === start ? 0.5 : (value - start) / (end - start);
    const kept = held ? Math.min(1, Math.max(0, share)) : share;
    return (to[i] ?? 0) * (1 - kept) + (to[i + 1] ?? 0) * kept;
  };
}

/**
 * A scale that is straight, or straight in pieces. The one of d3-scale brings colours, dates and formats into the first
 * load of every room.
 *
 * @param domain rising values, two or more
 * @param range a place for each, px, rising or falling
 * @param held whether what lies outside stays at the ends
 */
export function straightScale(
  domain: readonly number[],
  range: readonly number[],
  held = true,
): Scale {
  const falls = (range.at(-1) ?? 0) < (range[0] ?? 0);
  const back = falls
    ? between([...range].reverse(), [...domain].reverse(), held)
    : between(range, domain, held);
  return Object.assign(between(domain, range, held), {
    invert: back,
    ticks: (count: number) => ticks(domain[0] ?? 0, domain.at(-1) ?? 0, count),
  });
}
