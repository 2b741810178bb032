import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Run } from '@cobbet/core/book/run';
import { contradictoryReadings } from '@cobbet/core/book/runBowl';
import { readingText } from '@/components/reading/readingText';
import { cautionBox } from '@/theme/cautionBox';
import type { RunControl } from './useRun';

/** Two readings of this bowl that can't both be: which is right is asked; the other is kept and counts no more. */
export function AskWhichReading({ run, control }: { run: Run; control: RunControl }) {
  const [pair] = contradictoryReadings(run);
  if (!pair) return null;
  const believe = (wrong: string) =>
    void control.note('Which reading is right', (one) => ({
      ...one,
      readings: one.readings.map((reading) =>
        reading.takenAt === wrong ? { ...reading, leftOut: true } : reading,
      ),
    }));
  const [first, second] = pair.readings;
  return (
    <Box role="alert" sx={{ ...cautionBox, mb: 1 }}>
      {pair.why}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        {[
          { right: first, wrong: second },
          { right: second, wrong: first },
        ].map(({ right, wrong }) => (
          <Button
            key={right.takenAt}
            variant="outlined"
            sx={{ minHeight: 48 }}
            onClick={() => believe(wrong.takenAt)}
          >
            {readingText(right)}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
