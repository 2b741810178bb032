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
  onChange,
}: {
  label: string;
  unit: string;
  value: string;
  problem?: string | null;
  onChange: (text: string) => void;
}) {
  const id = useId();
  return (
    <FormControl variant="standard" error={Boolean(problem)}>
      <InputLabel htmlFor={id}>{label}</InputLabel>
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
