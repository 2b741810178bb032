import Box from '@mui/material/Box';
import type { Reading } from '@cobbet/core/readings/takeReading';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { bodyText } from '../bodyText';

/** What a test says while its figures are typed, and a better test where it is out of its range. */
export function TestResult({ reading }: { reading: Reading }) {
  return (
    <Box role="status" sx={{ mb: 1.5 }}>
      <Box sx={{ fontWeight: 700, fontSize: typeScale.lead }}>
        {bodyText(reading.body)} ± {reading.sd.toFixed(2)}
      </Box>
      {reading.warning !== undefined && (
        <Box sx={{ color: colour.caution }}>{reading.warning} Kept, it teaches nothing.</Box>
      )}
    </Box>
  );
}
