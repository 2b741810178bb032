'use client';

import { type VariedFigure, variedFigures } from '@cobbet/core/design/variedFigure';
import type { DipInKitchen } from '@cobbet/core/dip/analyseDip';
import { bodyNames } from '@cobbet/core/mix/bodyMoments';
import { mixOf } from '@cobbet/core/mix/mix';
import { missUnit, targetValue, targetWords } from '@cobbet/core/mix/targets';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';
import type { Limits } from './useVaried';

/** How far a figure goes either way where nobody has said, in what counts as missing it. */
const usualSpan = 3;

/** A figure that may be varied beside the mixture: what it is now, what is usual, and what was said; null where that is no number. */
export interface FigureVaried {
  figure: VariedFigure['figure'];
  now: number;
  usual: { low: number; high: number };
  low: number | null;
  high: number | null;
}

const rounded = (value: number, decimals: number) => Number(value.toFixed(decimals));

/** Which of body, salt and sour are varied on purpose, and between what. */
export function useVariedFigures({ dip, parts, conditions }: DipInKitchen) {
  const [limits, setLimits] = useState<ReadonlyMap<string, Limits>>(new Map());
  // of bodies the one the dip aims at
  const body = bodyNames.find((name) => dip.targets[name]) ?? 'chilledBody';
  const mix = mixOf(parts);
  const figures = variedFigures
    .filter((name) => name === body || name === 'saltG' || name === 'acidG')
    .flatMap((figure): FigureVaried[] => {
      const { decimals } = targetWords[figure];
      const now = targetValue(figure, mix, conditions);
      if (!Number.isFinite(now)) return [];
      const { low = null, high = null } = dip.targets[figure] ?? {};
      const middle = low !== null && high !== null ? (low + high) / 2 : now;
      const span = usualSpan * missUnit[figure];
      const typed = limits.get(figure) ?? { low: '', high: '' };
      const usual = {
        low: rounded(Math.max(0, middle - span), decimals),
        high: rounded(middle + span, decimals),
      };
      return [
        {
          ...{ figure, now, usual },
          low: typed.low.trim() === '' ? usual.low : typedNumber(typed.low),
          high: typed.high.trim() === '' ? usual.high : typedNumber(typed.high),
        },
      ];
    });
  const toggle = (figure: string) => {
    const next = new Map(limits);
    if (!next.delete(figure)) next.set(figure, { low: '', high: '' });
    setLimits(next);
  };
  const chosen = figures.filter(({ figure }) => limits.has(figure));
  const known = chosen.flatMap(({ figure, low, high }): VariedFigure[] =>
    low === null || high === null || low >= high || low < 0 || high > 100
      ? []
      : [{ figure, low, high }],
  );
  const setLimit = (figure: string, next: Limits) => setLimits(new Map(limits).set(figure, next));
  return { figures, limits, chosen, known, toggle, setLimit };
}
