'use client';

import Box from '@mui/material/Box';
import { shortName } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

/** What went in, in one line over the check; a tap goes back to that step. */
export function StepStrip({ control }: { control: RunControl }) {
  return (
    <Box
      component="nav"
      aria-label="Steps"
      sx={{ overflowX: 'auto', borderBottom: `1px solid ${colour.line}`, pb: 0.5 }}
    >
      <Box component="ol" sx={{ display: 'flex', gap: 0.5, m: 0, p: 0, listStyle: 'none' }}>
        {control.entries.map((entry, index) => {
          const name = control.larder.get(entry.planned.ingredientId)?.name ?? '';
          return (
            <li key={entry.rowId}>
              <Box
                component="button"
                type="button"
                onClick={() => void control.go(index)}
                sx={{
                  minHeight: 48,
                  px: 1,
                  border: 0,
                  bgcolor: 'transparent',
                  color: colour.ink,
                  font: 'inherit',
                  fontSize: typeScale.small,
                  lineHeight: 1.2,
                  textAlign: 'left',
                  whiteSpace: 'nowrap',
                  cursor: 'pointer',
                }}
              >
                <Box
                  sx={{
                    fontWeight: 700,
                    color: entry.done ? colour.ink : entry.skipped ? colour.muted : colour.caution,
                    textDecoration: entry.skipped ? 'line-through' : 'none',
                  }}
                >
                  {entry.done ? '✓' : entry.skipped ? '–' : index + 1}{' '}
                  {entry.done?.amount ?? entry.planned.amount}
                </Box>
                <Box sx={{ color: colour.muted }}>{shortName(name)}</Box>
              </Box>
            </li>
          );
        })}
      </Box>
    </Box>
  );
}
