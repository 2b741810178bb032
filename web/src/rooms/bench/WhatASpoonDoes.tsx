'use client';

import Button from '@mui/material/Button';
import type { Nudge } from '@cobbet/core/dip/nudges';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeNudge } from '@cobbet/core/proposal/proposeForDip';
import { useCallback } from 'react';
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
}: {
  bench: Bench;
  open: boolean;
  onOpen: (open: boolean) => void;
  onAdd: BenchEdits['nudge'];
  onLook: (proposal: Proposal | null) => void;
}) {
  const { dip, kitchen } = bench;
  const look = useCallback(
    (nudge: Nudge | null) => onLook(nudge && proposeNudge(dip, kitchen, nudge, 'looked-at')),
    [dip, kitchen, onLook],
  );
  if (!open) {
    return (
      <Button size="small" onClick={() => onOpen(true)} sx={{ mt: 1 }}>
        What would a spoon do?
      </Button>
    );
  }
  return (
    <NudgeTable
      parts={bench.parts}
      now={bench.analysis}
      targets={dip.targets}
      larder={kitchen.larder}
      conditions={bench.conditions}
      onAdd={onAdd}
      onLook={look}
      onClose={() => {
        onOpen(false);
        onLook(null);
      }}
    />
  );
}
