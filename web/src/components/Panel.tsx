'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { SxProps } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** A part of a room under a heading of its own, with what can be done with it at the heading's other end. */
export function Panel({
  title,
  label,
  aside,
  live = false,
  actions,
  sx = {},
  children,
}: {
  title: ReactNode;
  /** What it is called to who can't see it; the title where that is plain text. */
  label?: string;
  /** In small letters after the title. */
  aside?: string;
  /** Read out as it changes. */
  live?: boolean;
  actions?: ReactNode;
  sx?: SxProps;
  children: ReactNode;
}) {
  const called = label ?? (typeof title === 'string' ? title : undefined);
  const heading = (
    <Typography variant="h2" sx={actions === undefined ? { mb: 0.5 } : { mr: 'auto' }}>
      {title}
      {aside !== undefined && (
        <Box
          component="span"
          sx={{ ml: 0.75, fontSize: typeScale.small, fontWeight: 400, color: colour.muted }}
        >
          {aside}
        </Box>
      )}
    </Typography>
  );
  return (
    <Box
      component="section"
      aria-label={called}
      aria-live={live ? 'polite' : undefined}
      sx={{ minWidth: 0, ...(sx as object) }}
    >
      {actions === undefined ? (
        heading
      ) : (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1, mb: 0.5 }}>
          {heading}
          {actions}
        </Box>
      )}
      {children}
    </Box>
  );
}
