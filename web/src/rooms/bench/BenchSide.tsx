'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Analysis } from '@cobbet/core/analysis/analyse';
import type { Machine } from '@cobbet/core/body/machines';
import type { LandedPart } from '@cobbet/core/landing/landParts';
import type { Doubt } from '@cobbet/core/sanity/isThisRight';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { colour } from '@/theme/colour';
import { Mouth } from './Mouth';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';
import type { LandingControl } from './useLanding';
import { WhenSeen } from '@/parts/WhenSeen';
import { Yield } from './Yield';

const OddsPanel = dynamic(() => import('./OddsPanel').then((module) => module.OddsPanel), {
  ssr: false,
});
const StallPanel = dynamic(() => import('./StallPanel').then((module) => module.StallPanel), {
  ssr: false,
});
const LandPanel = dynamic(() => import('./LandPanel').then((module) => module.LandPanel), {
  ssr: false,
});
const Looks = dynamic(() => import('./Looks').then((module) => module.Looks), { ssr: false });
const Doubts = dynamic(() => import('./Doubts').then((module) => module.Doubts), { ssr: false });

/** Beside the line: what needs an answer first, then how it tastes, looks and what it makes. */
export function BenchSide({
  bench,
  control,
  landed,
  machine,
  stallsAt,
  doubts,
  edits,
}: {
  bench: Bench;
  control: LandingControl;
  /** What landing would make of it, while it is being looked at. */
  landed: Analysis | null;
  machine: Machine;
  stallsAt: readonly number[];
  doubts: readonly Doubt[];
  edits: BenchEdits;
}) {
  const { dip, rows, analysis, measures } = bench;
  const [odds, setOdds] = useState(false);
  const noTargets = Object.keys(dip.targets).length === 0;
  const take = (parts: readonly LandedPart[]) => {
    edits.take(
      rows.map(({ row }) => row.id),
      parts,
    );
    control.leave();
  };
  return (
    <Box
      component="aside"
      sx={{
        width: { xs: '100%', lg: 272 },
        flexShrink: 0,
        bgcolor: colour.board,
        borderLeft: { lg: `1px solid ${colour.line}` },
        px: 2,
        py: 2,
        display: 'grid',
        gap: 2,
        alignContent: 'start',
      }}
    >
      {noTargets && control.landing.state !== 'idle' && (
        <Box role="status">
          Nothing to land on yet: set a target at the foot of the line, or make a usual range the
          target here.
        </Box>
      )}
      {!noTargets && control.landing.state !== 'idle' && (
        <LandPanel control={control} bench={bench} onTake={take} />
      )}
      {stallsAt.length > 0 && (
        <StallPanel
          bench={bench}
          machine={machine}
          stallsAt={stallsAt}
          onOrder={(way) => edits.reorder(way, rows, measures)}
        />
      )}
      {doubts.length > 0 && <Doubts doubts={doubts} bench={bench} onSure={edits.sure} />}
      <Mouth dip={dip} analysis={analysis} preview={landed} onTarget={edits.setTarget} />
      <Yield dip={dip} parts={bench.parts} analysis={analysis} measures={measures} />
      {rows.length > 0 && (
        <WhenSeen leastHeight={84}>
          <Looks bench={bench} />
        </WhenSeen>
      )}
      {!noTargets && rows.length > 0 && (
        <Box>
          {odds ? (
            <OddsPanel bench={bench} onTake={take} onClose={() => setOdds(false)} />
          ) : (
            <Button size="small" variant="outlined" onClick={() => setOdds(true)}>
              How often would it land?
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}
