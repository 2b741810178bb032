import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { CheckLine } from '@/components/CheckLine';
import { colour } from '@/theme/colour';

/** One thing that may be varied, with its limits beside it once it is. */
export function VariedLine({
  checked,
  onToggle,
  label,
  children,
}: {
  checked: boolean;
  onToggle: () => void;
  label: ReactNode;
  /** Its limits. */
  children: ReactNode;
}) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1.5,
        minHeight: 48,
        borderTop: `1px solid ${colour.line}`,
      }}
    >
      <Box sx={{ flex: '1 1 220px' }}>
        <CheckLine checked={checked} onToggle={onToggle}>
          {label}
        </CheckLine>
      </Box>
      {children}
    </Box>
  );
}
