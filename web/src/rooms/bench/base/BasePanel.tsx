'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { backToBase } from '@cobbet/core/book/fromBase';
import type { Figures } from '@cobbet/core/mix/figures';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeForDip } from '@cobbet/core/proposal/proposeForDip';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { differenceWords } from '@/components/differenceWords';
import { firstNamesIn } from '@/components/shortName';
import { LookCard } from '@/components/swap/LookCard';
import { newId } from '@/store/commands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';
import { useBase } from './useBase';

/** Less than this is not worth a word. */
const least = { body: 0.1, salt: 0.03, sour: 0.02, garlic: 0.05 } as const;

function moved(name: string, from: number | null, to: number | null, by: number): string | null {
  if (from === null || to === null || Math.abs(to - from) < by) return null;
  const decimals = by >= 0.1 ? 1 : 2;
  return `${name} ${to > from ? '+' : '−'}${Math.abs(to - from).toFixed(decimals)}`;
}

/** What one difference does to body and taste: the variant against itself without it. */
function effectWords(without: Figures, now: Figures): string {
  const { saltG, acidG, garlicG } = now.per100g;
  const words = [
    moved('cold', without.chilledBody, now.chilledBody, least.body),
    moved('salt', without.per100g.saltG, saltG, least.salt),
    moved('sour', without.per100g.acidG, acidG, least.sour),
    moved('garlic', without.per100g.garlicG, garlicG, least.garlic),
  ].filter((word) => word !== null);
  return words.length > 0 ? words.join(', ') : 'hardly moves it';
}

/** What a variant does otherwise than its base: what each does, drawn on the line while it is looked at, and the way back. */
export function BasePanel({
  bench,
  onLook,
  onTake,
  onClose,
}: {
  bench: Bench;
  onLook: (proposal: Proposal | null) => void;
  onTake: (proposal: Proposal) => void;
  onClose: () => void;
}) {
  const { dip, kitchen } = bench;
  const from = useBase(dip);
  const [open, setOpen] = useState<string | null>(null);
  const lines = useMemo(
    () =>
      from?.differences.map((difference) => {
        const words = differenceWords(difference, firstNamesIn(kitchen.larder));
        const edits = backToBase(dip, from.base, difference, newId);
        const label = `Back to the base: ${words}`.slice(0, 120);
        return { words, proposal: proposeForDip(dip, kitchen, { maker: 'base', label, edits }) };
      }) ?? [],
    [from, dip, kitchen],
  );
  if (!from) return null;
  const look = (words: string, proposal: Proposal) => {
    setOpen(open === words ? null : words);
    onLook(open === words ? null : proposal);
  };
  return (
    <Box component="section" aria-label="Against its base" sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 0.5, mb: 0.5 }}>
        <Typography variant="h2" sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
          Against{' '}
          <Box
            component={Link}
            href={`/bench?dip=${encodeURIComponent(from.base.id)}`}
            sx={{ color: colour.ink }}
          >
            {from.base.name}
          </Box>
        </Typography>
        <IconButton size="small" aria-label="Close the base" onClick={onClose}>
          <Close fontSize="small" />
        </IconButton>
      </Box>
      {lines.length === 0 && <Box role="status">It does everything its base does.</Box>}
      <Box component="ol" aria-label="What differs" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {lines.map(({ words, proposal }) => (
          <LookCard
            key={words}
            name={words}
            open={open === words}
            onOpen={() => look(words, proposal)}
            head={
              <>
                <Box sx={{ fontSize: typeScale.note, fontWeight: 600, overflowWrap: 'anywhere' }}>
                  {words}
                </Box>
                <Box
                  sx={{
                    fontSize: typeScale.small,
                    color: open === words ? colour.ink : colour.muted,
                  }}
                >
                  {effectWords(proposal.after, proposal.before)}
                </Box>
              </>
            }
          >
            <Button
              size="small"
              variant="outlined"
              sx={{ mt: 0.5 }}
              onClick={() => onTake(proposal)}
            >
              Back to the base’s
            </Button>
          </LookCard>
        ))}
      </Box>
      <Box sx={{ mt: 1, fontSize: typeScale.small, color: colour.muted }}>
        What each does is this dip against itself without it, an estimate
        {lines.length > 1 ? '; they do not simply add up' : ''}.
      </Box>
    </Box>
  );
}
