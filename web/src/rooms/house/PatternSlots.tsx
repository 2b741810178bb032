'use client';

import Box from '@mui/material/Box';
import SwapHoriz from '@mui/icons-material/SwapHoriz';
import IconButton from '@mui/material/IconButton';
import NativeSelect from '@mui/material/NativeSelect';
import { type fillPattern, type InHouse } from '@cobbet/core/dip/fromHouse';
import { canPlay } from '@cobbet/core/dip/patterns';
import { fromTheTap } from '@cobbet/core/larder/everyday';
import { useState } from 'react';
import { later } from '@/components/later';
import { RoleMark } from '@/components/RoleMark';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const SlotSwap = later(() => import('./SlotSwap').then(({ SlotSwap }) => SlotSwap));

/** What plays each part of a pattern, each to be picked, or swapped for what does the same. */
export function PatternSlots({
  filled,
  house,
  onPick,
}: {
  filled: ReturnType<typeof fillPattern>;
  house: readonly InHouse[];
  onPick: (slot: number, ingredientId: string) => void;
}) {
  const { larder } = useKitchen();
  const [swapping, setSwapping] = useState<number | null>(null);
  const { pattern } = filled;
  const inHouse = new Set(house.map(({ ingredientId }) => ingredientId));
  return (
    <Box
      component="ul"
      aria-label={`Parts of ${pattern.name}`}
      sx={{
        m: 0,
        p: 0,
        listStyle: 'none',
        display: 'grid',
        columnGap: 3,
        gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
      }}
    >
      {filled.filled.map(({ slot, ingredientId, fromHouse }, i) => {
        const role = larder.get(ingredientId)?.role;
        const players = [...larder.values()].filter(
          // what the cook has swapped in plays it, whatever the pattern says
          (one) => canPlay(slot, one) || one.id === ingredientId,
        );
        return (
          <Box
            component="li"
            key={i}
            sx={{
              ...{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 42 },
              gridColumn: swapping === i ? '1 / -1' : undefined,
            }}
          >
            {role && <RoleMark role={role} />}
            <NativeSelect
              value={ingredientId}
              inputProps={{ 'aria-label': `${slot.name} of ${pattern.name}` }}
              onChange={(event) => onPick(i, event.target.value)}
              sx={{ flex: 1, minWidth: 0, maxWidth: 340 }}
            >
              {players.map(({ id, name }) => (
                <option key={id} value={id}>
                  {inHouse.has(id) ? '● ' : ''}
                  {name}
                </option>
              ))}
            </NativeSelect>
            <Box
              sx={{
                width: 92,
                fontSize: typeScale.small,
                color: fromHouse ? colour.bandEdge : colour.muted,
              }}
            >
              {slot.name},{' '}
              {fromHouse ? 'in the house' : fromTheTap.has(ingredientId) ? 'the tap' : 'to get'}
            </Box>
            <IconButton
              size="small"
              aria-label={`Swap the ${slot.name} of ${pattern.name}`}
              aria-expanded={swapping === i}
              onClick={() => setSwapping(swapping === i ? null : i)}
            >
              <SwapHoriz fontSize="small" />
            </IconButton>
            {swapping === i && (
              <SlotSwap
                made={filled}
                slot={i}
                house={inHouse}
                onPick={(id) => {
                  onPick(i, id);
                  setSwapping(null);
                }}
                onClose={() => setSwapping(null)}
              />
            )}
          </Box>
        );
      })}
    </Box>
  );
}
