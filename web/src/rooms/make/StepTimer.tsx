'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Run } from '@cobbet/core/book/run';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedWithin } from '@/components/reading/readingText';
import { beginTimer } from '@/store/timerCommands';
import { colour } from '@/theme/colour';

/** Runs that are timed by the clock and not by eye, min. */
const lengths: readonly number[] = [1, 2, 4];

/** Times the run of the machine after an addition; the timers stand above every room and outlast a reload. */
export function StepTimer({
  run,
  label,
  usualMin,
  byHand,
}: {
  run: Run;
  label: string;
  /** How long it is usually run, min; null for by eye. */
  usualMin: number | null;
  /** No machine runs. */
  byHand: boolean;
}) {
  const [own, setOwn] = useState('');
  const typed = own.trim() === '' ? null : typedWithin(own, 0.1, 120);
  const start = (minutes: number) =>
    void beginTimer(
      `${byHand ? 'Work it in' : 'Run the machine'}: ${label}`,
      minutes,
      `${run.id} ${run.step}`,
    );
  const offered = usualMin === null ? lengths : [...new Set([usualMin, ...lengths])].slice(0, 3);
  return (
    <Box
      role="group"
      aria-label="Time the run"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
        mt: 1.5,
        color: colour.muted,
      }}
    >
      {byHand ? 'Time it' : 'Run it'}
      {offered
        .toSorted((a, b) => a - b)
        .map((minutes) => (
          <Button
            key={minutes}
            variant="outlined"
            sx={{
              minHeight: 48,
              minWidth: 84,
              px: 1.5,
              ...(minutes === usualMin ? { borderWidth: 2, fontWeight: 700 } : {}),
            }}
            onClick={() => start(minutes)}
          >
            {minutes} min
          </Button>
        ))}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (!typed || typed.value === null) return;
          start(typed.value);
          setOwn('');
        }}
        sx={{ display: 'flex', alignItems: 'center', width: 130 }}
      >
        <MeasuredField
          label="or another"
          unit="min"
          value={own}
          problem={typed?.problem ?? null}
          onChange={setOwn}
        />
        <Button
          type="submit"
          disabled={!typed || typed.value === null}
          sx={{ minWidth: 48, minHeight: 48 }}
        >
          Go
        </Button>
      </Box>
    </Box>
  );
}
