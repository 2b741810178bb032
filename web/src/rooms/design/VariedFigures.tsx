'use client';

import Box from '@mui/material/Box';
import { targetWords } from '@cobbet/core/mix/targets';
import { CheckLine } from '@/components/CheckLine';
import { Panel } from '@/components/Panel';
import { capital } from '@/components/bodyText';
import { colour } from '@/theme/colour';
import { LimitFields } from './LimitFields';
import type { useVariedFigures } from './useVariedFigures';

/** Body, salt and sour: kept within the dip's targets, or set on purpose between two ends. */
export function VariedFigures({ varied }: { varied: ReturnType<typeof useVariedFigures> }) {
  const { figures, limits, toggle, setLimit } = varied;
  if (figures.length === 0) return null;
  return (
    <Panel title="Beside it" aside="kept on target where nothing is ticked" sx={{ mt: 2.5 }}>
      <Box component="ul" aria-label="Beside it" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {figures.map(({ figure, now, usual, low, high }) => {
          const { name, unit, decimals } = targetWords[figure];
          const typed = limits.get(figure);
          return (
            <Box
              component="li"
              key={figure}
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
                <CheckLine checked={typed !== undefined} onToggle={() => toggle(figure)}>
                  {capital(name)}
                </CheckLine>
              </Box>
              {typed && (
                <LimitFields
                  {...{ typed, label: capital(name) }}
                  says={`now ${now.toFixed(decimals)}${unit}; from, to`}
                  usual={{ low: usual.low.toFixed(decimals), high: usual.high.toFixed(decimals) }}
                  wrong={{
                    low: low === null || low < 0,
                    high: high === null || high > 100 || (low !== null && high <= low),
                  }}
                  onChange={(next) => setLimit(figure, next)}
                />
              )}
            </Box>
          );
        })}
      </Box>
    </Panel>
  );
}
