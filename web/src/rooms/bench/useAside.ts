'use client';

import type { Dip } from '@cobbet/core/dip/dip';
import type { TargetName } from '@cobbet/core/mix/targets';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useCallback, useState } from 'react';

/** What is asked about the dip beside its line. */
export type Aside =
  | { kind: 'swap'; rowId: string }
  | { kind: 'free' }
  | { kind: 'base' }
  | { kind: 'variants' }
  | { kind: 'rules' }
  | { kind: 'targets' }
  | { kind: 'size' }
  | { kind: 'ways' }
  | { kind: 'ready'; rowId: string }
  | { kind: 'details'; rowId: string }
  | { kind: 'why'; figure: TargetName };

/** Panels that need more room than the figures beside the line. */
export const isWide = (aside: Aside | null): boolean =>
  aside !== null && ['size', 'ways', 'ready', 'details'].includes(aside.kind);

/** The row whose swap is asked about, where one is. */
export const rowInQuestion = ({ rows }: Dip, aside: Aside | null) =>
  aside?.kind === 'swap' ? rows.find(({ id }) => id === aside.rowId) : undefined;

/** What can be asked about a dip as a whole. */
export type PlainAside = Exclude<Aside['kind'], 'swap' | 'ready' | 'details' | 'why'>;

/** What is asked about the dip beside its line, and what is looked at on the line meanwhile. */
export function useAside() {
  const [aside, setAside] = useState<Aside | null>(null);
  const [looked, setLooked] = useState<Proposal | null>(null);
  const openAside = useCallback((kind: PlainAside) => {
    setLooked(null);
    setAside({ kind });
  }, []);
  // rows are memoised on it
  const swapRow = useCallback((rowId: string) => setAside({ kind: 'swap', rowId }), []);
  const detailRow = useCallback((rowId: string) => {
    setLooked(null);
    setAside({ kind: 'details', rowId });
  }, []);
  const readyRow = useCallback((rowId: string) => setAside({ kind: 'ready', rowId }), []);
  const askWhy = useCallback((figure: TargetName) => {
    setLooked(null);
    setAside({ kind: 'why', figure });
  }, []);
  const leaveAside = useCallback(() => {
    setAside(null);
    setLooked(null);
  }, []);
  return { aside, looked, setLooked, openAside, swapRow, readyRow, detailRow, askWhy, leaveAside };
}
