'use client';

import type { Proposal } from '@cobbet/core/proposal/proposal';
import { later } from '@/components/later';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const SwapPanel = later(() => import('./swap/SwapPanel').then(({ SwapPanel }) => SwapPanel));
const FreePanel = later(() => import('./free/FreePanel').then(({ FreePanel }) => FreePanel));

/** What is asked about the dip beside its line. */
export type Aside = { kind: 'swap'; rowId: string } | { kind: 'free' };

/** The panel beside the line that is open: a swap of a row, or the whole dip made free of something. */
export function AsidePanel({
  aside,
  bench,
  edits,
  onLook,
  onClose,
}: {
  aside: Aside;
  bench: Bench;
  edits: BenchEdits;
  onLook: (proposal: Proposal | null) => void;
  onClose: () => void;
}) {
  if (aside.kind === 'free') return <FreePanel bench={bench} onLook={onLook} onClose={onClose} />;
  return (
    <SwapPanel
      key={aside.rowId}
      bench={bench}
      rowId={aside.rowId}
      onLook={onLook}
      onTake={(proposal, swapped) => {
        edits.swap(proposal, swapped);
        onClose();
      }}
      onClose={onClose}
    />
  );
}
