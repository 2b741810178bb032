import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import { useState } from 'react';
import type { RunControl } from './useRun';

/** What went in where it was neither as written nor half nor a spoon more. */
export function LogTyped({ control, example }: { control: RunControl; example: string }) {
  const [typed, setTyped] = useState('');
  const logTyped = async () => {
    if (await control.log(typed.trim())) setTyped('');
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void logTyped();
      }}
      sx={{ display: 'flex', gap: 1.25, mt: 1.5, alignItems: 'flex-start' }}
    >
      <LabelledField
        fullWidth
        label="Another amount went in"
        placeholder={`such as ${example}`}
        value={typed}
        error={control.problem !== null}
        helperText={control.problem ?? ' '}
        onChange={(event) => setTyped(event.target.value)}
        htmlInput={{ maxLength: 200, autoComplete: 'off' }}
      />
      <Button
        type="submit"
        variant="outlined"
        disabled={typed.trim() === ''}
        sx={{ minHeight: 56, px: 3, whiteSpace: 'nowrap' }}
      >
        Log it
      </Button>
    </Box>
  );
}
