import type { Nudge } from '@cobbet/core/dip/nudges';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeNudge } from '@cobbet/core/proposal/proposeForDip';
import { useCallback } from 'react';
import { NudgeTable } from '@/components/NudgeTable';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

/** What a spoon of each would do to the dip; what is pointed at is drawn on its line. */
export function SpoonTable({
  bench,
  onAdd,
  onLook,
  onClose,
}: {
  bench: Bench;
  onAdd: BenchEdits['nudge'];
  onLook: (proposal: Proposal | null) => void;
  onClose: () => void;
}) {
  const { dip, kitchen } = bench;
  const look = useCallback(
    (nudge: Nudge | null) => onLook(nudge && proposeNudge(dip, kitchen, nudge, 'looked-at')),
    [dip, kitchen, onLook],
  );
  return (
    <NudgeTable
      parts={bench.parts}
      now={bench.analysis}
      targets={dip.targets}
      larder={kitchen.larder}
      conditions={bench.conditions}
      onAdd={onAdd}
      onLook={look}
      onClose={onClose}
    />
  );
}
