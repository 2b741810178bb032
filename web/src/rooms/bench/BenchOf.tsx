'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Dip } from '@cobbet/core/book/dip';
import { kitMachines } from '@cobbet/core/book/kit';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { AddRow } from '@/parts/AddRow';
import { bodyText, wordOf } from '@/parts/bodyText';
import { useWidth } from '@/parts/useWidth';
import { changeSettings } from '@/store/commands';
import { useSettings } from '@/store/useDip';
import { colour } from '@/theme/colour';
import { AfterRows } from './After';
import { BeadHandles } from './BeadHandles';
import { BenchHeader } from './BenchHeader';
import { BenchSide } from './BenchSide';
import { FootRow } from './FootRow';
import { LineDrawing } from './LineDrawing';
import { LineHeader } from './LineHeader';
import { RowList } from './RowList';
import { SeasoningFoot } from './SeasoningFoot';
import { beadsOf, shownQuantities, type ShownQuantity } from './shownQuantity';
import { useBench } from './useBench';
import { useBenchEdits } from './useBenchEdits';
import { useLanding } from './useLanding';
import { useLine } from './useLine';

const AboutDip = dynamic(() => import('./AboutDip').then((module) => module.AboutDip), {
  ssr: false,
});

const WaysDialog = dynamic(() => import('./WaysDialog').then((module) => module.WaysDialog), {
  ssr: false,
});
const SizeDialog = dynamic(() => import('./SizeDialog').then((module) => module.SizeDialog), {
  ssr: false,
});
const NudgeTable = dynamic(() => import('@/parts/NudgeTable').then((module) => module.NudgeTable), {
  ssr: false,
});

/** Width of the rows' side; the axis takes the rest. */
const rowsWidth = 'clamp(398px, 53%, 580px)';

