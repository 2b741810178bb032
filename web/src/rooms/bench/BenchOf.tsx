'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { proposeSize } from '@cobbet/core/batch/resize';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Nudge } from '@cobbet/core/dip/nudges';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { applyEdits } from '@cobbet/core/proposal/edit';
import { proposeNudge } from '@cobbet/core/proposal/proposeForDip';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { kitMachines } from '@cobbet/core/kitchen/kit';
import { later } from '@/components/later';
import { useCallback, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { AddRow } from '@/components/AddRow';
import { bodyText, wordOf } from '@/components/bodyText';
import { useWidth } from '@/components/useWidth';
import { changeSettings } from '@/store/commands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { AfterRows } from './line/After';
import { BeadHandles } from './line/BeadHandles';
import { BenchHeader } from './BenchHeader';
import { BenchSide } from './side/BenchSide';
import { FootRow } from './line/FootRow';
import { LineDrawing } from './line/LineDrawing';
import { LineHeader } from './line/LineHeader';
import { RowList } from './rows/RowList';
import { SeasoningFoot } from './line/SeasoningFoot';
import { beadsOf, shownQuantities, type ShownQuantity } from './line/shownQuantity';
import { useBench } from './useBench';
import { useBenchEdits } from './useBenchEdits';
import { useLanding } from './land/useLanding';
import { useLine } from './line/useLine';

const AboutDip = later(() => import('./AboutDip').then(({ AboutDip }) => AboutDip));

const WaysDialog = later(() => import('./ways/WaysDialog').then(({ WaysDialog }) => WaysDialog));
const SizeDialog = later(() => import('./size/SizeDialog').then(({ SizeDialog }) => SizeDialog));
const NudgeTable = later(() =>
  import('@/components/NudgeTable').then(({ NudgeTable }) => NudgeTable),
);

/** Width of the rows' side; the axis takes the rest. */
const rowsWidth = 'clamp(398px, 53%, 580px)';

/** Whether every row of a dip has its place in another one, which may go on after them. */
const samePlaces = (rows: readonly ReadRow[], others: readonly ReadRow[]) =>
  rows.every(({ row }, i) => others[i]?.row.id === row.id);

/** The bench of one dip: rows and line on one surface, what it tastes of and makes beside it. */
export function BenchOf({ dip }: { dip: Dip }) {
  const bench = useBench(dip);
  const { amountView } = useSettings();
  const [shown, setShown] = useState<ShownQuantity>('body');
  const [about, setAbout] = useState(false);
  const [sizing, setSizing] = useState(false);
  const [ways, setWays] = useState(false);
  const [nudging, setNudging] = useState(false);
  const [looked, setLooked] = useState<Proposal | null>(null);
  const control = useLanding(dip, bench, amountView !== 'grams');
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { rows, analysis } = bench;

  const edits = useBenchEdits(dip.id);
  const { edit, setTarget } = edits;
  const line = useLine(bench, shown, width);
  const { axis, beads, feet, seasoning, band, stallsAt, doubts } = line;
  const { machine, kitchen, typed } = bench;
  const doubtful = useMemo(() => new Set(doubts.map(({ index }) => index)), [doubts]);

  const lookAt = useCallback(
    (nudge: Nudge | null) => setLooked(nudge && proposeNudge(typed, kitchen, nudge, 'looked-at')),
    [typed, kitchen],
  );

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

  // what is proposed is drawn on the line: a nudge while it is looked at, else a landing until it is taken or left
  const proposed = looked ?? control.proposal;
  const preview = useMemo(
    () => (proposed ? analyseDip(applyEdits(typed, proposed.edits), kitchen) : null),
    [proposed, typed, kitchen],
  );
  const { freshBody, chilledBody, sd } = analysis;
  const previewFeet = preview
    ? seasoning
      ? [preview.analysis.per100g[seasoning]]
      : [preview.analysis.freshBody, preview.analysis.chilledBody]
    : [];
  const previewBeads = preview && samePlaces(rows, preview.rows);
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
          machines={kitMachines(kitchen.kit)}
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
            <LineHeader shown={shown} axis={axis} current={wordOf(freshBody)} />
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
                preview={
                  previewBeads ? beadsOf(preview.analysis.path, shown).slice(0, rows.length) : null
                }
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
                    body={freshBody}
                    sd={sd}
                    band={dip.targets.freshBody}
                    axis={axis}
                    axisLeft={rowsWidth}
                    onBand={(next) => setTarget('freshBody', next)}
                  />
                  <FootRow
                    when="rested and chilled"
                    body={chilledBody}
                    sd={sd}
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
            <AddRow larder={kitchen.larder} measures={kitchen.measures} onAdd={edits.add} />
          </Box>
          {rows.length > 0 &&
            (nudging ? (
              <NudgeTable
                parts={bench.parts}
                now={analysis}
                targets={dip.targets}
                larder={kitchen.larder}
                conditions={bench.conditions}
                onAdd={edits.nudge}
                onLook={lookAt}
                onClose={() => {
                  setNudging(false);
                  setLooked(null);
                }}
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
        preview={proposed ? proposed.after : null}
        stallsAt={stallsAt}
        doubts={doubts}
        edits={edits}
      />
      {sizing && (
        <SizeDialog
          bench={bench}
          machine={machine}
          onTake={(sized) => {
            edits.take(proposeSize(dip, kitchen, sized));
            setSizing(false);
          }}
          onClose={() => setSizing(false)}
        />
      )}
      {ways && <WaysDialog bench={bench} onTake={edits.take} onClose={() => setWays(false)} />}
      {about && <AboutDip dip={dip} onEdit={edit} onClose={() => setAbout(false)} />}
    </Box>
  );
}
