import Box from '@mui/material/Box';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { readingText } from './readingText';

/** What has been read so far, in one line. */
export function ReadingLine({ reading }: { reading: KeptReading }) {
  return (
    <Box role="status" sx={{ mt: 1, fontSize: typeScale.text, color: colour.muted }}>
      Read: <strong>{readingText(reading)}</strong>
      {reading.atC !== null && ` at ${reading.atC} °C`}
    </Box>
  );
}
