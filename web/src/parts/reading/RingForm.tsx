'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Kit } from '@cobbet/core/book/kit';
import { ringFault } from '@cobbet/core/reading/ringFault';
import { type ReadingTaken, takeReading } from '@cobbet/core/reading/takeReading';
import { useState } from 'react';
import { MeasuredField } from './MeasuredField';
import { typedNumber } from './readingText';
import { TestPicture } from './TestPicture';
import { TestResult } from './TestResult';

/** The ring test: what the paste did on the plate, in millimetres. */
export function RingForm({
  ring,
  densityGPerMl,
  onTake,
}: {
  ring: Kit['ring'];
  densityGPerMl: number;
  onTake: (taken: ReadingTaken, atC: number | null) => void;
}) {
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const [height, setHeight] = useState('');
  const [warmth, setWarmth] = useState('');
  const first = typedNumber(one);
  const second = typedNumber(other) ?? first;
  const heightMm = typedNumber(height);
  const test = first !== null &&
    second !== null && {
      ...ring,
      densityGPerMl,
      diameterMm: (first + second) / 2,
      ...(heightMm === null ? {} : { heightMm }),
    };
  const fault = test ? ringFault(test) : null;
  const taken = test && !fault ? { ring: test } : null;
  return (
    <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      <TestPicture test="ring" />
      <Box sx={{ flex: '1 1 300px', maxWidth: 560 }}>
        <Box sx={{ mb: 1.5, fontSize: 15 }}>
          Fill the {ring.ringMm} mm ring level on a flat plate, lift it straight up, wait 30
          seconds. Measure the spread two ways and, if it stands, its height.
        </Box>
        <Box
          sx={{
            display: 'grid',
            gap: 1.25,
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, 1fr)' },
          }}
        >
          <MeasuredField
            label="Spread"
            unit="mm"
            value={one}
            problem={fault?.figure === 'diameterMm' ? fault.message : null}
            onChange={setOne}
          />
          <MeasuredField label="The other way" unit="mm" value={other} onChange={setOther} />
          <MeasuredField
            label="Height left"
            unit="mm"
            value={height}
            problem={fault?.figure === 'heightMm' ? fault.message : null}
            onChange={setHeight}
          />
          <MeasuredField label="Warmth" unit="°C" value={warmth} onChange={setWarmth} />
        </Box>
        {taken && <TestResult reading={takeReading(taken)} />}
        <Button
          variant="contained"
          disabled={!taken}
          sx={{ minHeight: 48 }}
          onClick={() => taken && onTake(taken, typedNumber(warmth))}
        >
          Keep the ring test
        </Button>
      </Box>
    </Box>
  );
}
