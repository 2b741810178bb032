import type { Band } from '@cobbet/core/mix/targets';

/** How far an end of a band may go, and in what steps. */
export interface EndLimits {
  from: number;
  to: number;
  step: number;
}

/** A band is at least so many steps wide: what is narrower nobody can land in. */
const leastSteps = 4;

/**
 * A band with one end moved: kept on its axis, on a whole step, and short of the other end by the least width. An end that
 * was open stays so while it stands at the end of the axis.
 */
export function movedEnd(
  band: Band,
  end: 'low' | 'high',
  value: number,
  { from, to, step }: EndLimits,
): Band {
  const width = leastSteps * step;
  const least = end === 'low' ? from : Math.min(to, (band.low ?? from) + width);
  const most = end === 'high' ? to : Math.max(from, (band.high ?? to) - width);
  const kept = Math.min(Math.max(value, least), most);
  const rounded = Number((Math.round(kept / step) * step).toFixed(3));
  const atAxisEnd = end === 'low' ? rounded <= from : rounded >= to;
  return { ...band, [end]: band[end] === null && atAxisEnd ? null : rounded };
}

/** How far a key moves an end, in steps; null for a key that moves none. */
export function keySteps(key: string): number | null {
  switch (key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return 1;
    case 'ArrowLeft':
    case 'ArrowDown':
      return -1;
    case 'PageUp':
      return 10;
    case 'PageDown':
      return -10;
    case 'Home':
      return -Infinity;
    case 'End':
      return Infinity;
    default:
      return null;
  }
}
