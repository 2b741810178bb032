import Button from '@mui/material/Button';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { later } from '@/components/later';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const SpoonTable = later(() => import('./SpoonTable').then(({ SpoonTable }) => SpoonTable));

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
  if (!open) {
    return (
      <Button size="small" onClick={() => onOpen(true)} sx={{ mt: 1 }}>
        What would a spoon do?
      </Button>
    );
  }
  return (
    <SpoonTable
      {...{ bench, onAdd, onLook }}
      onClose={() => {
        onOpen(false);
        onLook(null);
      }}
    />
  );
}
