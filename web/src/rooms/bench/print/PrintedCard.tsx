'use client';

import { usePrinting } from '@/components/usePrinting';
import type { Bench } from '../useBench';
import { DipCard } from './DipCard';

/** The dip on paper, there while it is printed. */
export function PrintedCard({ bench }: { bench: Bench }) {
  return usePrinting() ? <DipCard bench={bench} /> : null;
}
