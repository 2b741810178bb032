import Box from '@mui/material/Box';
import { colour } from '@/theme/colour';

/** The branch that joins a variant to its parent, and runs on to the next variant. */
export function Elbow({ depth, last }: { depth: number; last: boolean }) {
  return (
    <Box
      aria-hidden
      sx={{
        width: 18,
        ml: `${(depth - 1) * 30 + 28}px`,
        alignSelf: 'stretch',
        flexShrink: 0,
        position: 'relative',
        '&::before, &::after': {
          content: '""',
          position: 'absolute',
          left: 0,
          borderLeft: `2px solid ${colour.line}`,
        },
        '&::before': {
          top: 0,
          height: '50%',
          width: 14,
          borderBottom: `2px solid ${colour.line}`,
          borderBottomLeftRadius: 8,
        },
        '&::after': { top: 0, bottom: last ? '50%' : 0, display: last ? 'none' : 'block' },
      }}
    />
  );
}
