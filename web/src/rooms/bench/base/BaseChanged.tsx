'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { LookCard } from '@/components/swap/LookCard';
import { settleBase } from '@/store/variantCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { effectWords } from './effectWords';
import type { OfferedChange } from './useBaseChanges';

/** What changed in a variant's base since: each looked at on the line, taken or left, or all of it that is in nobody's way. */
export function BaseChanged({
  dip,
  offered,
  open,
  onOpen,
  onLook,
}: {
  dip: Dip;
  offered: readonly OfferedChange[];
  /** Words of the one that is looked at; null for none. */
  open: string | null;
  onOpen: (words: string | null) => void;
  onLook: (proposal: Proposal | null) => void;
}) {
  const settle = (label: string, taken: readonly string[], left: readonly string[]) => {
    onOpen(null);
    onLook(null);
    void settleBase(label, [{ dipId: dip.id, taken, left }]);
  };
  const clean = offered.filter(({ conflict }) => conflict === null);
  const ids = (some: readonly OfferedChange[]) => some.map(({ change }) => change.key);
  const many = offered.length > 1;
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ fontWeight: 700, color: colour.caution }}>The base has changed since</Box>
      <Box
        component="ol"
        aria-label="What changed in the base"
        sx={{ m: 0, p: 0, listStyle: 'none' }}
      >
        {offered.map(({ change, words, conflict, proposal }) => (
          <LookCard
            key={change.key}
            name={words}
            open={open === words}
            onOpen={() => {
              onOpen(open === words ? null : words);
              onLook(open === words ? null : proposal);
            }}
            head={
              <>
                <Box sx={{ fontSize: typeScale.note, fontWeight: 600, overflowWrap: 'anywhere' }}>
                  {words}
                </Box>
                <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
                  here {effectWords(proposal.before, proposal.after)}
                </Box>
                {conflict && (
                  <Box sx={{ fontSize: typeScale.small, color: colour.caution }}>{conflict}</Box>
                )}
              </>
            }
          >
            <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
              <Button
                size="small"
                variant="contained"
                onClick={() => settle(proposal.label, [change.key], [])}
              >
                Take it
              </Button>
              <Button
                size="small"
                onClick={() => settle(`Left as it is: ${words}`, [], [change.key])}
              >
                Leave it as it is
              </Button>
            </Box>
          </LookCard>
        ))}
      </Box>
      {many && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
          {clean.length > 1 && (
            <Button
              size="small"
              variant="outlined"
              onClick={() => settle('As in the base', ids(clean), [])}
            >
              {clean.length === offered.length
                ? 'Take all'
                : `Take the ${clean.length} in nobody’s way`}
            </Button>
          )}
          <Button size="small" onClick={() => settle('Left as it is here', [], ids(offered))}>
            Leave all
          </Button>
        </Box>
      )}
    </Box>
  );
}
