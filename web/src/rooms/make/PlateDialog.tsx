'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { figuresOf } from '@cobbet/core/mix/figures';
import { mixOf } from '@cobbet/core/mix/mix';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Part } from '@cobbet/core/mix/part';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Larder } from '@cobbet/core/larder/larder';
import { useMemo } from 'react';
import { typeScale } from '@/theme/typeScale';
import { LoosenPanel } from './LoosenPanel';
import { PastaPanel } from './PastaPanel';
import { PotsPanel } from './PotsPanel';

/** What a dip comes to where it is eaten: to pasta, loosened to a dressing, in pots with something to dip. */
export function PlateDialog({
  dip,
  parts,
  larder,
  conditions,
  onClose,
}: {
  dip: Dip;
  parts: readonly Part[];
  larder: Larder;
  conditions: Conditions;
  onClose: () => void;
}) {
  const whole = useMemo(() => figuresOf(mixOf(parts), conditions), [parts, conditions]);
  const pesto = dip.family.startsWith('pesto');
  const given = { parts, larder, conditions, family: dip.family, whole };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="plate-title">
      <DialogTitle id="plate-title">On the plate</DialogTitle>
      <DialogContent tabIndex={0} sx={{ display: 'grid', gap: 3 }}>
        <Typography>
          Worked out from what is in the bowl, about {whole.massG.toFixed(0)} g. All of it is an
          estimate.
        </Typography>
        {pesto && <PastaPanel {...given} portionG={dip.portionG} />}
        <LoosenPanel {...given} />
        <PotsPanel {...given} portionG={dip.portionG} />
        {!pesto && (
          <Box sx={{ color: 'text.secondary', fontSize: typeScale.note }}>
            Pasta is worked out for pestos only; say on the Bench that this is one.
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}
