'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** A room: its heading, a line on what it holds, what can be done in it, and the rest below. */
export function RoomPage({
  title,
  says,
  actions,
  maxWidth = 1280,
  children,
}: {
  title: ReactNode;
  says?: ReactNode;
  actions?: ReactNode;
  maxWidth?: number | 'none';
  children: ReactNode;
}) {
  return (
    <Box sx={{ px: { xs: 2, sm: 3.5 }, py: { xs: 2, sm: 2.5 }, maxWidth }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mb: 2 }}>
        <Box sx={{ mr: 'auto', minWidth: 0 }}>
          <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
            {title}
          </Typography>
          {says !== undefined && <Typography sx={{ color: 'text.secondary' }}>{says}</Typography>}
        </Box>
        {actions}
      </Box>
      {children}
    </Box>
  );
}
