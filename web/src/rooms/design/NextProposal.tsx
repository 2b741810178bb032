'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Goal } from '@cobbet/core/design/goal';
import { type MixturePoint, pointOf } from '@cobbet/core/design/mixturePoint';
import type { NextTrial } from '@cobbet/core/design/nextTrial';
import { nextWords } from '@cobbet/core/design/nextWords';
import { colour } from '@/theme/colour';

/** What is worth making next, why, and what beside it on the same day. */
export function NextProposal({
  told,
  goal,
  busy,
  said,
  onAdd,
}: {
  told: NextTrial;
  goal: Goal;
  busy: boolean;
  /** A mixture in words. */
  said: (point: MixturePoint) => string;
  onAdd: (point: MixturePoint) => void;
}) {
  const beside = told.worthwhile ? told.beside : null;
  return (
    <>
      <Box sx={{ mt: 1.5, fontWeight: 700 }}>Next: {said(told.next)}</Box>
      <Box>{nextWords(told, 1, goal)}</Box>
      {beside && (
        <Box sx={{ mt: 0.5, color: colour.muted }}>
          Two today? Beside it {said(beside)}: it says most once the first is taken as predicted.
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.75 }}>
        <Button variant="outlined" disabled={busy} onClick={() => onAdd(pointOf(told.next))}>
          Add it to the trials
        </Button>
        {beside && (
          <Button disabled={busy} onClick={() => onAdd(pointOf(beside))}>
            Add the one beside it
          </Button>
        )}
      </Box>
    </>
  );
}
