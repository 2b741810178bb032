'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Run } from '@cobbet/core/book/run';
import { MinutesForm } from '@/components/reading/MinutesForm';
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
      <MinutesForm
        label="or another"
        action="Go"
        least={0.1}
        most={120}
        width={130}
        minHeight={48}
        onMinutes={start}
      />
    </Box>
  );
}
