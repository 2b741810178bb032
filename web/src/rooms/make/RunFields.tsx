'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import { filmLossG } from '@cobbet/core/batch/filmLoss';
import type { Run } from '@cobbet/core/book/run';
import { useState } from 'react';
import { useDevices } from '@/devices/deviceStore';
import { typedNumber } from '@/components/reading/readingText';
import type { RunControl } from './useRun';

/** A line of text that saves itself a moment after typing. */
export function SavedText({
  label,
  value,
  most,
  rows,
  onSave,
}: {
  label: string;
  value: string;
  most: number;
  rows: number;
  onSave: (text: string) => void;
}) {
  const [text, setText] = useState(value);
  return (
    <LabelledField
      fullWidth
      multiline
      minRows={rows}
      label={label}
      value={text}
      onChange={(event) => {
        const next = event.target.value.slice(0, most);
        setText(next);
        onSave(next);
      }}
    />
  );
}

/** Grams as a scale may show them; null for anything else. */
function weighedG(text: string): number | null {
  const value = typedNumber(text);
  return value !== null && value >= 0 && value <= 1_000_000 ? value : null;
}

/** What the scale says when the bowl is emptied. */
export function YieldField({
  run,
  control,
  predicted,
  body,
}: {
  run: Run;
  control: RunControl;
  predicted: number;
  /** Fresh body, for what stays on bowl and blade. */
  body: number | null;
}) {
  const [text, setText] = useState(run.yieldG === null ? '' : String(run.yieldG));
  const wrong = text.trim() !== '' && weighedG(text) === null;
  const film = filmLossG(predicted, body);
  const lossWords =
    run.yieldG === null
      ? `; about ${film.toFixed(0)} g stay on bowl and blade`
      : `, ${(predicted - run.yieldG).toFixed(0)} g stayed behind (about ${film.toFixed(0)} g is usual)`;
  const onScaleG = useDevices((state) => state.scaleWatch.stable?.value.toFixed(0));
  const type = (next: string) => {
    setText(next);
    const yieldG = weighedG(next);
    if (yieldG !== null || next.trim() === '') {
      void control.note('Yield', (one) => ({ ...one, yieldG }), `yield ${run.id}`);
    }
  };
  return (
    <Box>
      <LabelledField
        fullWidth
        label="Weighed out, g"
        value={text}
        error={wrong}
        helperText={
          wrong
            ? 'Write grams as a number, such as 540.'
            : `${predicted.toFixed(0)} g went in${lossWords}`
        }
        onChange={(event) => type(event.target.value)}
        htmlInput={{ inputMode: 'decimal' }}
      />
      {onScaleG !== undefined && Number(onScaleG) > 0 && (
        <Button sx={{ minHeight: 48 }} onClick={() => type(onScaleG)}>
          The scale says {onScaleG} g: take it
        </Button>
      )}
    </Box>
  );
}
