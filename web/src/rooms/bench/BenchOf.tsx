'use client';

import Box from '@mui/material/Box';
import type { Dip } from '@cobbet/core/book/dip';
import { machineById } from '@cobbet/core/body/machines';
import type { LandedPart } from '@cobbet/core/landing/landParts';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { bodyText, wordOf } from '@/parts/bodyText';
import { changeSettings } from '@/store/commands';
import { useBook } from '@/store/bookStore';
import { useSettings } from '@/store/useDip';
import { colour } from '@/theme/colour';
import { AddRow } from './AddRow';
import { AfterRows } from './After';
import { BenchHeader } from './BenchHeader';
import { FootRow } from './FootRow';
import { LandPanel } from './LandPanel';
import { LineDrawing } from './LineDrawing';
import { LineHeader } from './LineHeader';
import { lastRead } from './lastRead';
import { Mouth } from './Mouth';
import { RowList } from './RowList';
import { SeasoningFoot } from './SeasoningFoot';
import {
  beadsOf,
  lineAxis,
  seasoningTarget,
  shownQuantities,
  type ShownQuantity,
} from './shownQuantity';
import { useBench } from './useBench';
import { useBenchEdits } from './useBenchEdits';
import { useLanding } from './useLanding';
import { useWidth } from './useWidth';
import { Yield } from './Yield';

const AboutDip = dynamic(() => import('./AboutDip').then((module) => module.AboutDip), {
  ssr: false,
});

/** Width of the rows' side; the axis takes the rest. */
const rowsWidth = 'clamp(398px, 53%, 580px)';

/** The bench of one dip: rows and line on one surface, what it tastes of and makes beside it. */
export function BenchOf({ dip }: { dip: Dip }) {
  const bench = useBench(dip);
  const { amountView } = useSettings();
  const trials = useBook((state) => state.book.trials);
  const [shown, setShown] = useState<ShownQuantity>('body');
  const [about, setAbout] = useState(false);
  const control = useLanding(dip, bench, amountView !== 'grams');
  const { ref, width } = useWidth<HTMLDivElement>(420);
  const { rows, analysis } = bench;

  const { edit, setTarget, editRow, add, move, take, takeOut } = useBenchEdits(dip.id);
  const takeLanding = (parts: readonly LandedPart[]) => {
    take(
      rows.map(({ row }) => row.id),
      parts,
    );
    control.leave();
  };

  useHotkeys('l', () => void control.land());
  useHotkeys('a', (event) => {
    event.preventDefault();
    document.querySelector<HTMLElement>('[data-add-row] input')?.focus();
  });
  useHotkeys('b, s, o, g', (_, handler) => {
    const next = shownQuantities['bsog'.indexOf(handler.keys?.[0] ?? 'b')];
    if (next) setShown(next);
  });

  const seasoning = seasoningTarget(shown);
  const band = seasoning ? dip.targets[seasoning] : undefined;
  const axis = useMemo(
    () => lineAxis(shown, width, analysis, band),
    [shown, width, analysis, band],
  );
  const answer = control.landing.state === 'answered' ? control.landing.answer : null;
  const landed = answer ? (answer.feasible ? answer.analysis : answer.nearest.analysis) : null;
  const machine = machineById(dip.machineId);
  const { body } = analysis;
  const beads = beadsOf(analysis.path, shown);
  const last = useMemo(() => lastRead(trials, dip.id), [trials, dip.id]);
  // a reading warm from the machine is brought to 25 °C, where the first foot stands
  const cooling = (body.fresh ?? 0) - (body.machine ?? 0);
  const readFresh = last.machine === null ? null : last.machine + cooling;
  const feet = seasoning
    ? [{ value: analysis.per100g[seasoning], sd: 0, band, read: null }]
    : [
        { value: body.fresh, sd: body.sd, band: dip.targets.freshBody, read: readFresh },
        { value: body.chilled, sd: body.sd, band: dip.targets.chilledBody, read: last.chilled },
      ];
  const previewFeet = landed
    ? seasoning
      ? [landed.per100g[seasoning]]
      : [landed.body.fresh, landed.body.chilled]
    : [];
  const after = rows.map((_, i) => {
    const step = analysis.path[i];
    return step ? `After this: ${bodyText(step.state === 'crumbs' ? null : step.body)}` : '';
  });
  const noTargets = Object.keys(dip.targets).length === 0;
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
          measures={bench.measures}
          onMeasures={(next) => void changeSettings('Cups and spoons', { measures: next })}
          onAbout={() => setAbout(true)}
        >
          <Box sx={{ fontSize: 14, color: colour.muted }}>
            {last.count === 0
              ? 'no trial yet'
              : `${last.count} ${last.count === 1 ? 'trial' : 'trials'}`}
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
                    ? {
                        body: machine.stallBody,
                        label: `${machine.name} stalls`,
                        crumbsStall: !machine.worksCrumbs,
                      }
                    : null
                }
              />
            </Box>
            <AfterRows value={after}>
              <RowList
                bench={bench}
                view={amountView}
                rowsWidth={rowsWidth}
                onMove={move}
                onEditRow={editRow}
                onDelete={takeOut}
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
            <AddRow larder={bench.larder} measures={bench.measures} onAdd={add} />
          </Box>
        </Box>
      </Box>
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
        {!noTargets && <LandPanel control={control} bench={bench} onTake={takeLanding} />}
        <Mouth dip={dip} analysis={analysis} preview={landed} onTarget={setTarget} />
        {about && <AboutDip dip={dip} onEdit={edit} onClose={() => setAbout(false)} />}
        <Yield dip={dip} analysis={analysis} measures={bench.measures} />
      </Box>
    </Box>
  );
}
