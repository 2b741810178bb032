import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { colour } from '@/theme/colour';
import type { Day } from './useDay';

/** Where the planning stands, with the way to stop it and to start it again. */
export function PlanningState({ day }: { day: Day }) {
  return (
    <>
      {day.planning.state === 'working' && (
        <Box
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 1.5,
            '@media print': { display: 'none' },
          }}
        >
          <LinearProgress
            variant="determinate"
            value={day.planning.share * 100}
            aria-label="Planning"
            sx={{ flex: 1, maxWidth: 300 }}
          />
          <Button size="small" onClick={day.stop}>
            Stop
          </Button>
        </Box>
      )}
      {day.planning.state === 'failed' && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {day.planning.message}{' '}
          <Button size="small" onClick={() => void day.start()}>
            Try again
          </Button>
        </Box>
      )}
      {day.planning.state === 'stopped' && (
        <Box role="status">
          Stopped.{' '}
          <Button size="small" onClick={() => void day.start()}>
            Plan it
          </Button>
        </Box>
      )}
    </>
  );
}
