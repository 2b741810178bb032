'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Kit } from '@cobbet/core/book/kit';
import { type ReadingTaken, takeReading } from '@cobbet/core/reading/takeReading';
import { useState } from 'react';
import { MeasuredField } from './MeasuredField';
import { typedNumber } from './readingText';
import { TestPicture } from './TestPicture';
import { TestResult } from './TestResult';

/** The press test: how wide a measured dab spread between two plates. */
export function PressForm({
  press,
  onTake,
}: {
  press: Kit['press'];
  onTake: (taken: ReadingTaken, atC: number | null) => void;
}) {
  const [one, setOne] = useState('');
  const [other, setOther] = useState('');
  const [warmth, setWarmth] = useState('');
  const [coarse, setCoarse] = useState(false);
  const first = typedNumber(one);
  const second = typedNumber(other) ?? first;
  const diameterMm = first === null || second === null ? null : (first + second) / 2;
  const possible = diameterMm !== null && diameterMm >= 10 && diameterMm <= 300;
  const taken = possible ? { press: { ...press, coarse, diameterMm } } : null;
  return (
    <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      <TestPicture test="press" />
      <Box sx={{ flex: '1 1 300px', maxWidth: 560 }}>
        <Box sx={{ mb: 1.5, fontSize: 15 }}>
          Put {press.volumeMl} ml between two flat plates with baking paper on both, set{' '}
          {press.loadG} g on top, wait 60 seconds. Measure the round two ways.
        </Box>
        <Box
          sx={{
            display: 'grid',
            gap: 1.25,
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(3, 1fr)' },
          }}
        >
          <MeasuredField
            label="Across"
            unit="mm"
            value={one}
            problem={diameterMm !== null && !possible ? 'Between 10 and 300 mm.' : null}
            onChange={setOne}
          />
          <MeasuredField label="The other way" unit="mm" value={other} onChange={setOther} />
          <MeasuredField label="Warmth" unit="°C" value={warmth} onChange={setWarmth} />
        </Box>
        <FormControlLabel
          control={
            <Checkbox checked={coarse} onChange={(event) => setCoarse(event.target.checked)} />
          }
          label="There are coarse pieces in it"
        />
        {taken && <TestResult reading={takeReading(taken)} />}
        <Box>
          <Button
            variant="contained"
            disabled={!taken}
            sx={{ minHeight: 48 }}
            onClick={() => taken && onTake(taken, typedNumber(warmth))}
          >
            Keep the press test
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
