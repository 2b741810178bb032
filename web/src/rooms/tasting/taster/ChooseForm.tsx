'use client';

import Box from '@mui/material/Box';
import { markOf, type Tasting, type TastingSeat } from '@cobbet/core/taste/tasting';
import { withChoice, withNextRank } from '@cobbet/core/taste/tastingEdits';
import { editTasting } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { kindWords } from '../jarWords';

/** One question about all pots: which, or in which order. */
export function ChooseForm({ tasting, seat }: { tasting: Tasting; seat: TastingSeat }) {
  const { id, kind } = tasting;
  return (
    <Box>
      <Box component="h1" sx={{ mt: 0, mb: 2, fontSize: typeScale.figure, lineHeight: 1.2 }}>
        {kindWords[kind].asks}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {seat.order.map((code) => {
          const { chosen, rank } = markOf(tasting, seat.id, code);
          const on = chosen !== undefined || rank !== undefined;
          return (
            <Box
              component="button"
              type="button"
              key={code}
              aria-pressed={on}
              aria-label={rank === undefined ? code : `${code}, place ${rank}`}
              onClick={() =>
                void editTasting(
                  id,
                  'Taste',
                  (now) =>
                    kind === 'rank'
                      ? withNextRank(now, seat.id, code)
                      : withChoice(now, seat.id, code),
                  `taste ${id} ${seat.id}`,
                )
              }
              sx={{
                minHeight: 96,
                border: `3px solid ${on ? colour.accent : colour.line}`,
                borderRadius: '12px',
                bgcolor: on ? colour.accent : 'transparent',
                color: on ? colour.onAccent : colour.ink,
                font: 'inherit',
                fontSize: typeScale.title,
                fontWeight: 700,
                cursor: 'pointer',
                display: 'flex',
                alignItems: 'center',
                justifyContent: 'center',
                gap: 2,
              }}
            >
              {code}
              {rank !== undefined && (
                <Box component="span" sx={{ fontSize: typeScale.lead, fontWeight: 400 }}>
                  {rank === 1 ? 'best' : `place ${rank}`}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
