'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { MeasuredField } from './MeasuredField';
import { typedWithin } from './readingText';

/** A length of the cook's own, typed and set going; emptied once it is. */
export function MinutesForm({
  label,
  action,
  least,
  most,
  width,
  minHeight,
  onMinutes,
}: {
  label: string;
  action: string;
  /** min */
  least: number;
  most: number;
  /** px */
  width: number;
  /** Of what is tapped, px. */
  minHeight?: number;
  onMinutes: (minutes: number) => void;
}) {
  const [text, setText] = useState('');
  const { value, problem } = typedWithin(text, least, most);
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (value === null) return;
        onMinutes(value);
        setText('');
      }}
      sx={{ display: 'flex', alignItems: 'center', gap: 0.5, width }}
    >
      <MeasuredField
        label={label}
        unit="min"
        value={text}
        problem={text.trim() === '' ? null : problem}
        onChange={setText}
      />
      <Button
        type="submit"
        size="small"
        disabled={value === null}
        sx={{ minWidth: 48, ...(minHeight === undefined ? {} : { minHeight }) }}
      >
        {action}
      </Button>
    </Box>
  );
}
