'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { Run } from '@cobbet/core/book/run';
import type { Gate } from '@cobbet/core/book/trial';
import { useState } from 'react';
import { MeasuredField } from '@/parts/reading/MeasuredField';
import { typedNumber } from '@/parts/reading/readingText';
import { beginTimer } from '@/store/timerCommands';
import { colour } from '@/theme/colour';
import type { RunControl } from './useRun';

/** Cold is tasted after two hours. */
const coldAfterMin = 120;

/** The last taste before the bowl is emptied: with what it will be eaten with, before the garnish, at a noted warmth. */
export function GateForm({ run, control }: { run: Run; control: RunControl }) {
  const [eatenWith, setEatenWith] = useState('');
  const [at, setAt] = useState('');
  const atC = at.trim() === '' ? null : typedNumber(at);
  const wrong = at.trim() !== '' && (atC === null || atC < -10 || atC > 100);
  const passed = run.gates ?? [];
  const pass = () => {
    const gate: Gate = {
      when: 'machine',
      eatenWith: eatenWith.trim(),
      atC,
      tastes: run.tastes,
      at: new Date().toISOString(),
    };
    void control.note('Tasted at the gate', (one) => ({
      ...one,
      gates: [...(one.gates ?? []), gate],
    }));
    void beginTimer(`Taste ${control.dip.name} again, cold`, coldAfterMin, `${run.id} cold`);
  };
  return (
    <Box component="section" aria-label="Before the bowl is emptied">
      <Typography variant="h2">Before the bowl is emptied</Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        Taste once more with what it will be eaten with, before the garnish. Taste marks above count
        for it; a reminder to taste it cold follows in two hours.
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          alignItems: 'center',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 150px auto' },
        }}
      >
        <TextField
          label="Eaten with"
          placeholder="such as flatbread, radishes"
          value={eatenWith}
          onChange={(event) => setEatenWith(event.target.value.slice(0, 200))}
        />
        <MeasuredField
          label="Tasted at"
          unit="°C"
          value={at}
          problem={wrong ? 'From −10 to 100.' : null}
          onChange={setAt}
        />
        <Button
          variant="outlined"
          disabled={wrong || eatenWith.trim() === ''}
          sx={{ minHeight: 56 }}
          onClick={pass}
        >
          Tasted: it may leave
        </Button>
      </Box>
      {passed.map((gate) => (
        <Box key={gate.at} role="status" sx={{ color: colour.bandEdge, mt: 0.5 }}>
          ✓ tasted with {gate.eatenWith}
          {gate.atC !== null && ` at ${gate.atC} °C`}
        </Box>
      ))}
    </Box>
  );
}
