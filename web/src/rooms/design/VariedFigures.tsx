'use client';

import Box from '@mui/material/Box';
import { targetWords } from '@cobbet/core/mix/targets';
import { Panel } from '@/components/Panel';
import { capital } from '@/components/bodyText';
import { LimitFields } from './LimitFields';
import type { useVariedFigures } from './useVariedFigures';
import { VariedLine } from './VariedLine';

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
            <VariedLine
              key={figure}
              checked={typed !== undefined}
              onToggle={() => toggle(figure)}
              label={capital(name)}
            >
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
            </VariedLine>
          );
        })}
      </Box>
    </Panel>
  );
}
