'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { fillPattern, type InHouse, type Makeable, massUsingAll } from '@cobbet/core/dip/fromHouse';
import { useMemo, useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { namesIn } from '@/components/shortName';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { PatternSlots } from './PatternSlots';
import { useBeginPattern } from './useBeginPattern';

/** A way of making something from what is there: what plays which part, how much, and the start on the Bench. */
export function OpenPattern({ made, house }: { made: Makeable; house: readonly InHouse[] }) {
  const { larder } = useKitchen();
  const { pattern } = made;
  const [picks, setPicks] = useState<Record<number, string>>({});
  const [size, setSize] = useState<string | null>(null);
  const filled = useMemo(
    () => fillPattern(pattern, house, larder, picks),
    [pattern, house, larder, picks],
  );
  const massG = typedNumber(size ?? String(Math.round(filled.mostG / 10) * 10));
  const wrong = massG === null || massG < 50 || massG > 50_000;
  const { busy, problem, begin } = useBeginPattern(pattern, filled, wrong ? null : massG);
  return (
    <Box sx={{ mt: 1, p: 1.75, bgcolor: colour.board, borderRadius: 1 }}>
      <PatternSlots
        filled={filled}
        house={house}
        onPick={(i, id) => setPicks({ ...picks, [i]: id })}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 1 }}>
        <Box sx={{ width: 150 }}>
          <MeasuredField
            label="How much"
            unit="g"
            value={size ?? String(Math.round(filled.mostG / 10) * 10)}
            problem={wrong ? 'From 50 to 50000 g.' : null}
            onChange={setSize}
          />
        </Box>
        {filled.filled
          .filter(({ slot, fromHouse }) => fromHouse && slot.needed)
          .map(({ ingredientId }) => {
            const item = house.find((one) => one.ingredientId === ingredientId);
            const all = item && massUsingAll(filled, item);
            if (!all) return null;
            return (
              <Button
                key={ingredientId}
                size="small"
                sx={{ mt: 1.5 }}
                onClick={() => setSize(String(Math.round(all / 10) * 10))}
              >
                Use all the {namesIn(larder)(ingredientId)}
              </Button>
            );
          })}
      </Box>
      {problem && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
      <Button variant="contained" disabled={busy || wrong} onClick={() => void begin()}>
        {busy ? 'Working it out…' : 'Start it on the Bench'}
      </Button>
    </Box>
  );
}
