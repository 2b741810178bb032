import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';

/** Something to know that is no fault, above the room, with what can be done about it. */
export function NoticeBar({ words, children }: { words: ReactNode; children: ReactNode }) {
  return (
    <Box
      role="status"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
        px: 2.5,
        py: 0.75,
        bgcolor: colour.board,
        borderBottom: `1px solid ${colour.line}`,
        '@media print': { display: 'none' },
      }}
    >
      <Box sx={{ flex: '1 1 320px' }}>{words}</Box>
      {children}
    </Box>
  );
}
