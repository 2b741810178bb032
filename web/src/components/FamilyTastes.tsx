'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Family } from '@cobbet/core/mix/families';
import { tastesFor } from '@cobbet/core/readings/familyTastes';
import type { Taste, TasteMarks, Verdict } from '@cobbet/core/readings/tastes';
import { useState } from 'react';
import { TasteRow } from './TasteRow';

/** What a dip of a family is tasted for: six at a glance, the rest a tap away. */
export function FamilyTastes({
  family,
  hot,
  marks,
  onMark,
}: {
  family: Family;
  /** It has anything hot in it. */
  hot: boolean;
  marks: TasteMarks;
  onMark: (taste: Taste, verdict: Verdict | null) => void;
}) {
  const [all, setAll] = useState(false);
  const { first, more } = tastesFor(family, marks, hot);
  const shown = all ? [...first, ...more] : first;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'minmax(0, 1fr)',
          md: '1fr 1fr',
          lg: 'repeat(auto-fill, minmax(258px, 1fr))',
        },
      }}
    >
      {shown.map((taste) => (
        <TasteRow
          key={taste}
          taste={taste}
          marks={marks}
          onMark={(verdict) => onMark(taste, verdict)}
        />
      ))}
      {!all && (
        <Button sx={{ justifySelf: 'start', minHeight: 48 }} onClick={() => setAll(true)}>
          More to taste for: {more.slice(0, 3).join(', ')} …
        </Button>
      )}
    </Box>
  );
}
