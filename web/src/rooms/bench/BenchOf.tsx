'use client';

import Box from '@mui/material/Box';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { AmountView } from '@cobbet/core/book/book';
import type { Dip } from '@cobbet/core/dip/dip';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import { applyEdits } from '@cobbet/core/proposal/edit';
import { later } from '@/components/later';
import { useSearchParams } from 'next/navigation';
import {
  type ComponentProps,
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
} from 'react';
import { useWidth } from '@/components/useWidth';
import { changeSettings } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { isWide, rowInQuestion, useAside } from './useAside';
import { AddHere } from './AddHere';
import { WhatASpoonDoes } from './WhatASpoonDoes';
import { BenchHeader } from './BenchHeader';
import { BenchLayoutGiven, useBenchLayout, useScreenLayout } from './line/benchLayout';
import { BenchLine } from './BenchLine';
import { useBehind } from './base/useBehind';
import { BesideTheLine } from './side/BesideTheLine';
import { seasoningTarget, type ShownQuantity } from './line/shownQuantity';
import { type Bench, useBench } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { useBenchEdits } from './useBenchEdits';
import { type LandingControl, useLanding } from './land/useLanding';
import { useLine } from './line/useLine';

const Guide = later(() => import('./guide/Guide').then(({ Guide }) => Guide));
const AsidePanel = later(() => import('./AsidePanel').then(({ AsidePanel }) => AsidePanel));
const InTheHand = later(() => import('./InTheHand').then(({ InTheHand }) => InTheHand));
const AboutDip = later(() => import('./AboutDip').then(({ AboutDip }) => AboutDip));
const BaseStrip = later(() => import('./base/BaseStrip').then(({ BaseStrip }) => BaseStrip));
const PrintedCard = later(
  () => import('./print/PrintedCard').then(({ PrintedCard }) => PrintedCard),
  { rested: true },
);
const BenchSide = later(() => import('./side/BenchSide').then(({ BenchSide }) => BenchSide), {
  meanwhile: ({ wide }) => <BesideTheLine wide={wide} />,
});
const OpenFillings = later(() =>
  import('./swap/OpenFillings').then(({ OpenFillings }) => OpenFillings),
);

const useGuided = () => useSearchParams().has('guide');

/** A landing, begun at once where the address asks for it: a target was just set elsewhere. */
function useLandingAsked(...of: Parameters<typeof useLanding>): LandingControl {
  const asked = useSearchParams().has('land');
  const control = useLanding(...of);
  const { land } = control;
  useEffect(() => {
    if (asked) land();
  }, [asked, land]);
  return control;
}

/** The way through a first dip, where the address asks for it. */
function Guided(props: ComponentProps<typeof Guide>) {
  return useGuided() ? <Guide {...props} /> : null;
}

function HowToStart() {
  if (useGuided()) return null;
  return (
    <Box sx={{ maxWidth: 440, mt: 1, mb: 1.5, color: colour.muted }}>
      Start with what goes in first. The line grows as you add, one bead for each addition.
    </Box>
  );
}

const bothWays = {
  ...{ display: 'flex', flexDirection: { xs: 'column', lg: 'row' }, minHeight: '100%' },
  '@media print': { display: 'block' },
} as const;

const writeAmounts = (amountView: AmountView) =>
  void changeSettings('How amounts are written', { amountView });

/** What stands around the line: a moment later than the line, which follows the hand at once. */
function useSettled(
  bench: Bench,
  control: LandingControl,
  { stallsAt, doubts }: ReturnType<typeof useLine>,
) {
  return useDeferredValue(
    useMemo(() => ({ bench, control, stallsAt, doubts }), [bench, control, stallsAt, doubts]),
  );
}

/** The bench of one dip: rows and line on one surface, what it tastes of and makes beside it. */
function BenchSurface({ dip }: { dip: Dip }) {
  const bench = useBench(dip);
  const { amountView } = useSettings();
  const [shown, setShown] = useState<ShownQuantity>('body');
  const [about, setAbout] = useState(false);
  const [nudging, setNudging] = useState(false);
  const { aside, looked, setLooked, openAside, swapRow, readyRow, detailRow, askWhy, leaveAside } =
    useAside();
  const filling = rowInQuestion(dip, aside);
  const behind = useBehind(dip).length;
  const control = useLandingAsked(dip, bench, amountView !== 'grams');
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { rows, kitchen } = bench;
  const { inHand } = useBenchLayout();
  const edits = useBenchEdits(dip.id);
  const line = useLine(bench, shown, width);
  const { bench: settled, ...around } = useSettled(bench, control, line);

  useBenchKeys({
    land: control.land,
    nudge: () => setNudging((now) => !now),
    show: setShown,
    why: () => askWhy(seasoningTarget(shown) ?? eatenAt(dip)),
  });

  // drawn on the line: what is looked at, else a landing until it is taken or left
  const proposed = looked ?? control.proposal;
  const preview = useMemo(
    () => (proposed ? analyseDip(applyEdits(dip, proposed.edits), kitchen) : null),
    [proposed, dip, kitchen],
  );
  const showAbout = useCallback(() => setAbout(true), []);
  const after = proposed ? proposed.after : null;
  // what is typed in there is of the dip as it is now
  const panel = aside && (
    <AsidePanel
      {...{ aside, bench, edits }}
      onLook={setLooked}
      onSwap={swapRow}
      onMakeReady={readyRow}
      onClose={leaveAside}
    />
  );
  return (
    <Box sx={bothWays}>
      <PrintedCard bench={bench} />
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
          dip={settled.dip}
          shown={shown}
          view={amountView}
          working={control.landing.state === 'working'}
          kit={kitchen.kit}
          trials={line.trials}
          onShown={setShown}
          onView={writeAmounts}
          onEdit={edits.edit}
          onLand={control.land}
          onAbout={showAbout}
          onOpen={openAside}
        />
        <Guided bench={settled} edits={edits} asking={aside?.kind === 'why'} />
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
            onDetails={detailRow}
            onWhy={askWhy}
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
              onOpenRole={(open) => edits.openRole(filling.id, open)}
            />
          )}
          {!inHand && <AddHere bench={settled} edits={edits} />}
          {rows.length > 0 && (
            <WhatASpoonDoes
              bench={settled}
              open={nudging}
              onOpen={setNudging}
              onAdd={edits.nudge}
              onLook={setLooked}
            />
          )}
        </Box>
      </Box>
      <BenchSide
        bench={settled}
        control={around.control}
        wide={isWide(aside)}
        preview={after}
        stallsAt={around.stallsAt}
        doubts={around.doubts}
        edits={edits}
        onOpen={openAside}
        onWhy={askWhy}
      >
        {!inHand && panel}
      </BenchSide>
      {inHand && (
        <InTheHand bench={settled} edits={edits} onClose={leaveAside}>
          {panel}
        </InTheHand>
      )}
      {about && (
        <AboutDip
          dip={dip}
          blendC={bench.conditions.method.blendC}
          onEdit={edits.edit}
          onClose={() => setAbout(false)}
        />
      )}
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
