'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Leftover } from '@cobbet/core/prepare/prepare';
import { useState } from 'react';
import { keepByproducts } from '@/store/byproductCommands';
import { colour } from '@/theme/colour';

/** What the day leaves over, with its next use and how long it keeps. */
export function Leftovers({
  leftovers,
  from,
}: {
  leftovers: readonly Leftover[];
  /** The day they come from. */
  from: string;
}) {
  const [kept, setKept] = useState(false);
  if (leftovers.length === 0) return null;
  return (
    <Panel
      title="Left over"
      sx={{ maxWidth: 900, mt: 3 }}
      actions={
        <Button
          size="small"
          disabled={kept}
          sx={{ '@media print': { display: 'none' } }}
          onClick={() => {
            void keepByproducts(leftovers, from);
            setKept(true);
          }}
        >
          {kept ? 'In the ledger of the house' : 'Keep them from today'}
        </Button>
      }
    >
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {leftovers.map(({ what, typical, low, high, unit, keepDays, nextUse }, i) => (
          <Box
            component="li"
            key={`${what}${i}`}
            sx={{
              borderTop: `1px solid ${colour.line}`,
              py: 0.5,
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '150px 190px 1fr' },
              columnGap: 2,
            }}
          >
            <strong>{what}</strong>
            <span>
              about {typical.toFixed(0)} {unit} ({low.toFixed(0)}–{high.toFixed(0)})
            </span>
            <Box component="span" sx={{ color: colour.muted }}>
              {nextUse}; {keepDays} {keepDays === 1 ? 'day' : 'days'} in the fridge
            </Box>
          </Box>
        ))}
      </Box>
    </Panel>
  );
}
