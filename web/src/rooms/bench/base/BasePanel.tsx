'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { backToBase } from '@cobbet/core/book/fromBase';
import { writtenId } from '@cobbet/core/book/writtenTrial';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeForDip } from '@cobbet/core/proposal/proposeForDip';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { compareAddress } from '@/components/compareAddress';
import { differenceWords } from '@/components/differenceWords';
import { firstNamesIn } from '@/components/shortName';
import { LookCard } from '@/components/swap/LookCard';
import { newId } from '@/store/newId';
import { followBase } from '@/store/variantCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import { BaseChanged } from './BaseChanged';
import { effectWords } from './effectWords';
import { useBase } from './useBase';
import { useBaseChanges } from './useBaseChanges';

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
  const offered = useBaseChanges(dip, from?.base ?? null, kitchen);
  const lines = useMemo(
    () =>
      from?.differences.map((difference) => {
        const words = differenceWords(difference, firstNamesIn(kitchen.larder));
        const edits = backToBase(dip, from.base, difference, newId);
        const label = `Back to the base: ${words}`.slice(0, 120);
        const figures = difference.kind !== 'target';
        return {
          words,
          figures,
          proposal: proposeForDip(dip, kitchen, { maker: 'base', label, edits }),
        };
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
      <PanelHead close="Close the base" onClose={onClose}>
        Against{' '}
        <Box
          component={Link}
          href={`/bench?dip=${encodeURIComponent(from.base.id)}`}
          sx={{ color: colour.ink }}
        >
          {from.base.name}
        </Box>
      </PanelHead>
      {offered.length > 0 && (
        <BaseChanged dip={dip} offered={offered} open={open} onOpen={setOpen} onLook={onLook} />
      )}
      <Button
        size="small"
        component={Link}
        href={compareAddress([writtenId(from.base.id), writtenId(dip.id)])}
        sx={{ p: 0, mb: 0.5 }}
      >
        Side by side
      </Button>
      {lines.length === 0 && <Box role="status">It does everything its base does.</Box>}
      <Box component="ol" aria-label="What differs" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {lines.map(({ words, figures, proposal }) => (
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
                {figures && (
                  <Box
                    sx={{
                      fontSize: typeScale.small,
                      color: open === words ? colour.ink : colour.muted,
                    }}
                  >
                    {effectWords(proposal.after, proposal.before)}
                  </Box>
                )}
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
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={dip.follows === true}
            onChange={(_, on) => void followBase(dip, on)}
          />
        }
        label="Follow the base where nothing was changed here"
        sx={{ '& .MuiFormControlLabel-label': { fontSize: typeScale.note } }}
      />
      <Box sx={{ mt: 0.5, fontSize: typeScale.small, color: colour.muted }}>
        What each does is this dip against itself without it, an estimate
        {lines.length > 1 ? '; they do not simply add up' : ''}.
      </Box>
    </Box>
  );
}
