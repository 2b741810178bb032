'use client';

import Button from '@mui/material/Button';
import { trialParts } from '@cobbet/core/book/trialParts';
import type { TrialRow } from '@cobbet/core/book/trialRow';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Larder } from '@cobbet/core/larder/larder';
import { later } from '@/components/later';
import { useMemo, useState } from 'react';

const PlateDialog = later(() => import('./PlateDialog').then(({ PlateDialog }) => PlateDialog));

/** Opens what a dip comes to on the plate. */
export function PlateButton({
  rows,
  dip,
  larder,
  conditions,
}: {
  rows: readonly TrialRow[];
  dip: Dip;
  larder: Larder;
  conditions: Conditions;
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
          larder={larder}
          conditions={conditions}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}
