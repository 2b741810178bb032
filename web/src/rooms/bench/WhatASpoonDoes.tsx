'use client';

import Button from '@mui/material/Button';
import type { Nudge } from '@cobbet/core/dip/nudges';
import { later } from '@/components/later';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const NudgeTable = later(() =>
  import('@/components/NudgeTable').then(({ NudgeTable }) => NudgeTable),
);

/** What a spoon of each would do, asked for by its name. */
export function WhatASpoonDoes({
  bench,
  open,
  onOpen,
  onAdd,
  onLook,
  onClose,
}: {
  bench: Bench;
  open: boolean;
  onOpen: () => void;
  onAdd: BenchEdits['nudge'];
  onLook: (nudge: Nudge | null) => void;
  onClose: () => void;
}) {
  if (!open) {
    return (
      <Button size="small" onClick={onOpen} sx={{ mt: 1 }}>
        What would a spoon do?
      </Button>
    );
  }
  return (
    <NudgeTable
      parts={bench.parts}
      now={bench.analysis}
      targets={bench.dip.targets}
      larder={bench.kitchen.larder}
      conditions={bench.conditions}
      onAdd={onAdd}
      onLook={onLook}
      onClose={onClose}
    />
  );
}
