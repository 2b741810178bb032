import type { Band } from '@cobbet/core/mix/targets';

/** A wanted range in words: `6.8–7.8`, `at least 1`. */
export function bandWords({ low, high }: Band): string {
  if (low === null) return `at most ${high ?? ''}`;
  return high === null ? `at least ${low}` : `${low}–${high}`;
}
