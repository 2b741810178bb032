'use client';

import FormControl from '@mui/material/FormControl';
import Input from '@mui/material/Input';
import InputLabel from '@mui/material/InputLabel';
import { useId } from 'react';

/** A local date and time, by the device's own picker; emptied it is none. */
export function Moment({
  label,
  value,
  onSave,
}: {
  label: string;
  value: string | null;
  onSave: (value: string | null) => void;
}) {
  const id = useId();
  return (
    <FormControl variant="standard" fullWidth sx={{ my: 0.75 }}>
      <InputLabel htmlFor={id} shrink>
        {label}
      </InputLabel>
      <Input
        id={id}
        type="datetime-local"
        value={value ?? ''}
        onChange={(event) => {
          const next = event.target.value.slice(0, 16);
          if (next === '' || /^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(next))
            onSave(next === '' ? null : next);
        }}
      />
    </FormControl>
  );
}
