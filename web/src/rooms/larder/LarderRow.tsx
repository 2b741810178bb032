'use client';

import Box from '@mui/material/Box';
import { isMade } from '@cobbet/core/larder/madeId';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { memo } from 'react';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { money } from '@/components/money';
import { RoleMark } from '@/components/RoleMark';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { doubtWord } from './sourceWords';
import { CompositionBar } from './CompositionBar';

/** One thing on the shelf. */
export const LarderRow = memo(function LarderRow({
  ingredient,
  mine,
  inHouse,
  chosen,
  onChoose,
}: {
  ingredient: Ingredient;
  mine: boolean;
  /** What there is of it, as written; undefined where it is not said. */
  inHouse: string | undefined;
  chosen: boolean;
  onChoose: (id: string) => void;
}) {
  const { currency } = useSettings();
  const { id, name, role, allergens, costHintEurPerKg, pieceG, pieceName } = ingredient;
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${colour.line}`,
        bgcolor: chosen ? colour.accentWash : 'transparent',
        contentVisibility: 'auto',
        containIntrinsicSize: 'auto 44px',
      }}
    >
      <Box
        component="button"
        type="button"
        aria-pressed={chosen}
        onClick={() => onChoose(id)}
        sx={{
          all: 'unset',
          boxSizing: 'border-box',
          width: '100%',
          cursor: 'pointer',
          display: 'grid',
          gridTemplateColumns: { xs: '22px 1fr 88px', sm: '22px minmax(0, 1fr) 210px 92px' },
          columnGap: 1.5,
          alignItems: 'center',
          px: 0.75,
          minHeight: 44,
          '&:focus-visible': { outline: `3px solid ${colour.accent}`, outlineOffset: -3 },
          '&:hover': { bgcolor: colour.board },
        }}
      >
        <RoleMark role={role} />
        <Box sx={{ minWidth: 0, lineHeight: 1.25 }}>
          <Box
            sx={{
              fontWeight: 600,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
            }}
          >
            {name}
            {isMade(id) && (
              <Box
                component="span"
                sx={{ fontWeight: 400, fontSize: typeScale.small, color: colour.accent }}
              >
                {' '}
                made here
              </Box>
            )}
            {mine && (
              <Box
                component="span"
                sx={{ fontWeight: 400, fontSize: typeScale.small, color: colour.accent }}
              >
                {' '}
                yours
              </Box>
            )}
          </Box>
          <Box
            sx={{
              fontSize: typeScale.small,
              color: colour.muted,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
            }}
          >
            {[
              inHouse === undefined ? '' : `in the house: ${inHouse}`,
              allergens.map(allergenWord).join(', '),
              pieceG !== null && pieceName !== null ? `${pieceName} ${pieceG} g` : '',
              doubtWord(ingredient),
            ]
              .filter((part) => part !== '')
              .join(' · ')}
          </Box>
        </Box>
        <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
          <CompositionBar ingredient={ingredient} />
        </Box>
        <Box
          sx={{
            textAlign: 'right',
            fontSize: typeScale.small,
            color: colour.muted,
            whiteSpace: 'nowrap',
          }}
        >
          {costHintEurPerKg > 0 ? `${money(costHintEurPerKg, currency)} / kg` : 'no price'}
        </Box>
      </Box>
    </Box>
  );
});
