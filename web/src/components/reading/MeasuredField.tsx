'use client';

import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import Input from '@mui/material/Input';
import InputAdornment from '@mui/material/InputAdornment';
import InputLabel from '@mui/material/InputLabel';
import { useId } from 'react';

/** One figure, with its unit. Put together from its parts, which weigh a third of the ready-made field. */
export function MeasuredField({
  label,
  unit,
  value,
  problem,
  wrong = Boolean(problem),
  onChange,
}: {
  label: string;
  unit: string;
  value: string;
  /** What is wrong with it, or what it comes to. */
  problem?: string | null;
  /** Whether that is a fault; it is unless said otherwise. */
  wrong?: boolean;
  onChange: (text: string) => void;
}) {
  const id = useId();
  return (
    <FormControl variant="standard" error={wrong} fullWidth>
      <InputLabel htmlFor={id} shrink>
        {label}
      </InputLabel>
      <Input
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        inputProps={{ inputMode: 'decimal', 'aria-describedby': `${id}-help` }}
        endAdornment={<InputAdornment position="end">{unit}</InputAdornment>}
      />
      <FormHelperText id={`${id}-help`}>{problem ?? ' '}</FormHelperText>
    </FormControl>
  );
}
