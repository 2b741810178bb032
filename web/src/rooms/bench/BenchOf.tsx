'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { madeHere, withoutCircles } from '@cobbet/core/book/madeHere';
import { madeId } from '@cobbet/core/larder/madeId';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { type Dip, mostRows } from '@cobbet/core/dip/dip';
import type { Nudge } from '@cobbet/core/dip/nudges';
import { applyEdits } from '@cobbet/core/proposal/edit';
import { proposeNudge } from '@cobbet/core/proposal/proposeForDip';
import { kitMachines } from '@cobbet/core/kitchen/kit';
import { later } from '@/components/later';
import { useCallback, useMemo, useState } from 'react';
import { AddRow } from '@/components/AddRow';
import { usePrinting } from '@/components/usePrinting';
import { useWidth } from '@/components/useWidth';
import { useBook } from '@/store/bookStore';
import { changeSettings } from '@/store/commands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { AsidePanel } from './AsidePanel';
import { rowInQuestion, useAside } from './useAside';
import { additionEffect } from './additionEffect';
import { type BenchDialog, BenchDialogs } from './BenchDialogs';
import { AtHand } from './AtHand';
import { BenchHeader } from './BenchHeader';
import { BenchLayoutGiven, useBenchLayout, useScreenLayout } from './line/benchLayout';
import { BenchLine } from './BenchLine';
import { useBehind } from './base/useBehind';
import { BenchSide } from './side/BenchSide';
import { DipCard } from './print/DipCard';
import type { ShownQuantity } from './line/shownQuantity';
import { type Bench, useBench } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { type BenchEdits, useBenchEdits } from './useBenchEdits';
import { ruleRows } from './rules/ruleRows';
import { useLanding } from './land/useLanding';
import { useLine } from './line/useLine';

const BaseStrip = later(() => import('./base/BaseStrip').then(({ BaseStrip }) => BaseStrip));
const OpenFillings = later(() =>
  import('./swap/OpenFillings').then(({ OpenFillings }) => OpenFillings),
);
const Sheet = later(() => import('./Sheet').then(({ Sheet }) => Sheet));
const NudgeTable = later(() =>
  import('@/components/NudgeTable').then(({ NudgeTable }) => NudgeTable),
);

function HowToStart() {
  return (
    <Box sx={{ maxWidth: 440, mt: 1, mb: 1.5, color: colour.muted }}>
      Start with what goes in first. The line grows as you add, one bead for each addition.
    </Box>
  );
}

function TrialCount({ trials }: { trials: number }) {
  return (
    <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
      {trials === 0 ? 'no trial yet' : `${trials} ${trials === 1 ? 'trial' : 'trials'}`}
    </Box>
  );
}

/** Where something is added, with what it would do before it goes in. */
function AddHere({ bench, edits }: { bench: Bench; edits: BenchEdits }) {
  const { dip, rows, analysis, kitchen } = bench;
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const larder = useMemo(
    () => withoutCircles(kitchen.larder, madeHere({ things, dips }), [madeId(dip.id)]),
    [kitchen.larder, things, dips, dip.id],
  );
  return (
    <Box sx={{ mt: 1 }}>
      {rows.length < mostRows ? (
        <AddRow
          larder={larder}
          measures={kitchen.measures}
          onAdd={edits.add}
          rules={{
            rows: ruleRows(rows),
            onRule: edits.addRule,
          }}
          effectOf={(parts) => additionEffect(dip, analysis, kitchen, parts)}
        />
      ) : (
        `A dip holds ${mostRows} additions at most.`
      )}
    </Box>
  );
}

/** What a spoon of each would do, asked for by its name. */
function WhatASpoonDoes({
  bench,
  open,
  onOpen,
  onAdd,
  onLook,
  onClose,
}: {
  bench: Bench;
  open: boolean;
  onOpen: () => void;
  onAdd: BenchEdits['nudge'];
  onLook: (nudge: Nudge | null) => void;
  onClose: () => void;
}) {
  if (!open) {
    return (
      <Button size="small" onClick={onOpen} sx={{ mt: 1 }}>
        What would a spoon do?
      </Button>
    );
  }
  return (
    <NudgeTable
      parts={bench.parts}
      now={bench.analysis}
      targets={bench.dip.targets}
      larder={bench.kitchen.larder}
      conditions={bench.conditions}
      onAdd={onAdd}
      onLook={onLook}
      onClose={onClose}
    />
  );
}

