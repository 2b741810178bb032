'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { changesOfBase } from '@cobbet/core/book/baseChanges';
import Link from 'next/link';
import { useMemo } from 'react';
import { firstNamesIn } from '@/components/shortName';
import { settleBase, type Settled } from '@/store/variantCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import { baseChangeWords, conflictWords } from './changeWords';
import { effectWords } from './effectWords';
import { proposeChanges } from './useBaseChanges';
import { useBehind } from './useBehind';

/** What changed in a base, offered to each of its variants: what it would do there, for one, for all or for none. */
export function VariantsPanel({ bench, onClose }: { bench: Bench; onClose: () => void }) {
  const { dip: base, kitchen } = bench;
  const behind = useBehind(base);
  const offers = useMemo(() => {
    const nameOf = firstNamesIn(kitchen.larder);
    return behind.map((variant) => {
      const changes = changesOfBase(variant, base);
      const { before, after } = proposeChanges(variant, base, changes, kitchen, 'As in the base');
      return {
        variant,
        ids: changes.map(({ key }) => key),
        words: changes.map((one) => baseChangeWords(one, nameOf)),
        conflicts: changes.flatMap((one) => conflictWords(one, nameOf) ?? []),
        effect: effectWords(before, after),
      };
    });
  }, [behind, base, kitchen]);
  const take = ({ variant, ids }: (typeof offers)[number]): Settled => ({
    ...{ dipId: variant.id, taken: ids, left: [] },
  });
  const leave = ({ variant, ids }: (typeof offers)[number]): Settled => ({
    ...{ dipId: variant.id, taken: [], left: ids },
  });
  return (
    <Box component="section" aria-label="Its variants" sx={{ minWidth: 0 }}>
      <PanelHead close="Close the variants" onClose={onClose}>
        What changed here, for its variants
      </PanelHead>
      {offers.length === 0 && <Box role="status">They have all been asked.</Box>}
      <Box component="ol" aria-label="Variants" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {offers.map((offer) => (
          <Box
            component="li"
            key={offer.variant.id}
            aria-label={offer.variant.name}
            sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, overflowWrap: 'anywhere' }}
          >
            <Box
              component={Link}
              href={`/bench?dip=${encodeURIComponent(offer.variant.id)}`}
              sx={{ color: colour.ink, fontWeight: 600 }}
            >
              {offer.variant.name}
            </Box>
            <Box sx={{ fontSize: typeScale.note }}>{offer.words.join(' · ')}</Box>
            <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
              would do there: {offer.effect}
            </Box>
            {offer.conflicts.map((words) => (
              <Box key={words} sx={{ fontSize: typeScale.small, color: colour.caution }}>
                {words}
              </Box>
            ))}
            <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
              <Button
                size="small"
                variant="outlined"
                onClick={() =>
                  void settleBase(`${offer.variant.name}, as in its base`, [take(offer)])
                }
              >
                Take it there
              </Button>
              <Button
                size="small"
                onClick={() =>
                  void settleBase(`${offer.variant.name} stays as it is`, [leave(offer)])
                }
              >
                Leave it
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
      {offers.length > 1 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
          <Button
            size="small"
            variant="contained"
            onClick={() => void settleBase('All variants, as in their base', offers.map(take))}
          >
            Take it in all {offers.length}
          </Button>
          <Button
            size="small"
            onClick={() => void settleBase('All variants stay as they are', offers.map(leave))}
          >
            In none
          </Button>
        </Box>
      )}
      <Box sx={{ mt: 1, fontSize: typeScale.small, color: colour.muted }}>
        Estimates, each for the variant as it is now. One undo takes all of it back.
      </Box>
    </Box>
  );
}
