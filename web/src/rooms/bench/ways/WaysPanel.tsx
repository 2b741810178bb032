'use client';

import Box from '@mui/material/Box';
import Radio from '@mui/material/Radio';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { type WayEffect, wayEffect } from '@cobbet/core/ways/effect';
import type { School, SchoolOption } from '@cobbet/core/ways/school';
import { proposeWay, schoolsOf } from '@cobbet/core/ways/schoolsOf';
import { useMemo } from 'react';
import { SwapMarks } from '@/components/swap/SwapMarks';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { unseen } from '@/theme/unseen';
import { SidePanel } from '../SidePanel';
import type { Bench } from '../useBench';
import { drawnWords, effectWords } from './effectWords';

/** What one way would change: body and seasoning drawn on their axes, the rest in words. */
function Effect({ now, then, bench }: { now: WayEffect; then: WayEffect; bench: Bench }) {
  const drawn = drawnWords(now, then);
  const words = effectWords(now, then);
  return (
    <Box
      sx={{
        ...{ position: 'relative', lineHeight: 1.35 },
        ...{ fontSize: typeScale.small, color: colour.muted },
      }}
    >
      {drawn.length > 0 && (
        <SwapMarks before={now.figures} after={then.figures} targets={bench.dip.targets} />
      )}
      {words.join(' · ')}
      <Box component="span" sx={unseen}>
        {' '}
        {drawn.join(' · ')}
      </Box>
      {drawn.length + words.length === 0 && 'nothing that can be predicted'}
    </Box>
  );
}

/** One question: its ways, what each would change, and why it matters. */
function Question({
  school,
  now,
  bench,
  onLook,
  onTake,
}: {
  school: School;
  /** What the dip comes to as it is. */
  now: WayEffect;
  bench: Bench;
  onLook: (option: SchoolOption | null) => void;
  onTake: (option: SchoolOption) => void;
}) {
  const { kitchen } = bench;
  const effects = useMemo(
    () => new Map(school.options.map(({ id, dip }) => [id, wayEffect(dip, kitchen)])),
    [school, kitchen],
  );
  return (
    <Box
      component="fieldset"
      sx={{ border: 0, borderTop: `1px solid ${colour.line}`, m: 0, px: 0, py: 1.25, minWidth: 0 }}
    >
      <Box component="legend" sx={{ float: 'left', width: '100%', p: 0, fontWeight: 700 }}>
        {school.question}
      </Box>
      <Box sx={{ clear: 'both', fontSize: typeScale.note, color: colour.muted, mb: 0.5 }}>
        {school.why}
      </Box>
      {school.options.map((option) => {
        const chosen = option.id === school.chosen;
        const then = effects.get(option.id);
        return (
          <Box
            component="label"
            key={option.id}
            onMouseEnter={() => onLook(chosen ? null : option)}
            onMouseLeave={() => onLook(null)}
            onFocus={() => onLook(chosen ? null : option)}
            onBlur={() => onLook(null)}
            sx={{
              ...{ display: 'grid', gridTemplateColumns: '36px minmax(0, 1fr)' },
              ...{ alignItems: 'start', minHeight: 40, py: 0.5, pr: 0.5, cursor: 'pointer' },
              bgcolor: chosen ? colour.accentWash : 'transparent',
              borderRadius: 1,
              '&:hover': { bgcolor: chosen ? colour.accentWash : colour.paper },
            }}
          >
            <Radio
              size="small"
              name={school.id}
              checked={chosen}
              onChange={() => onTake(option)}
              sx={{ p: 0.5 }}
            />
            <Box sx={{ minWidth: 0, pt: 0.4 }}>
              <Box sx={{ fontWeight: chosen ? 700 : 500 }}>
                {option.name}
                {chosen && (
                  <Box component="span" sx={{ fontWeight: 400, color: colour.muted }}>
                    {' '}
                    as it is now
                  </Box>
                )}
              </Box>
              {!chosen && then && <Effect now={now} then={then} bench={bench} />}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/**
 * How a dip is made, question by question, each way with what it would change of this dip: small beside it, and on the line while it is
 * pointed at.
 */
export function WaysPanel({
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
  const schools = useMemo(() => schoolsOf(dip, kitchen), [dip, kitchen]);
  const now = useMemo(() => wayEffect(dip, kitchen), [dip, kitchen]);
  return (
    <SidePanel label="Ways of making it" onClose={onClose}>
      <Box sx={{ mb: 1, fontSize: typeScale.note }}>
        Cooks disagree on these, and most are right for their own dip. Each is drawn as predicted;
        amounts in the bowl keep their weight.
      </Box>
      {schools.map((school) => (
        <Question
          key={school.id}
          school={school}
          now={now}
          bench={bench}
          onLook={(option) => onLook(option && proposeWay(dip, school, option, kitchen))}
          onTake={(option) => {
            onLook(null);
            onTake(proposeWay(dip, school, option, kitchen));
          }}
        />
      ))}
    </SidePanel>
  );
}
