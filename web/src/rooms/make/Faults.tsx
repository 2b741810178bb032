'use client';

import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import type { Run } from '@cobbet/core/book/run';
import { withFault } from '@cobbet/core/book/runEdits';
import { faultsNow } from '@cobbet/core/book/runEvents';
import { faults } from '@cobbet/core/readings/tastes';
import { faultWords } from '@/components/faultWords';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

/** What is wrong with how the bowl holds together or feels; each on or off by a tap. */
export function Faults({ run, control }: { run: Run; control: RunControl }) {
  const there = faultsNow(run);
  return (
    <Box
      role="group"
      aria-label="What is wrong with it"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', mt: 0.5 }}
    >
      <Box sx={{ fontWeight: 600, fontSize: typeScale.lead }}>It is</Box>
      {faults.map((fault) => (
        <ToggleButton
          key={fault}
          value={fault}
          selected={there.includes(fault)}
          sx={{ minHeight: 48, px: 1.5, fontSize: typeScale.text }}
          onChange={() =>
            void control.note(`It is ${faultWords[fault]}`, (one) =>
              withFault(one, fault, !there.includes(fault), new Date().toISOString()),
            )
          }
        >
          {faultWords[fault]}
        </ToggleButton>
      ))}
    </Box>
  );
}
