'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { RunEntry } from '@cobbet/core/book/runEvents';
import { useState } from 'react';
import { AddRow } from '@/components/AddRow';
import { shortName } from '@/components/shortName';
import { colour } from '@/theme/colour';
import type { RunControl } from './useRun';

/** Something that nobody planned goes in: blended, or folded in whole; by itself or for what is in hand. */
export function Unplanned({ control, inHand }: { control: RunControl; inHand?: RunEntry }) {
  const { larder, measures } = control.kitchen;
  const [place, setPlace] = useState<'bowl' | 'fold'>('bowl');
  const [problem, setProblem] = useState<string | null>(null);
  const [instead, setInstead] = useState(false);
  const inHandName =
    inHand && shortName(larder.get(inHand.planned.ingredientId)?.name ?? '').toLowerCase();
  return (
    <Panel title="Something else goes in">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mt: 0.5 }}>
        <Box sx={{ flex: '1 1 260px' }}>
          <AddRow
            larder={larder}
            measures={measures}
            placeholder="such as 2 tbsp capers"
            onAdd={(parts) => {
              const open = parts.find(({ massG }) => massG <= 0);
              if (open) {
                const name = larder.get(open.ingredient)?.name.toLowerCase() ?? '';
                setProblem(`How much ${name}? Write the amount with it.`);
                return;
              }
              setProblem(null);
              void control.add(
                parts.map(({ ingredient, amount, massG, place: said }) => ({
                  ...{ ingredient, amount, massG },
                  // what the line says comes before what is set beside it
                  place: said === 'fold' ? said : place,
                })),
                instead ? inHand?.rowId : undefined,
              );
            }}
          />
        </Box>
        <ToggleButtonGroup
          exclusive
          value={place}
          aria-label="How it goes in"
          onChange={(_, next: 'bowl' | 'fold' | null) => next && setPlace(next)}
        >
          <ToggleButton value="bowl" sx={{ minHeight: 48 }}>
            blended
          </ToggleButton>
          <ToggleButton value="fold" sx={{ minHeight: 48 }}>
            folded in whole
          </ToggleButton>
        </ToggleButtonGroup>
        {inHandName !== undefined && !inHand?.done && (
          <FormControlLabel
            label={`instead of the ${inHandName}`}
            control={<Checkbox checked={instead} onChange={(_, checked) => setInstead(checked)} />}
          />
        )}
      </Box>
      {problem && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
    </Panel>
  );
}
