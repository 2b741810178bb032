'use client';

import Button from '@mui/material/Button';
import type { Method } from '@cobbet/core/body/conditions';
import { trialParts } from '@cobbet/core/book/dipParts';
import type { TrialRow } from '@cobbet/core/book/trial';
import type { Correction } from '@cobbet/core/calibration/correction';
import type { Dip } from '@cobbet/core/book/dip';
import type { Larder } from '@cobbet/core/larder/larder';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';

const PlateDialog = dynamic(() => import('./PlateDialog').then((module) => module.PlateDialog), {
  ssr: false,
});

/** Opens what a dip comes to on the plate. */
export function PlateButton({
  rows,
  method,
  control: { dip, larder, correction },
}: {
  rows: readonly TrialRow[];
  method: Method;
  control: { dip: Dip; larder: Larder; correction: Correction };
}) {
  const [open, setOpen] = useState(false);
  const parts = useMemo(() => trialParts(rows, larder), [rows, larder]);
  return (
    <>
      <Button
        sx={{ justifySelf: 'start', minHeight: 48 }}
        disabled={parts.length === 0}
        onClick={() => setOpen(true)}
      >
        On the plate…
      </Button>
      {open && (
        <PlateDialog
          dip={dip}
          parts={parts}
          method={method}
          larder={larder}
          correction={correction}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}
