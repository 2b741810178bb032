'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ReadingTaken, takeReading } from '@cobbet/core/readings/takeReading';
import { type ReactNode, useState } from 'react';
import { typeScale } from '@/theme/typeScale';
import { typedNumber } from './readingText';
import { TestPicture } from './TestPicture';
import { TestResult } from './TestResult';
import { WarmthField, warmthOf } from './WarmthField';

/** Takes a test with the paste's warmth, or null where that was not measured. */
export type TakeTest = (taken: ReadingTaken, atC: number | null) => void;

/** A width measured two ways as typed, with their mean; null while there is none. */
export function useTwoWays() {
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const first = typedNumber(one);
  const second = typedNumber(other) ?? first;
  const mean = first === null || second === null ? null : (first + second) / 2;
  return { one, setOne, other, setOther, mean };
}

/** A test of the paste: how it is done, its figures and the warmth, what it says, and the way to keep it. */
export function TestForm({
  test,
  how,
  columns,
  figures,
  more,
  taken,
  onTake,
}: {
  test: 'ring' | 'press';
  how: ReactNode;
  columns: number;
  /** Fields beside the warmth. */
  figures: ReactNode;
  /** What is asked below the figures. */
  more?: ReactNode;
  /** The test as typed; null while it can't be read. */
  taken: ReadingTaken | null;
  onTake: TakeTest;
}) {
  const [warmth, setWarmth] = useState('');
  return (
    <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      <TestPicture test={test} />
      <Box sx={{ flex: '1 1 300px', maxWidth: 560 }}>
        <Box sx={{ mb: 1.5, fontSize: typeScale.text }}>{how}</Box>
        <Box
          sx={{
            display: 'grid',
            gap: 1.25,
            gridTemplateColumns: { xs: '1fr 1fr', sm: `repeat(${columns}, 1fr)` },
          }}
        >
          {figures}
          <WarmthField label="Warmth" value={warmth} onChange={setWarmth} />
        </Box>
        {more}
        {taken && <TestResult reading={takeReading(taken)} />}
        <Box>
          <Button
            variant="contained"
            disabled={!taken || warmthOf(warmth).problem !== null}
            sx={{ minHeight: 48 }}
            onClick={() => taken && onTake(taken, warmthOf(warmth).atC)}
          >
            Keep the {test} test
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
