'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Kit } from '@cobbet/core/book/kit';
import { useState } from 'react';
import { MeasuredField } from '@/parts/reading/MeasuredField';
import { typedNumber } from '@/parts/reading/readingText';
import { TestPicture } from '@/parts/reading/TestPicture';
import { changeSettings } from '@/store/commands';
import { useSettings } from '@/store/useDip';

/** One figure of the gear: kept when the field is left, if it can be. */
function GearField({
  label,
  unit,
  value,
  low,
  high,
  onSave,
}: {
  label: string;
  unit: string;
  value: number;
  low: number;
  high: number;
  onSave: (value: number) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const typed = typedNumber(text ?? String(value));
  const wrong = typed === null || typed < low || typed > high;
  return (
    <Box
      onBlur={() => {
        if (text === null || wrong) return;
        setText(null);
        if (typed !== value) onSave(typed);
      }}
    >
      <MeasuredField
        label={label}
        unit={unit}
        value={text ?? String(value)}
        problem={wrong ? `Between ${low} and ${high} ${unit}.` : null}
        onChange={setText}
      />
    </Box>
  );
}

/** Sizes of the ring and the press, which every test is reckoned with. */
export function TestGear() {
  const { kit } = useSettings();
  const save = (label: string, change: Partial<Kit>) =>
    void changeSettings(label, { kit: { ...kit, ...change } });
  const { ring, press } = kit;
  return (
    <Box component="section" aria-label="Ring and press">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Ring and press
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Box>
          <TestPicture test="ring" />
          <Box sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
            <GearField
              label="Ring, inside"
              unit="mm"
              value={ring.ringMm}
              low={10}
              high={300}
              onSave={(ringMm) => save('Ring', { ring: { ...ring, ringMm } })}
            />
            <GearField
              label="Ring, height"
              unit="mm"
              value={ring.ringHeightMm}
              low={10}
              high={300}
              onSave={(ringHeightMm) => save('Ring', { ring: { ...ring, ringHeightMm } })}
            />
          </Box>
        </Box>
        <Box>
          <TestPicture test="press" />
          <Box sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
            <GearField
              label="Weight, with its plate"
              unit="g"
              value={press.loadG}
              low={1}
              high={50_000}
              onSave={(loadG) => save('Press', { press: { ...press, loadG } })}
            />
            <GearField
              label="Paste under it"
              unit="ml"
              value={press.volumeMl}
              low={0.1}
              high={1000}
              onSave={(volumeMl) => save('Press', { press: { ...press, volumeMl } })}
            />
          </Box>
        </Box>
      </Box>
    </Box>
  );
}
