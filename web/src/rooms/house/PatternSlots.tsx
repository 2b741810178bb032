'use client';

import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import { type fillPattern, type InHouse } from '@cobbet/core/dip/fromHouse';
import { canPlay } from '@cobbet/core/dip/patterns';
import { fromTheTap } from '@cobbet/core/larder/everyday';
import { RoleMark } from '@/components/RoleMark';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What plays each part of a pattern, each to be picked. */
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
        const players = [...larder.values()].filter((one) => canPlay(slot, one));
        return (
          <Box
            component="li"
            key={i}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 42 }}
          >
            {role && <RoleMark role={role} />}
            <NativeSelect
              value={ingredientId}
              inputProps={{ 'aria-label': `${slot.name} of ${pattern.name}` }}
              onChange={(event) => onPick(i, event.target.value)}
              sx={{ flex: 1, minWidth: 0 }}
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
          </Box>
        );
      })}
    </Box>
  );
}
