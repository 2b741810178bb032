'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import { aimAtWord } from '@cobbet/core/mix/aimAtWord';
import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import Link from 'next/link';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';
import { guideSteps, nextStep } from './guideSteps';

/** The way through a first dip: one thing to do at a time, told where it is done, and left at any moment. */
export function Guide({
  bench,
  edits,
  asking,
}: {
  bench: Bench;
  edits: BenchEdits;
  /** Why a figure is as it is stands open. */
  asking: boolean;
}) {
  const { dip, analysis } = bench;
  const [asked, setAsked] = useState(false);
  if (asking && !asked) setAsked(true);
  const state = { dip, figures: analysis, asked };
  const at = nextStep(state);
  const step = guideSteps[at];
  const { offers = [], aims } = step ?? {};
  const aim = (word: BodyWord) => {
    const when = eatenAt(dip);
    edits.setTarget(when, aimAtWord(dip.targets[when], word));
  };
  const query = `dip=${encodeURIComponent(dip.id)}`;
  return (
    <Box
      component="section"
      aria-label="A first dip"
      sx={{
        ...{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5 },
        ...{ px: 1.5, py: 0.75, mb: 1, borderRadius: 1, bgcolor: colour.accentWash },
      }}
    >
      <Box sx={{ fontSize: typeScale.small, color: colour.accent, fontWeight: 700 }}>
        {step ? `${at + 1} of ${guideSteps.length}` : 'Done'}
      </Box>
      <Box role="status" sx={{ flex: '1 1 320px' }}>
        {step
          ? step.say(state)
          : 'That is a dip worked out. Make it, log what really went in, and read it with a spoon: that is what teaches the next one.'}
      </Box>
      {offers.length > 0 && (
        <Button size="small" onClick={() => edits.add(offers)}>
          {offers.length === 1 ? 'Put it in for me' : 'Put them in for me'}
        </Button>
      )}
      {aims && (
        <Button size="small" onClick={() => aim(aims)}>
          Aim at that for me
        </Button>
      )}
      {!step && (
        <Button size="small" component={Link} href={`/make?${query}`}>
          Make it
        </Button>
      )}
      <Button size="small" component={Link} href={`/bench?${query}`} replace>
        {step ? 'Leave the guide' : 'Stay here'}
      </Button>
    </Box>
  );
}
