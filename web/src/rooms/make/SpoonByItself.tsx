'use client';

import Button from '@mui/material/Button';
import { type Run } from '@cobbet/core/book/run';
import { loggedRows } from '@cobbet/core/book/runEvents';
import { runTargets } from '@cobbet/core/book/runBowl';
import { trialParts } from '@cobbet/core/book/trialParts';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { later } from '@/components/later';
import { useMemo, useState } from 'react';
import type { RunControl } from './useRun';

const NudgeTable = later(() =>
  import('@/components/NudgeTable').then(({ NudgeTable }) => NudgeTable),
);

/** What a spoon of each thing would do to the bowl as it really is; one is logged by its own button. */
export function SpoonByItself({
  run,
  control: { dip, larder, conditions, add },
  analysis,
}: {
  run: Run;
  control: RunControl;
  analysis: Analysis;
}) {
  const [shown, setShown] = useState(false);
  const parts = useMemo(() => trialParts(loggedRows(run), larder), [run, larder]);
  if (!shown || parts.length === 0) {
    return (
      <Button
        sx={{ justifySelf: 'start', minHeight: 48 }}
        disabled={parts.length === 0}
        onClick={() => setShown(true)}
      >
        What would a spoon do?
      </Button>
    );
  }
  return (
    <NudgeTable
      parts={parts}
      now={analysis}
      targets={runTargets(run, dip)}
      larder={larder}
      conditions={conditions}
      onAdd={({ ingredient, massG, amount }) =>
        void add([{ ingredient, massG, amount, place: 'bowl' }])
      }
      onClose={() => setShown(false)}
    />
  );
}
