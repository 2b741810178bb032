'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** A method choice with the line that says why. */
export function Choice<T extends string>({
  label,
  value,
  options,
  why,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly { value: T; name: string }[];
  why: string;
  onChange: (value: T) => void;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '70px minmax(0, 1fr)' },
        alignItems: 'center',
        justifyItems: 'start',
        columnGap: 1.5,
        mt: 1,
      }}
    >
      <Box>{label}</Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={value}
        aria-label={label}
        onChange={(_, next: T | null) => next && onChange(next)}
      >
        {options.map((one) => (
          <ToggleButton key={one.value} value={one.value}>
            {one.name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ gridColumn: { sm: 2 }, fontSize: typeScale.small, color: colour.muted }}>
        {why}
      </Box>
    </Box>
  );
}
