'use client';

import Box from '@mui/material/Box';
import { useState } from 'react';
import { useLeaving } from './useLeaving';
import { MeasuredField } from './reading/MeasuredField';
import { typedNumber } from './reading/readingText';

/** One figure that is kept when its field is left, if it can be. */
export function KeptFigure({
  label,
  unit,
  value,
  shown = String(value),
  low,
  high,
  fault,
  says,
  onSave,
}: {
  label: string;
  unit: string;
  value: number;
  /** The value as it is written. */
  shown?: string;
  low: number;
  high: number;
  /** What is said of a figure outside low and high. */
  fault: string;
  /** What a figure comes to. */
  says?: (value: number) => string;
  onSave: (value: number) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const typed = text === null ? value : typedNumber(text);
  const wrong = typed === null || typed < low || typed > high;
  const keep = () => {
    if (text !== null && !wrong && typed !== value) onSave(typed);
  };
  useLeaving(keep);
  return (
    <Box
      onBlur={() => {
        keep();
        if (!wrong) setText(null);
      }}
    >
      <MeasuredField
        label={label}
        unit={unit}
        value={text ?? shown}
        problem={wrong ? fault : (says?.(typed) ?? null)}
        wrong={wrong}
        onChange={setText}
      />
    </Box>
  );
}
