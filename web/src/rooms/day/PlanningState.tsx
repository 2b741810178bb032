import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CircularProgress from '@mui/material/CircularProgress';
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
          <CircularProgress
            variant="determinate"
            value={day.planning.share * 100}
            aria-label="Planning"
            size={24}
          />
          Planning…
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
