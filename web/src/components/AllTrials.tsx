'use client';

import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useBook } from '@/store/bookStore';

/** What needs every trial of the book: waits where a long book is still being read. */
export function AllTrials({ children }: { children: ReactNode }) {
  const coming = useBook((state) => state.trialsComing);
  if (!coming) return children;
  return (
    <Typography role="status" sx={{ p: 3, color: 'text.secondary' }}>
      Reading the trials…
    </Typography>
  );
}
