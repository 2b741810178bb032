import { median } from '../../statistics/quantile';
import type { DeviceReading } from './device';

/** A value that has stood still, as it was caught. */
export interface Caught {
  value: number;
  atMs: number;
}

/** What a device has read lately, and what was last caught of it. */
export interface Watch {
  recent: readonly DeviceReading[];
  /** What it stands at now; null while it moves. */
  stable: Caught | null;
}

export const nothingWatched: Watch = { recent: [], stable: null };

/** How still and for how long counts as standing. */
export interface Stillness {
  /** Largest spread, in the device's unit. */
  within: number;
  /** … and as a share of the value, for heavy bowls. */
  share: number;
  /** ms it has to stand. */
  forMs: number;
}

export const scaleStillness: Stillness = { within: 0.5, share: 0.0005, forMs: 900 };
export const probeStillness: Stillness = { within: 0.7, share: 0, forMs: 1500 };

/** Fewer readings than this in the time say nothing. */
const fewest = 5;

/**
 * Watches a device for values that stand still: a value is caught once every reading of the last moment lies close
 * together, as their median, and let go of once a reading lies further from it than that.
 *
 * @returns the watch with the reading in it
 */
export function watched(
  { recent, stable }: Watch,
  reading: DeviceReading,
  { within, share, forMs }: Stillness,
): Watch {
  const from = reading.atMs - forMs;
  // one reading from before the moment shows that the moment is filled
  const start = recent.findLastIndex(({ atMs }) => atMs <= from);
  const kept = [...recent.slice(Math.max(0, start)), reading];
  const filled = start >= 0 && kept.length > fewest;
  const values = kept.map(({ value }) => value);
  const spread = Math.max(...values) - Math.min(...values);
  const room = within + share * Math.abs(reading.value);
  if (filled && spread <= room) {
    return { recent: kept, stable: { value: median(values), atMs: reading.atMs } };
  }
  // noise about a value that stood is no movement: a button under a finger must not come and go
  const holds = stable !== null && Math.abs(reading.value - stable.value) <= room;
  return { recent: kept, stable: holds ? stable : null };
}
