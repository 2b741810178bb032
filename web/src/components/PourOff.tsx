'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { LabelledField } from '@/components/LabelledField';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { type PourOff as Pour, pourOff } from '@cobbet/core/amounts/pourOff';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/**
 * A measured liquid without an empty measure: what is in the jug, what the dip wants of it, how much to pour, in the
 * measure in hand, and where the level stands then.
 */
export function PourOff({
  ingredient,
  wantedG,
  measures,
}: {
  ingredient: Ingredient;
  wantedG: number;
  measures: MeasureSystem;
}) {
  const [there, setThere] = useState('');
  const [goes, setGoes] = useState<Pour['goesIn']>('poured');
  const read = pourOff(there, ingredient, wantedG, goes, measures);
  return (
    <Box component="section" aria-label="Pour off" sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1, alignItems: 'start' }}>
        <LabelledField
          size="small"
          label="In the jug or can now"
          placeholder="such as 1 1/2 cups"
          value={there}
          error={there.trim() !== '' && !read.ok}
          helperText={there.trim() !== '' && !read.ok ? read.message : ' '}
          onChange={(event) => setThere(event.target.value.slice(0, 60))}
        />
        <ToggleButtonGroup
          exclusive
          size="small"
          value={goes}
          aria-label="What goes into the dip"
          onChange={(_, next: Pour['goesIn'] | null) => next && setGoes(next)}
        >
          <ToggleButton value="poured">I pour it in</ToggleButton>
          <ToggleButton value="kept">the rest goes in</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      {read.ok && (
        <Box role="status" sx={{ fontSize: typeScale.text }}>
          <strong>Pour {read.pour.pour.text}</strong>{' '}
          {goes === 'poured' ? 'into the bowl' : 'away or aside'}; stop when{' '}
          <strong>{read.pour.stays.text}</strong> {read.pour.stays.massG > 0 ? 'stays' : 'is left'}.
          <Box component="span" sx={{ color: colour.muted }}>
            {' '}
            {read.pour.pour.grams} g off a scale.
          </Box>
        </Box>
      )}
    </Box>
  );
}
