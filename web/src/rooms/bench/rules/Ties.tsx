'use client';

import Box from '@mui/material/Box';
import { ruleStates } from '@cobbet/core/dip/ruleStates';
import { useMemo } from 'react';
import { colour } from '@/theme/colour';
import { useBenchLayout } from '../line/benchLayout';
import { rowY } from '../line/lineGeometry';
import type { Bench } from '../useBench';

/** Ties stand beside each other in the margin as long as there is room, px apart. */
const lane = 4;
const lanes = 3;
const margin = 15;

/** Rules drawn as small ties in the margin between the rows they hold; broken ones are open. */
export function Ties({ bench, onOpen }: { bench: Bench; onOpen: () => void }) {
  const { dip, rows } = bench;
  const { rowHeight } = useBenchLayout();
  const middle = (index: number) => rowY(index, rowHeight);
  const states = useMemo(() => ruleStates(dip, rows), [dip, rows]);
  const ties = states.flatMap(({ rule, over, kept }, at) => {
    if (!over) return [];
    const places = (side: readonly number[]) => side.flatMap((one, i) => (one === 0 ? [] : [i]));
    const left = places(over.left);
    // what counts in the whole is tied to the foot
    const right = 'whole' in rule.to ? [rows.length - 0.3] : places(over.right);
    const all = [...left, ...right];
    const x = margin - 3 - lane * (at % lanes);
    return [{ rule, kept, x, arms: all, top: Math.min(...all), bottom: Math.max(...all) }];
  });
  if (ties.length === 0) return null;
  return (
    <Box sx={{ position: 'absolute', left: -margin, top: 0, width: margin, bottom: 0, zIndex: 1 }}>
      <svg
        width={margin}
        height={rows.length * rowHeight + 20}
        aria-hidden
        style={{ position: 'absolute', pointerEvents: 'none', overflow: 'visible' }}
      >
        {ties.map(({ rule, kept, x, arms, top, bottom }) => (
          <g
            key={rule.id}
            fill="none"
            stroke={kept ? colour.accent : colour.caution}
            strokeWidth={kept ? 1.6 : 2.4}
            strokeDasharray={kept ? undefined : '3 3'}
            strokeLinecap="round"
          >
            <path d={`M${x} ${middle(top)}V${middle(bottom)}`} />
            {arms.map((arm) => (
              <path key={arm} d={`M${x} ${middle(arm)}H${margin}`} />
            ))}
          </g>
        ))}
      </svg>
      {ties.map(({ rule, kept, x, top, bottom }) => (
        <Box
          key={rule.id}
          component="button"
          type="button"
          title={`${rule.said}: ${kept ? 'holds' : 'does not hold'}`}
          aria-label={`Rule: ${rule.said}, ${kept ? 'holds' : 'does not hold'}`}
          onClick={onOpen}
          style={{ left: x - 12, top: (middle(top) + middle(bottom)) / 2 - 12 }}
          sx={{
            ...{ position: 'absolute', width: 24, height: 24, p: 0, border: 0 },
            ...{ bgcolor: 'transparent', cursor: 'pointer', borderRadius: '50%' },
            '&::before': {
              ...{ content: '""', position: 'absolute', left: 8, top: 8, width: 8, height: 8 },
              borderRadius: '50%',
              bgcolor: kept ? colour.accent : colour.paper,
              border: `2px solid ${kept ? colour.accent : colour.caution}`,
              boxSizing: 'border-box',
            },
          }}
        />
      ))}
    </Box>
  );
}
