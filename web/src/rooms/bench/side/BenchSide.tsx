'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { proposeOrder } from '@cobbet/core/advise/proposeOrder';
import type { Figures } from '@cobbet/core/mix/figures';
import type { TargetName } from '@cobbet/core/mix/targets';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import type { Doubt } from '@cobbet/core/dip/isThisRight';
import { later } from '@/components/later';
import { type ReactNode, useCallback, useState } from 'react';
import { newId } from '@/store/newId';
import { BesideTheLine } from './BesideTheLine';
import { Mouth } from './Mouth';
import type { Bench } from '../useBench';
import type { PlainAside } from '../useAside';
import type { BenchEdits } from '../useBenchEdits';
import type { LandingControl } from '../land/useLanding';
import { WhenSeen } from '@/components/WhenSeen';
import { Yield } from './Yield';

const OddsPanel = later(() => import('../land/OddsPanel').then(({ OddsPanel }) => OddsPanel));
const StallPanel = later(() => import('../land/StallPanel').then(({ StallPanel }) => StallPanel));
const LandPanel = later(() => import('../land/LandPanel').then(({ LandPanel }) => LandPanel));
const Looks = later(() => import('./Looks').then(({ Looks }) => Looks));
const Costs = later(() => import('./Costs').then(({ Costs }) => Costs));
const Doubts = later(() => import('./Doubts').then(({ Doubts }) => Doubts));

/** Beside the line: what was asked for, what needs an answer, then how it tastes, looks and what it makes. */
export function BenchSide({
  bench,
  control,
  wide,
  preview,
  stallsAt,
  doubts,
  edits,
  onOpen,
  onWhy,
  children,
}: {
  bench: Bench;
  control: LandingControl;
  /** What is asked beside the line needs more room. */
  wide: boolean;
  /** Where what is proposed would end, while it is being looked at. */
  preview: Figures | null;
  stallsAt: readonly number[];
  doubts: readonly Doubt[];
  edits: BenchEdits;
  onOpen: (kind: PlainAside) => void;
  /** A figure is asked about. */
  onWhy: (figure: TargetName) => void;
  /** What was asked for just now, first of all. */
  children?: ReactNode;
}) {
  const { dip, rows, analysis, machine, kitchen } = bench;
  const [odds, setOdds] = useState(false);
  const [costs, setCosts] = useState(false);
  const showCosts = useCallback(() => setCosts((now) => !now), []);
  const noTargets = Object.keys(dip.targets).length === 0 && !dip.rules;
  const take = (proposal: Proposal) => {
    edits.take(proposal);
    control.leave();
  };
  return (
    <BesideTheLine wide={wide}>
      {children}
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
          onOrder={(way) => edits.take(proposeOrder(dip, kitchen, way, newId))}
        />
      )}
      {doubts.length > 0 && <Doubts doubts={doubts} bench={bench} onSure={edits.sure} />}
      <Mouth
        dip={dip}
        analysis={analysis}
        preview={preview}
        onTarget={edits.setTarget}
        onWhy={onWhy}
      />
      <Yield
        dip={dip}
        parts={bench.parts}
        analysis={analysis}
        measures={kitchen.measures}
        costs={costs}
        onCosts={showCosts}
        onWhy={onWhy}
      />
      {rows.length > 0 && (
        <WhenSeen leastHeight={84}>
          <Looks bench={bench} edits={edits} />
        </WhenSeen>
      )}
      {costs && <Costs bench={bench} />}
      {rows.length > 1 && !dip.rules && (
        <Box>
          <Button size="small" variant="outlined" onClick={() => onOpen('rules')}>
            A rule between rows
          </Button>
        </Box>
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
    </BesideTheLine>
  );
}