/** The bench of one dip: rows and line on one surface, what it tastes of and makes beside it. */
function BenchSurface({ dip }: { dip: Dip }) {
  const bench = useBench(dip);
  const { amountView } = useSettings();
  const [shown, setShown] = useState<ShownQuantity>('body');
  const [dialog, setDialog] = useState<BenchDialog | null>(null);
  const [nudging, setNudging] = useState(false);
  const { aside, looked, setLooked, openAside, swapRow, leaveAside } = useAside();
  const filling = rowInQuestion(dip, aside);
  const behind = useBehind(dip).length;
  const control = useLanding(dip, bench, amountView !== 'grams');
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { rows, analysis } = bench;
  const { inHand } = useBenchLayout();
  const printing = usePrinting();

  const edits = useBenchEdits(dip.id);
  const line = useLine(bench, shown, width);
  const { stallsAt, doubts } = line;
  const { kitchen } = bench;

  const lookAt = useCallback(
    (nudge: Nudge | null) => setLooked(nudge && proposeNudge(dip, kitchen, nudge, 'looked-at')),
    [dip, kitchen, setLooked],
  );

  useBenchKeys({
    land: () => void control.land(),
    nudge: () => setNudging((now) => !now),
    show: setShown,
  });

  // what is proposed is drawn on the line: a nudge while it is looked at, else a landing until it is taken or left
  const proposed = looked ?? control.proposal;
  const preview = useMemo(
    () => (proposed ? analyseDip(applyEdits(dip, proposed.edits), kitchen) : null),
    [proposed, dip, kitchen],
  );
  const panel = aside && (
    <AsidePanel aside={aside} bench={bench} edits={edits} onLook={setLooked} onClose={leaveAside} />
  );
  const bothWays = { display: 'flex', flexDirection: { xs: 'column', lg: 'row' } } as const;
  return (
    <Box sx={{ ...bothWays, minHeight: '100%', '@media print': { display: 'block' } }}>
      {printing && <DipCard bench={bench} />}
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          px: { xs: 1.5, sm: 2.5 },
          py: { xs: 1, sm: 2 },
          '@media print': { display: 'none' },
        }}
      >
        <BenchHeader
          dip={dip}
          shown={shown}
          view={amountView}
          working={control.landing.state === 'working'}
          onShown={setShown}
          onView={(next) => void changeSettings('How amounts are written', { amountView: next })}
          onEdit={edits.edit}
          onLand={() => void control.land()}
          machines={kitMachines(kitchen.kit)}
          onAbout={() => setDialog('about')}
          onSize={() => setDialog('size')}
          onWays={() => setDialog('ways')}
          onFree={() => openAside('free')}
        >
          <TrialCount trials={line.trials} />
        </BenchHeader>
        <Box sx={{ position: 'relative' }}>
          {(behind > 0 || dip.parentId !== null) && (
            <BaseStrip
              dip={dip}
              behind={behind}
              onBase={() => openAside('base')}
              onVariants={() => openAside('variants')}
            />
          )}
          <BenchLine
            bench={bench}
            line={line}
            edits={edits}
            shown={shown}
            view={amountView}
            preview={preview}
            onSwap={swapRow}
            onRules={() => openAside('rules')}
            measured={ref}
            width={width}
          />
          {rows.length === 0 && <HowToStart />}
          {filling?.open && (
            <OpenFillings
              bench={bench}
              rowId={filling.id}
              open={filling.open}
              edits={edits}
              onOpenRole={(open) => edits.openRole(filling.id, open)}
            />
          )}
          {!inHand && <AddHere bench={bench} edits={edits} />}
          {rows.length > 0 && (
            <WhatASpoonDoes
              bench={bench}
              open={nudging}
              onOpen={() => setNudging(true)}
              onAdd={edits.nudge}
              onLook={lookAt}
              onClose={() => {
                setNudging(false);
                setLooked(null);
              }}
            />
          )}
        </Box>
      </Box>
      <BenchSide
        bench={bench}
        control={control}
        preview={proposed ? proposed.after : null}
        stallsAt={stallsAt}
        doubts={doubts}
        edits={edits}
        onRules={() => openAside('rules')}
      >
        {!inHand && panel}
      </BenchSide>
      {panel && inHand && (
        <Sheet label="About this dip" onClose={leaveAside}>
          {panel}
        </Sheet>
      )}
      {inHand && (
        <AtHand analysis={analysis} targets={dip.targets}>
          <AddHere bench={bench} edits={edits} />
        </AtHand>
      )}
      <BenchDialogs bench={bench} open={dialog} edits={edits} onClose={() => setDialog(null)} />
    </Box>
  );
}

/** The bench of one dip, lying as the screen lets it. */
export function BenchOf({ dip }: { dip: Dip }) {
  return (
    <BenchLayoutGiven value={useScreenLayout()}>
      <BenchSurface dip={dip} />
    </BenchLayoutGiven>
  );
}
