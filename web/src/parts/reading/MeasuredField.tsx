'use client';

import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';

/** One figure of a test, with its unit. */
export function MeasuredField({
  label,
  unit,
  value,
  problem,
  onChange,
}: {
  label: string;
  unit: string;
  value: string;
  problem?: string | null;
  onChange: (text: string) => void;
}) {
  return (
    <TextField
      size="small"
      label={label}
      value={value}
      error={Boolean(problem)}
      helperText={problem ?? ' '}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{
        htmlInput: { inputMode: 'decimal' },
        input: { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> },
      }}
    />
  );
}
