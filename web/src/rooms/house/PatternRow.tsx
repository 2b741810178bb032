'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type InHouse, type Makeable } from '@cobbet/core/dip/fromHouse';
import { namesIn } from '@/components/shortName';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { OpenPattern } from './OpenPattern';

/** One kind of dip from what is in the house; opened, its parts can be picked and its size set. */
export function PatternRow({
  made,
  house,
  open,
  onOpen,
}: {
  made: Makeable;
  house: readonly InHouse[];
  open: boolean;
  onOpen: () => void;
}) {
  const larder = useLarder();
  const { pattern, missing, little, limitedBy, mostG, usesUp } = made;
  const name = namesIn(larder);
  const can = missing.length === 0;
  return (
    <Box sx={{ py: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1.5 }}>
        <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.4 }}>
          <Box
            sx={{
              fontWeight: 700,
              fontSize: typeScale.lead,
              color: can ? colour.ink : colour.muted,
            }}
          >
            {pattern.name}
            {can && (
              <Box component="span" sx={{ fontWeight: 400, fontSize: typeScale.text }}>
                {' '}
                about {Math.round(mostG / 10) * 10} g
                {limitedBy && `, as far as the ${name(limitedBy)} goes`}
              </Box>
            )}
          </Box>
          <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
            {usesUp.length > 0 && (
              <Box component="span" sx={{ color: colour.bandEdge, fontWeight: 600 }}>
                uses up {usesUp.map(name).join(' and ')}
                {' · '}
              </Box>
            )}
            {missing.length > 0 && `needs ${missing.map(name).join(', ')}`}
            {missing.length > 0 && little.length > 0 && ' · '}
            {little.length > 0 && `and a little ${little.map(name).join(', ')}`}
            {missing.length === 0 && little.length === 0 && 'everything is there'}
          </Box>
        </Box>
        <Button
          size="small"
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'Open'} ${pattern.name}`}
          onClick={onOpen}
        >
          {open ? 'Close' : 'Open'}
        </Button>
      </Box>
      {open && <OpenPattern made={made} house={house} />}
    </Box>
  );
}
