'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import { expectedBody } from '@cobbet/core/readings/residuals';
import { type ReadMaking, trialEvidence } from '@cobbet/core/book/trialEvidence';
import { useCalibration, useLarder } from '@/store/useKitchen';
import { cautionBox } from '@/theme/cautionBox';
import { typeScale } from '@/theme/typeScale';
import { bodyText } from '../bodyText';
import { readingText } from './readingText';

/** A reading that is hardly possible is asked about, not swallowed and not refused. */
export function AskUnlikely({
  reading,
  dip,
  onKeep,
  onDrop,
}: {
  reading: KeptReading;
  dip: ReadMaking;
  onKeep: () => void;
  onDrop: () => void;
}) {
  const larder = useLarder();
  const calibration = useCalibration(dip.machineId);
  const [evidence] = trialEvidence({ ...dip, readings: [reading] }, larder);
  if (!evidence) return null;
  return (
    <Box role="alert" sx={{ ...cautionBox, p: 2, mb: 1.5 }}>
      <Box sx={{ fontWeight: 700, fontSize: typeScale.lead }}>Is this right?</Box>
      <Box sx={{ my: 0.5 }}>
        You read {readingText(reading)}; expected was{' '}
        {bodyText(expectedBody(calibration, evidence))}. That is further off than one reading in
        three hundred. Was everything in, and stirred?
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={onKeep} sx={{ minHeight: 48 }}>
          Yes, keep it
        </Button>
        <Button onClick={onDrop} sx={{ minHeight: 48 }}>
          No, read again
        </Button>
      </Box>
    </Box>
  );
}
