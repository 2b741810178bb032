'use client';

import Box from '@mui/material/Box';
import Drawer from '@mui/material/Drawer';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';

/** A panel over the lower part of a phone: what it is about stays in sight above it. */
export function Sheet({
  label,
  onClose,
  padded = true,
  children,
}: {
  label: string;
  onClose: () => void;
  /** Off for what reaches from edge to edge. */
  padded?: boolean;
  children: ReactNode;
}) {
  return (
    <Drawer
      anchor="bottom"
      open
      onClose={onClose}
      slotProps={{
        paper: {
          'aria-label': label,
          sx: { maxHeight: '72dvh', bgcolor: colour.board, borderRadius: '14px 14px 0 0' },
        },
      }}
    >
      {padded ? <Box sx={{ p: 2, display: 'grid', gap: 2 }}>{children}</Box> : children}
    </Drawer>
  );
}