/** The bench of one dip: rows and line on one surface, what it tastes of and makes beside it. */
export function BenchOf({ dip }: { dip: Dip }) {
  const bench = useBench(dip);
  const { amountView } = useSettings();
  const [shown, setShown] = useState<ShownQuantity>('body');
  const [about, setAbout] = useState(false);
  const [sizing, setSizing] = useState(false);
  const [ways, setWays] = useState(false);
  const [nudging, setNudging] = useState(false);
  const control = useLanding(dip, bench, amountView !== 'grams');
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { rows, analysis } = bench;

  const edits = useBenchEdits(dip.id);
  const { edit, setTarget } = edits;
  const line = useLine(bench, shown, width);
  const { axis, beads, feet, seasoning, band, machine, stallsAt, doubts, kit } = line;
  const doubtful = useMemo(() => new Set(doubts.map(({ index }) => index)), [doubts]);

  useHotkeys('l', () => void control.land());
  useHotkeys('a', (event) => {
    event.preventDefault();
    document.querySelector<HTMLElement>('[data-add-row] input')?.focus();
  });
  useHotkeys('n', () => setNudging((now) => !now));
  useHotkeys('b, s, o, g', (_, handler) => {
    const next = shownQuantities['bsog'.indexOf(handler.keys?.[0] ?? 'b')];
    if (next) setShown(next);
  });

  const answer = control.landing.state === 'answered' ? control.landing.answer : null;
  const landed = answer ? (answer.feasible ? answer.analysis : answer.nearest.analysis) : null;
  const { body } = analysis;
  const previewFeet = landed
    ? seasoning
      ? [landed.per100g[seasoning]]
      : [landed.body.fresh, landed.body.chilled]
    : [];
  const after = rows.map((_, i) => {
    const step = analysis.path[i];
    if (!step) return '';
    const fragile = step.fragile ? '; fragile, a spoon does much here' : '';
    return `After this: ${bodyText(step.state === 'crumbs' ? null : step.body)}${fragile}`;
  });
  return (
    <Box sx={{ display: 'flex', flexDirection: { xs: 'column', lg: 'row' }, minHeight: '100%' }}>
      <Box sx={{ flex: 1, minWidth: 0, px: { xs: 2, sm: 2.5 }, py: 2, overflowX: 'auto' }}>
        <BenchHeader
          dip={dip}
          shown={shown}
          view={amountView}
          working={control.landing.state === 'working'}
          onShown={setShown}
          onView={(next) => void changeSettings('How amounts are written', { amountView: next })}
          onEdit={edit}
          onLand={() => void control.land()}
          machines={kitMachines(kit)}
          onAbout={() => setAbout(true)}
          onSize={() => setSizing(true)}
          onWays={() => setWays(true)}
        >
          <Box sx={{ fontSize: 14, color: colour.muted }}>
            {line.trials === 0
              ? 'no trial yet'
              : `${line.trials} ${line.trials === 1 ? 'trial' : 'trials'}`}
          </Box>
        </BenchHeader>
        <Box sx={{ position: 'relative', minWidth: { xs: 660, lg: 0 } }}>
          <Box sx={{ ml: rowsWidth }}>
            <LineHeader shown={shown} axis={axis} current={wordOf(body.fresh)} />
          </Box>
          <Box sx={{ position: 'relative' }}>
            <Box
              ref={ref}
              sx={{ position: 'absolute', left: rowsWidth, right: 0, top: 0, bottom: 0 }}
            >
              <LineDrawing
                axis={axis}
                shown={shown}
                width={width}
                beads={beads}
                onTop={rows.map(({ row }) => row.place === 'top')}
                preview={landed ? beadsOf(landed.path, shown) : null}
                feet={rows.length === 0 ? [] : feet}
                previewFeet={previewFeet}
                stall={
                  shown === 'body' && machine.stallBody !== null
                    ? { body: machine.stallBody, label: `${machine.name} stalls` }
                    : null
                }
                stallsAt={new Set(shown === 'body' ? stallsAt : [])}
              />
              <BeadHandles
                bench={bench}
                beads={beads}
                axis={axis}
                figure={seasoning ?? 'freshBody'}
                view={amountView}
              />
            </Box>
            <AfterRows value={after}>
              <RowList
                bench={bench}
                machine={machine}
                view={amountView}
                rowsWidth={rowsWidth}
                onMove={edits.move}
                onEditRow={edits.editRow}
                onDelete={edits.takeOut}
                doubtful={doubtful}
              />
            </AfterRows>
            {rows.length > 0 &&
              (seasoning ? (
                <SeasoningFoot
                  shown={shown}
                  value={analysis.per100g[seasoning]}
                  band={band}
                  axis={axis}
                  axisLeft={rowsWidth}
                  onBand={(next) => setTarget(seasoning, next)}
                />
              ) : (
                <Box sx={{ borderTop: `2px solid ${colour.ink}` }}>
                  <FootRow
                    when="just blended"
                    body={body.fresh}
                    sd={body.sd}
                    band={dip.targets.freshBody}
                    axis={axis}
                    axisLeft={rowsWidth}
                    onBand={(next) => setTarget('freshBody', next)}
                  />
                  <FootRow
                    when="rested and chilled"
                    body={body.chilled}
                    sd={body.sd}
                    band={dip.targets.chilledBody}
                    axis={axis}
                    axisLeft={rowsWidth}
                    onBand={(next) => setTarget('chilledBody', next)}
                  />
                </Box>
              ))}
          </Box>
          {rows.length === 0 && (
            <Box sx={{ maxWidth: 440, mt: 1, mb: 1.5, color: colour.muted }}>
              Start with what goes in first. The line grows as you add, one bead for each addition.
            </Box>
          )}
          <Box sx={{ mt: 1 }}>
            <AddRow larder={bench.larder} measures={bench.measures} onAdd={edits.add} />
          </Box>
          {rows.length > 0 &&
            (nudging ? (
              <NudgeTable
                parts={bench.parts}
                analysis={bench.analysis}
                method={dip.method}
                targets={dip.targets}
                measures={bench.measures}
                larder={bench.larder}
                correction={bench.correction}
                onAdd={edits.nudge}
                onClose={() => setNudging(false)}
              />
            ) : (
              <Button size="small" onClick={() => setNudging(true)} sx={{ mt: 1 }}>
                What would a spoon do?
              </Button>
            ))}
        </Box>
      </Box>
      <BenchSide
        bench={bench}
        control={control}
        landed={landed}
        machine={machine}
        stallsAt={stallsAt}
        doubts={doubts}
        edits={edits}
      />
      {sizing && (
        <SizeDialog
          bench={bench}
          machine={machine}
          onTake={(sized) => {
            edits.resize(sized);
            setSizing(false);
          }}
          onClose={() => setSizing(false)}
        />
      )}
      {ways && (
        <WaysDialog
          bench={bench}
          kit={kit}
          onTake={(label, next) => edit(label, () => next)}
          onClose={() => setWays(false)}
        />
      )}
      {about && <AboutDip dip={dip} onEdit={edit} onClose={() => setAbout(false)} />}
    </Box>
  );
}
