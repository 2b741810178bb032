import ArrowBack from '@mui/icons-material/ArrowBack';
import ArrowForward from '@mui/icons-material/ArrowForward';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Run } from '@cobbet/core/book/run';
import type { RunControl } from './useRun';

/** From one addition to the next, or straight to the check. */
export function StepNav({
  run,
  control,
  empty,
}: {
  run: Run;
  control: RunControl;
  /** Nothing is in the bowl, so there is nothing to taste. */
  empty: boolean;
}) {
  return (
    <Box sx={{ display: 'flex', justifyContent: 'space-between', mt: 0.5 }}>
      <Button
        startIcon={<ArrowBack />}
        disabled={run.step === 0}
        onClick={() => void control.go(run.step - 1)}
        sx={{ minHeight: 48 }}
      >
        Step back
      </Button>
      <Button
        onClick={() => void control.go(control.entries.length)}
        disabled={empty}
        sx={{ minHeight: 48 }}
      >
        Look and taste now
      </Button>
      <Button
        endIcon={<ArrowForward />}
        onClick={() => void control.go(run.step + 1)}
        sx={{ minHeight: 48 }}
      >
        {run.step === control.entries.length - 1 ? 'To the check' : 'Step on'}
      </Button>
    </Box>
  );
}
