'use client';

import Box from '@mui/material/Box';
import Drawer from '@mui/material/Drawer';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';

/** A panel that stands beside the line on a table, over its lower part on a phone: the line's head stays in sight. */
export function Sheet({
  label,
  onClose,
  children,
}: {
  label: string;
  onClose: () => void;
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
      <Box sx={{ p: 2, display: 'grid', gap: 2 }}>{children}</Box>
    </Drawer>
  );
}
