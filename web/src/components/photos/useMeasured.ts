'use client';

import type { SpreadOnPicture } from '@cobbet/core/picture/measureSpread';
import type { PictureSize, Rims } from '@cobbet/core/picture/picturePoint';
import { useEffect, useState } from 'react';
import { measureEdges, measureTapped } from '@/workers/pictureClient';

/** Taps rest this long before they are measured. */
const restMs = 250;
/** Edges that say so much else than the taps are of something else. */
const farShare = 0.2;

/** What was found for which places. */
export interface MeasuredRims {
  of: Rims;
  knownMm: number;
  /** Null where the places make no circle. */
  spread: SpreadOnPicture | null;
  /** Whether the edges were found, or the taps alone tell. */
  edges: boolean;
}

/**
 * What the places tapped on two rims say, first by themselves, then by the edges near them.
 *
 * @param knownMm null while there are too few places or no width
 */
export function useMeasured(
  { widthPx, heightPx }: PictureSize,
  picture: Blob,
  rims: Rims,
  knownMm: number | null,
): { shown: MeasuredRims | null; problem: string | null } {
  const [found, setFound] = useState<MeasuredRims | null>(null);
  const [failed, setFailed] = useState<{ of: Rims; says: string } | null>(null);
  useEffect(() => {
    if (knownMm === null) return undefined;
    const ends = new AbortController();
    const size = { widthPx, heightPx };
    const rest = setTimeout(() => {
      const of = { of: rims, knownMm };
      const work = async () => {
        const tapped = await measureTapped(size, rims, knownMm, ends.signal);
        setFound({ ...of, spread: tapped, edges: false });
        if (!tapped) return;
        const edged = await measureEdges(picture, size, tapped, knownMm, ends.signal);
        const near = edged && Math.abs(edged.diameterMm / tapped.diameterMm - 1) < farShare;
        if (near) setFound({ ...of, spread: edged, edges: true });
      };
      work().catch((error: unknown) => {
        if (ends.signal.aborted) return;
        setFailed({ of: rims, says: error instanceof Error ? error.message : String(error) });
      });
    }, restMs);
    return () => {
      clearTimeout(rest);
      ends.abort();
    };
  }, [rims, knownMm, widthPx, heightPx, picture]);
  return {
    shown: found?.of === rims && found.knownMm === knownMm ? found : null,
    problem: failed?.of === rims ? failed.says : null,
  };
}
