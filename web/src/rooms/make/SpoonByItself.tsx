'use client';

import Button from '@mui/material/Button';
import type { Analysis } from '@cobbet/core/analysis/analyse';
import { trialParts } from '@cobbet/core/book/dipParts';
import { loggedRows, type Run } from '@cobbet/core/book/run';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { RunControl } from './useRun';

const NudgeTable = dynamic(() => import('@/parts/NudgeTable').then((module) => module.NudgeTable), {
  ssr: false,
});

/** What a spoon of each thing would do to the bowl as it really is; one is logged by its own button. */
export function SpoonByItself({
  run,
  control: { dip, larder, correction, measures, add },
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
      analysis={analysis}
      method={run.method}
      targets={run.targets ?? dip.targets}
      measures={measures}
      larder={larder}
      correction={correction}
      onAdd={({ ingredient, massG, amount }) => void add([{ ingredient, massG, amount }])}
      onClose={() => setShown(false)}
    />
  );
}
