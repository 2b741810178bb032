import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

const big = { minHeight: 60, fontSize: typeScale.lead, borderRadius: 2 };

/** What went in, in one tap. */
export function LogButtons({ control, onScale }: { control: RunControl; onScale: boolean }) {
  const alone = onScale ? {} : { gridColumn: { xs: '1 / -1', sm: 'auto' } };
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.25,
        gridTemplateColumns: { xs: '1fr 1fr', sm: `${onScale ? 1 : 2}fr 1fr 1fr 1fr` },
      }}
    >
      <Button
        variant={onScale ? 'outlined' : 'contained'}
        onClick={() => void control.logAsWritten()}
        sx={{
          ...big,
          ...(onScale ? {} : { minHeight: 88, fontSize: typeScale.large }),
          ...alone,
        }}
      >
        In, as written
      </Button>
      <Button variant="outlined" onClick={() => void control.logHalf()} sx={big}>
        Half of it
      </Button>
      <Button variant="outlined" onClick={() => void control.logMore()} sx={big}>
        {control.spoon === null ? 'A spoon more' : `${control.spoon} more`}
      </Button>
      <Button variant="outlined" onClick={() => void control.skip()} sx={{ ...big, ...alone }}>
        Leave it out
      </Button>
    </Box>
  );
}
