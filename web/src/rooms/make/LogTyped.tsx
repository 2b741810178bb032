import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import { packsIn } from '@cobbet/core/amounts/packsIn';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { useState } from 'react';
import { worthKeepingG } from './worthKeeping';
import type { RunControl } from './useRun';

/** What stays in an opened can or bunch once so much of it is in, g; null where there is no such rest. */
function restOfPack({ entry, ingredient, kitchen }: RunControl, typed: string): number | null {
  if (!entry || !ingredient || packsIn(entry.planned.amount) === null) return null;
  const read = readGrams(typed, ingredient, kitchen.measures);
  const restG = read.ok ? entry.planned.massG - read.value.massG : 0;
  return restG > worthKeepingG ? restG : null;
}

/** What went in where it was neither as written nor half nor a spoon more. */
export function LogTyped({ control, example }: { control: RunControl; example: string }) {
  const [typed, setTyped] = useState('');
  const logTyped = async (how: RunControl['log']) => {
    if (await how(typed.trim())) setTyped('');
  };
  const rest = restOfPack(control, typed);
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void logTyped(control.log);
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 1.5 }}
    >
      <LabelledField
        sx={{ flex: '1 1 160px' }}
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
        sx={{ height: 56, px: 3, whiteSpace: 'nowrap', flexShrink: 0 }}
      >
        Log it
      </Button>
      {rest !== null && (
        <Button
          variant="outlined"
          sx={{ height: 56, px: 2, whiteSpace: 'nowrap', flexShrink: 0 }}
          onClick={() => void logTyped(control.logKeeping)}
        >
          Log it, keep {printGrams(rest)}
        </Button>
      )}
    </Box>
  );
}
