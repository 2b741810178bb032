'use client';

import type { DipInKitchen } from '@cobbet/core/dip/analyseDip';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';

/** How far a share goes either way where nobody has said: of itself, and at least so much, else a map of it is a thin strip. */
const usualSpan = { ofItself: 0.4, down: 0.03, up: 0.06 } as const;

/** The least and the most of a share in percent, as typed. */
export interface Limits {
  low: string;
  high: string;
}

const rounded = (share: number) => Math.round(100 * share) / 100;

const asShare = (text: string): number | null => {
  const value = typedNumber(text);
  return value !== null && value >= 0 && value <= 100 ? value / 100 : null;
};

/** Which things of a dip are varied, and how far. */
export function useVaried(inKitchen: DipInKitchen) {
  const [limits, setLimits] = useState<ReadonlyMap<string, Limits>>(new Map());
  const rows = inKitchen.rows.filter(
    ({ row, massG, error }) => row.place === 'bowl' && error === null && massG > 0,
  );
  const chosen = rows.filter(({ row }) => limits.has(row.id));
  const together = chosen.reduce((sum, { massG }) => sum + massG, 0);
  const toggle = (rowId: string) => {
    const next = new Map(limits);
    if (!next.delete(rowId)) next.set(rowId, { low: '', high: '' });
    setLimits(next);
  };
  const components = chosen.map(({ row, massG }) => {
    const share = together > 0 ? massG / together : 0;
    const typed = limits.get(row.id) ?? { low: '', high: '' };
    const usual = {
      min: rounded(Math.max(0, share - Math.max(usualSpan.ofItself * share, usualSpan.down))),
      max: rounded(Math.min(1, share + Math.max(usualSpan.ofItself * share, usualSpan.up))),
    };
    return {
      ...{ rowId: row.id, ingredientId: row.ingredientId, share, usual },
      min: typed.low.trim() === '' ? usual.min : asShare(typed.low),
      max: typed.high.trim() === '' ? usual.max : asShare(typed.high),
    };
  });
  const known = components.flatMap(({ rowId, ingredientId, min, max }) =>
    min === null || max === null ? [] : [{ rowId, ingredientId, min, max }],
  );
  const setLimit = (rowId: string, next: Limits) => setLimits(new Map(limits).set(rowId, next));
  return { rows, limits, chosen, components, known, toggle, setLimit };
}
