'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Radio from '@mui/material/Radio';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { type WayEffect, wayEffect } from '@cobbet/core/ways/effect';
import type { School, SchoolOption } from '@cobbet/core/ways/school';
import { proposeWay, schoolsOf } from '@cobbet/core/ways/schoolsOf';
import { useMemo } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';
import { effectWords } from './effectWords';

/** One question: its ways, what each would change, and why it matters. */
function Question({
  school,
  now,
  bench,
  onTake,
}: {
  school: School;
  /** What the dip comes to as it is. */
  now: WayEffect;
  bench: Bench;
  onTake: (option: SchoolOption) => void;
}) {
  const { kitchen } = bench;
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, borderTop: `1px solid ${colour.line}`, m: 0, px: 0, py: 1.25 }}
    >
      <Box component="legend" sx={{ float: 'left', width: '100%', p: 0, fontWeight: 700 }}>
        {school.question}
      </Box>
      <Box sx={{ clear: 'both', fontSize: typeScale.note, color: colour.muted, mb: 0.5 }}>
        {school.why}
      </Box>
      {school.options.map((option) => {
        const chosen = option.id === school.chosen;
        const words = chosen ? ['as it is now'] : effectWords(now, wayEffect(option.dip, kitchen));
        return (
          <Box
            component="label"
            key={option.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '40px 1fr', sm: '40px 190px 1fr' },
              alignItems: 'center',
              minHeight: 40,
              py: 0.25,
              cursor: 'pointer',
              bgcolor: chosen ? colour.accentWash : 'transparent',
              borderRadius: 1,
            }}
          >
            <Radio size="small" name={school.id} checked={chosen} onChange={() => onTake(option)} />
            <Box sx={{ fontWeight: chosen ? 700 : 400 }}>{option.name}</Box>
            <Box
              sx={{
                fontSize: typeScale.note,
                color: colour.muted,
                gridColumn: { xs: '2 / -1', sm: 'auto' },
                pb: { xs: 0.75, sm: 0 },
              }}
            >
              {words.length === 0 ? 'nothing that can be predicted' : words.join(' · ')}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** How a dip is made, question by question, each way with what it would change of this dip. */
export function WaysDialog({
  bench,
  onTake,
  onClose,
}: {
  bench: Bench;
  onTake: (proposal: Proposal) => void;
  onClose: () => void;
}) {
  const { dip, kitchen } = bench;
  const schools = useMemo(() => schoolsOf(dip, kitchen), [dip, kitchen]);
  const now = useMemo(() => wayEffect(dip, kitchen), [dip, kitchen]);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="ways-title">
      <DialogTitle id="ways-title">Ways of making it</DialogTitle>
      <DialogContent tabIndex={0}>
        <Box sx={{ mb: 1 }}>
          Cooks disagree on these, and most are right for their own dip. Beside each way stands what
          it would change about this dip, as predicted. Amounts in the bowl keep their weight.
        </Box>
        {schools.map((school) => (
          <Question
            key={school.id}
            school={school}
            now={now}
            bench={bench}
            onTake={(option) => onTake(proposeWay(dip, school, option, kitchen))}
          />
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}
