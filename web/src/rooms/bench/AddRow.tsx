'use client';

import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import type { MeasureSystem } from '@cobbet/core/quantity/measureSystem';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { colour } from '@/theme/colour';

const placeholder = 'Add something, such as 2 tbsp lemon juice';

const LarderField = dynamic(() => import('./LarderField').then((module) => module.LarderField), {
  ssr: false,
});

/** Adds a row by typing. The search comes in when it is first wanted; what is typed meanwhile is kept. */
export function AddRow({
  larder,
  measures,
  onAdd,
}: {
  larder: Larder;
  measures: MeasureSystem;
  onAdd: (ingredient: Ingredient, amount: string) => void;
}) {
  const [text, setText] = useState('');
  const [wanted, setWanted] = useState(false);
  return (
    <Box data-add-row sx={{ maxWidth: 440, minHeight: 34 }}>
      {wanted ? (
        <LarderField
          larder={larder}
          measures={measures}
          placeholder={placeholder}
          text={text}
          onText={setText}
          onAdd={onAdd}
        />
      ) : (
        <InputBase
          value={text}
          placeholder={placeholder}
          onFocus={() => setWanted(true)}
          onChange={(event) => setText(event.target.value)}
          startAdornment={<Add fontSize="small" sx={{ mr: 1, color: colour.muted }} />}
          slotProps={{
            input: { 'aria-label': 'Add something', role: 'combobox', 'aria-expanded': false },
          }}
          sx={{ width: '100%', borderBottom: `1px solid ${colour.muted}` }}
        />
      )}
    </Box>
  );
}
