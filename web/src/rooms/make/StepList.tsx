'use client';

import Box from '@mui/material/Box';
import type { Run } from '@cobbet/core/book/run';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

/** Every step with what really went in; a tap goes there. Beside the step on a wide screen. */
export function StepList({ run, control }: { run: Run; control: RunControl }) {
  return (
    <Box
      component="nav"
      aria-label="Steps"
      sx={{
        display: { xs: 'none', lg: 'block' },
        width: 320,
        flexShrink: 0,
        bgcolor: colour.board,
        borderLeft: `1px solid ${colour.line}`,
        py: 2,
      }}
    >
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {control.entries.map((entry, index) => {
          const here = index === run.step;
          const name = control.larder.get(entry.planned.ingredientId)?.name;
          const mark = entry.done ? '✓' : entry.skipped ? '–' : String(index + 1);
          return (
            <li key={entry.rowId}>
              <Box
                component="button"
                type="button"
                aria-current={here ? 'step' : undefined}
                onClick={() => void control.go(index)}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '26px 1fr',
                  width: '100%',
                  minHeight: 48,
                  px: 2,
                  py: 0.75,
                  border: 0,
                  textAlign: 'left',
                  font: 'inherit',
                  fontSize: typeScale.note,
                  lineHeight: 1.25,
                  color: colour.ink,
                  bgcolor: here ? colour.paper : 'transparent',
                  boxShadow: here ? `inset 4px 0 0 ${colour.accent}` : 'none',
                  cursor: 'pointer',
                }}
              >
                <Box sx={{ color: entry.done ? colour.bandEdge : colour.muted, fontWeight: 700 }}>
                  {mark}
                </Box>
                <Box>
                  <Box sx={{ fontWeight: 600 }}>
                    {entry.skipped ? 'left out' : (entry.done?.amount ?? entry.planned.amount)}
                    {entry.done && entry.done.amount !== entry.planned.planned && (
                      <Box component="s" sx={{ color: colour.muted, ml: 0.75, fontWeight: 400 }}>
                        {entry.planned.planned}
                      </Box>
                    )}
                  </Box>
                  <Box sx={{ color: colour.muted }}>{name}</Box>
                </Box>
              </Box>
            </li>
          );
        })}
      </Box>
    </Box>
  );
}
