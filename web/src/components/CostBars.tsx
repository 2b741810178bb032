'use client';

import Box from '@mui/material/Box';
import type { Cost } from '@cobbet/core/batch/cost';
import type { Larder } from '@cobbet/core/larder/larder';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { money } from './money';
import { namesIn } from './shortName';

/** So many are drawn; the rest is together. */
const mostBars = 5;

/** What drives a cost, the dearest first, and what has no price of its own. */
export function CostBars({
  cost,
  larder,
  currency,
}: {
  cost: Cost;
  larder: Larder;
  currency: string | undefined;
}) {
  const name = namesIn(larder);
  const shown = cost.drivers.slice(0, mostBars);
  const rest = cost.drivers.slice(mostBars);
  const restShare = rest.reduce((sum, { share }) => sum + share, 0);
  const bars = [
    ...shown.map(({ ingredient, cost: sum, share, source }) => ({
      ...{ key: ingredient, words: name(ingredient), sum, share, guessed: source === 'larder' },
    })),
    ...(restShare > 0.005
      ? [
          {
            key: 'rest',
            words: 'the rest',
            sum: restShare * cost.batch,
            share: restShare,
            guessed: false,
          },
        ]
      : []),
  ];
  return (
    <>
      <Box role="group" aria-label="What it costs, by thing">
        {bars.map(({ key, words, sum, share, guessed }) => (
          <Box key={key} sx={{ fontSize: typeScale.small, lineHeight: 1.35, mt: 0.5 }}>
            <Box sx={{ display: 'flex', gap: 1 }}>
              <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                {words} {(100 * share).toFixed(0)} %
              </Box>
              <Box
                sx={{
                  ml: 'auto',
                  whiteSpace: 'nowrap',
                  color: guessed ? colour.muted : colour.ink,
                }}
              >
                {guessed ? 'about ' : ''}
                {money(sum, currency)}
              </Box>
            </Box>
            <Box sx={{ height: 5, bgcolor: colour.line, borderRadius: 1 }}>
              <Box
                sx={{ height: 5, bgcolor: colour.accent, borderRadius: 1 }}
                style={{ width: `${100 * share}%` }}
              />
            </Box>
          </Box>
        ))}
      </Box>
      {cost.missing.length > 0 && (
        <Box sx={{ fontSize: typeScale.small, color: colour.caution, mt: 0.75 }}>
          No price for {cost.missing.map(name).join(', ')}: it costs at least that.
        </Box>
      )}
      {cost.guessed.length > 0 && (
        <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
          {cost.guessed.length === cost.drivers.length
            ? 'All'
            : `${cost.guessed.length} of ${cost.drivers.length}`}{' '}
          by the larder’s usual prices; your own stand in the Larder.
        </Box>
      )}
    </>
  );
}
