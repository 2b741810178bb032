'use client';

import Box from '@mui/material/Box';
import OutlinedInput from '@mui/material/OutlinedInput';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Limits } from './useVaried';

/** From where to where something goes; what is usual stands there until something is typed. */
export function LimitFields({
  label,
  unit = '',
  says,
  typed,
  usual,
  wrong,
  onChange,
}: {
  label: string;
  /** After each field. */
  unit?: string;
  /** Before them: what it is now. */
  says: string;
  typed: Limits;
  usual: Limits;
  wrong: { low: boolean; high: boolean };
  onChange: (limits: Limits) => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, py: 0.5 }}>
      <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>{says}</Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {(['low', 'high'] as const).map((end) => (
          <OutlinedInput
            key={end}
            size="small"
            value={typed[end]}
            placeholder={usual[end]}
            error={wrong[end]}
            {...(unit === '' ? {} : { endAdornment: unit })}
            onChange={(event) => onChange({ ...typed, [end]: event.target.value })}
            sx={{ width: 84 }}
            inputProps={{
              inputMode: 'decimal',
              maxLength: 6,
              'aria-label': `${label}, ${end === 'low' ? 'least' : 'most'}${unit === '' ? '' : ` ${unit}`}`,
            }}
          />
        ))}
      </Box>
    </Box>
  );
}
