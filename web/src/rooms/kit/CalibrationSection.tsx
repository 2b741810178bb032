'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import { useCalibration } from '@/store/bookCalibration';
import { colour } from '@/theme/colour';
import { CalibrationChart } from './CalibrationChart';
import { KitchenWords } from './KitchenWords';
import { ReadingList } from './ReadingList';
import { TellsMost } from './TellsMost';
import { useResiduals } from './useResiduals';

/** What this kitchen's readings have taught: in words, drawn, and reading by reading. */
export function CalibrationSection() {
  const calibration = useCalibration();
  const { shown, all } = useResiduals();
  const [chosen, setChosen] = useState<string | null>(null);
  if (all === 0) {
    return (
      <Box component="section" aria-label="Calibration">
        <Typography variant="h2">Your kitchen against the model</Typography>
        <Typography sx={{ my: 1.5, maxWidth: 520 }}>
          Nothing read yet. After you make a dip, say what the spoon shows, lift a ring or press a
          dab: three or four readings and the bands on the Bench grow much narrower.
        </Typography>
        <Button component={Link} href="/make" variant="contained">
          Make something
        </Button>
      </Box>
    );
  }
  return (
    <Box component="section" aria-label="Calibration" sx={{ minWidth: 0 }}>
      <Typography variant="h2">Your kitchen against the model</Typography>
      <KitchenWords calibration={calibration} readings={all} />
      <Box sx={{ my: 1.5 }}>
        <CalibrationChart residuals={shown} chosen={chosen} onChoose={setChosen} />
        <Box
          sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap', fontSize: 13, color: colour.muted }}
        >
          <span>● by eye</span>
          <span>○ ring</span>
          <span>■ press</span>
          <span>dashed: left out</span>
          {shown.length < all && <span>the latest {shown.length} are drawn</span>}
        </Box>
      </Box>
      <TellsMost calibration={calibration} />
      <ReadingList residuals={shown} chosen={chosen} onChoose={setChosen} />
    </Box>
  );
}
