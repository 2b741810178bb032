'use client';

import type { Theme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { createContext, useContext } from 'react';

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

/** How the Bench lies on this screen. */
export function useScreenLayout(): BenchLayout {
  const isNarrow = useMediaQuery<Theme>((theme) => theme.breakpoints.down('sm'), { noSsr: true });
  return isNarrow ? inHand : onTable;
}

const Layout = createContext(onTable);
export const BenchLayoutGiven = Layout.Provider;

/** How the Bench around it lies. */
export const useBenchLayout = (): BenchLayout => useContext(Layout);
