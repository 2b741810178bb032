import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';

/** Something to look at in a list: its head is one button, what can be done with it stands under it while it is open. */
export function LookCard({
  name,
  open,
  onOpen,
  head,
  children,
}: {
  name: string;
  open: boolean;
  onOpen: () => void;
  head: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{
        borderTop: `1px solid ${colour.line}`,
        bgcolor: open ? colour.accentWash : 'transparent',
        ...{ mx: -1, px: 1, py: 0.75 },
      }}
    >
      <Box
        component="button"
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        sx={{
          ...{ all: 'unset', boxSizing: 'border-box', cursor: 'pointer', display: 'block' },
          ...{ width: '100%', minHeight: 44 },
          '&:focus-visible': { outline: `2px solid ${colour.accent}` },
        }}
      >
        {head}
      </Box>
      {open && children}
    </Box>
  );
}
