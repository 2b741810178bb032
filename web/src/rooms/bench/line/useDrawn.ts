'use client';

import type { BodyConditions } from '@cobbet/core/mix/conditions';
import type { Part } from '@cobbet/core/mix/part';
import { type DrawnBand, drawnPath } from '@cobbet/core/dip/drawnPath';
import { useEffect, useState } from 'react';

/** How long the hands rest before the draws are made, ms: five hundred paths cost more than a frame. */
const restMs = 80;

/**
 * The drawn band around a path, once the hands rest.
 *
 * @returns nothing while it is not of this path; slopes stand in for it
 */
export function useDrawn(
  parts: readonly Part[],
  conditions: BodyConditions,
): readonly (DrawnBand | null)[] | undefined {
  const [drawn, setDrawn] = useState<{
    parts: readonly Part[];
    conditions: BodyConditions;
    band: (DrawnBand | null)[];
  } | null>(null);
  useEffect(() => {
    const timer = setTimeout(
      () => setDrawn({ parts, conditions, band: drawnPath(parts, conditions) }),
      restMs,
    );
    return () => clearTimeout(timer);
  }, [parts, conditions]);
  return drawn?.parts === parts && drawn.conditions === conditions ? drawn.band : undefined;
}
