import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** A box to tick with what it says, in small letters. */
export function CheckLine({
  checked,
  onToggle,
  children,
}: {
  checked: boolean;
  onToggle: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      component="label"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.75,
        minHeight: 32,
        fontSize: typeScale.note,
      }}
    >
      <Box
        component="input"
        type="checkbox"
        checked={checked}
        onChange={onToggle}
        sx={{ width: 20, height: 20, m: 0, accentColor: colour.accent }}
      />
      {children}
    </Box>
  );
}
