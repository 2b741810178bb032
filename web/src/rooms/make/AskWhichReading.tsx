import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { contradictoryReadings } from '@cobbet/core/book/runBowl';
import { readingText } from '@/components/reading/readingText';
import { cautionBox } from '@/theme/cautionBox';
import type { RunControl } from './useRun';

/** Two readings of this bowl that can't both be: which is right is asked; the other is kept and counts no more. */
export function AskWhichReading({
  pair,
  control,
}: {
  pair: ReturnType<typeof contradictoryReadings>[number];
  control: RunControl;
}) {
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
