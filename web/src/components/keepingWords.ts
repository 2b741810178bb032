import type { Dip } from '@cobbet/core/dip/dip';
import type { Part } from '@cobbet/core/mix/part';
import { fridgeDays, keptDays } from '@cobbet/core/safety/fridgeDays';
import { shortName } from './shortName';

const days = (count: number) => `${count} ${count === 1 ? 'day' : 'days'}`;

/** How long a dip keeps and what decides it, and whether that is longer than is usual. */
export function keepingWords(dip: Dip, parts: readonly Part[]): { text: string; longer: boolean } {
  const usual = fridgeDays(dip.family, parts);
  const kept = keptDays(dip, parts);
  const longer = kept > usual.usual;
  // fewer days than that are the cook's own
  const decides = usual.limitedBy !== null && kept >= usual.usual;
  const why = decides ? `: ${shortName(usual.because).toLowerCase()}` : '';
  return {
    longer,
    text: longer
      ? `You keep it ${days(kept)}; usual guidance says ${days(usual.usual)} at 4 °C or below. Follow local codes${why}`
      : `Keeps ${days(kept)} at 4 °C or below${why}`,
  };
}
