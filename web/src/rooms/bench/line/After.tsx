'use client';

import Box from '@mui/material/Box';
import { createContext, useContext } from 'react';

/** Where the bowl stands after each row, in words; the line shows it to those who see. */
export const AfterRows = createContext<readonly string[]>([]);

/** A row's own words of where the bowl stands after it, for those who can't see the line. */
export function After({ index }: { index: number }) {
  const words = useContext(AfterRows)[index] ?? '';
  return (
    <Box
      component="span"
      sx={{
        position: 'absolute',
        width: 1,
        height: 1,
        overflow: 'hidden',
        clipPath: 'inset(50%)',
      }}
    >
      {words}
    </Box>
  );
}
