'use client';

import Box from '@mui/material/Box';
import type { Dip } from '@cobbet/core/dip/dip';
import { bodyNames, momentsOf, servedMoment } from '@cobbet/core/mix/bodyMoments';
import { capital } from '@/components/bodyText';
import { CheckLine } from '@/components/CheckLine';
import { KeptFigure } from '@/components/KeptFigure';
import { momentWarmth, momentWhenIn } from '@/components/momentWords';
import type { Tool } from '@/components/toolWords';
import { colour } from '@/theme/colour';
import type { BenchEdits } from '../useBenchEdits';

/** When a dip is used: the moments its body is looked at, and how it comes to the table. */
export function WhenEaten({
  dip,
  tool,
  blendC,
  onEdit,
}: {
  dip: Dip;
  /** What it is made with. */
  tool: Tool;
  /** How warm it gets in the machine, °C. */
  blendC: number;
  onEdit: BenchEdits['edit'];
}) {
  const when = momentWhenIn(tool);
  const looked = momentsOf(dip);
  const { atC, restedForMinutes } = servedMoment(dip);
  return (
    <Box component="section" aria-label="When it is used">
      <strong>When it is used</strong>
      <Box sx={{ display: 'grid' }}>
        {bodyNames.map((name) => {
          const on = looked.includes(name);
          // what is aimed at is looked at, and one moment there is always
          const fixed = on && (dip.targets[name] !== undefined || looked.length === 1);
          return (
            <CheckLine
              key={name}
              checked={on}
              onToggle={() => {
                if (fixed) return;
                const next = bodyNames.filter((one) => (one === name) !== looked.includes(one));
                onEdit('When it is used', (one) => ({ ...one, moments: next }));
              }}
            >
              <span>
                {capital(when[name])}{' '}
                <Box component="span" sx={{ color: colour.muted }}>
                  {momentWarmth(name, dip, blendC)}
                </Box>
              </span>
            </CheckLine>
          );
        })}
      </Box>
      {looked.includes('servedBody') && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 0.5 }}>
          <KeptFigure
            label="At the table at"
            unit="°C"
            value={atC}
            low={-10}
            high={80}
            fault="From −10 to 80."
            onSave={(servedAtC) => onEdit('Served at', (one) => ({ ...one, servedAtC }))}
          />
          <KeptFigure
            label="When it has stood"
            unit="min"
            value={restedForMinutes}
            low={0}
            high={10_000}
            fault="From 0 to 10000."
            onSave={(servedAfterMin) =>
              onEdit('How long it stands', (one) => ({ ...one, servedAfterMin }))
            }
          />
        </Box>
      )}
    </Box>
  );
}
