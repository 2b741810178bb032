'use client';

import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';

/** The place beside the line, or under it where the screen is narrow. */
export function BesideTheLine({ wide, children }: { wide: boolean; children?: ReactNode }) {
  return (
    <Box
      component="aside"
      sx={{
        width: { xs: '100%', lg: wide ? 352 : 272 },
        flexShrink: 0,
        bgcolor: colour.board,
        borderLeft: { lg: `1px solid ${colour.line}` },
        px: 2,
        py: 2,
        display: 'grid',
        gap: 2,
        alignContent: 'start',
        '@media print': { display: 'none' },
      }}
    >
      {children}
    </Box>
  );
}
