'use client';

import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import type { Larder } from '@cobbet/core/larder/larder';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { useDraft } from './useDraft';
import type { LarderField as LarderFieldType, RulesHere } from './LarderField';

type Field = typeof LarderFieldType;

/** Adds a row by typing. The search comes in when it is first wanted; what is typed meanwhile is kept. */
export function AddRow({
  larder,
  measures,
  placeholder = 'Add something, such as 2 tbsp lemon juice',
  onAdd,
  rules,
  effectOf,
  draft = null,
}: {
  larder: Larder;
  measures: MeasureSystem;
  placeholder?: string;
  onAdd: (parts: readonly ReadPart[], mergeKey?: string) => void;
  /** Rows that a rule may be written for, and what takes it. */
  rules?: RulesHere;
  /** What so much of it would do to the dip, in a few words. */
  effectOf?: (parts: readonly ReadPart[]) => string;
  /** What half a line is kept by when it is left; kept nowhere when left out. */
  draft?: string | null;
}) {
  const { text, setText } = useDraft(draft);
  const [Field, setField] = useState<Field | null>(null);
  // the plain field stays until the search is there, so that no letter is lost on the way
  const want = async () => {
    try {
      const { LarderField } = await import('./LarderField');
      setField(() => LarderField);
    } catch {
      // it could not be fetched; the next time the field is entered it is asked for again
    }
  };
  return (
    <Box data-add-row sx={{ maxWidth: 560, minHeight: 34 }}>
      {Field ? (
        <Field
          larder={larder}
          measures={measures}
          placeholder={placeholder}
          text={text}
          onText={setText}
          onAdd={onAdd}
          rules={rules}
          effectOf={effectOf}
        />
      ) : (
        <InputBase
          value={text}
          placeholder={placeholder}
          onFocus={() => void want()}
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
