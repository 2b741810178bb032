'use client';

import { createContext, useContext, useSyncExternalStore } from 'react';

/** How the Bench lies: how high a row is, how wide the rows' side is, and whether it is held in a hand. */
export interface BenchLayout {
  inHand: boolean;
  /** px */
  rowHeight: number;
  /** CSS; the axis takes the rest. */
  rowsWidth: string;
}

const onTable: BenchLayout = {
  inHand: false,
  rowHeight: 40,
  rowsWidth: 'clamp(380px, 53%, 580px)',
};
/** Two lines a row, the axis as wide as is left: the line stays one line. */
const inHand: BenchLayout = { inHand: true, rowHeight: 58, rowsWidth: '56%' };

const narrow = '(max-width: 599.95px)';
const asks = () => window.matchMedia(narrow);

function subscribe(told: () => void): () => void {
  const query = asks();
  query.addEventListener('change', told);
  return () => query.removeEventListener('change', told);
}

/** How the Bench lies on this screen; as on a table until that is known. */
export function useScreenLayout(): BenchLayout {
  const isNarrow = useSyncExternalStore(
    subscribe,
    () => asks().matches,
    () => false,
  );
  return isNarrow ? inHand : onTable;
}

const Layout = createContext(onTable);
export const BenchLayoutGiven = Layout.Provider;

/** How the Bench around it lies. */
export const useBenchLayout = (): BenchLayout => useContext(Layout);
