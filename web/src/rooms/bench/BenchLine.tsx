'use client';

import Box from '@mui/material/Box';
import type { AmountView } from '@cobbet/core/book/book';
import type { analyseDip } from '@cobbet/core/dip/analyseDip';
import { eatenAt } from '@cobbet/core/dip/eatenAt';
import type { PathStep } from '@cobbet/core/dip/path';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { aimAtWord, wordsIn } from '@cobbet/core/mix/aimAtWord';
import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import { momentsOf } from '@cobbet/core/mix/bodyMoments';
import type { TargetName } from '@cobbet/core/mix/targets';
import { type Ref, useCallback, useMemo, useRef } from 'react';
import { later } from '@/components/later';
import { bodyText, wordOf } from '@/components/bodyText';
import { momentWarmth, momentWhenIn } from '@/components/momentWords';
import { colour } from '@/theme/colour';
import { AfterRows } from './line/After';
import { useBenchLayout } from './line/benchLayout';
import { FootRow } from './line/FootRow';
import { LineDrawing } from './line/LineDrawing';
import { footHeight } from './line/lineGeometry';
import { LineHeader } from './line/LineHeader';
import { beadsOf, type ShownQuantity } from './line/shownQuantity';
import type { useLine } from './line/useLine';
import { RowList } from './rows/RowList';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const BeadHandles = later(() =>
  import('./line/BeadHandles').then(({ BeadHandles }) => BeadHandles),
);
const SeasoningFoot = later(
  () => import('./line/SeasoningFoot').then(({ SeasoningFoot }) => SeasoningFoot),
  { meanwhile: () => <Box sx={{ height: footHeight }} /> },
);
const SplitsNote = later(() => import('./line/SplitsNote').then(({ SplitsNote }) => SplitsNote));
const LineFile = later(() => import('./line/LineFile').then(({ LineFile }) => LineFile));
const Ties = later(() => import('./rules/Ties').then(({ Ties }) => Ties));

/** Whether every row of a dip has its place in another one, which may go on after them. */
const samePlaces = (rows: readonly ReadRow[], others: readonly ReadRow[]) =>
  rows.every(({ row }, i) => others[i]?.row.id === row.id);

/** Where the bowl stands after a row, for those who can't see the line. */
function afterWords(step: PathStep | undefined): string {
  if (!step) return '';
  const fragile = step.fragile ? '; fragile, a spoon does much here' : '';
  return `After this: ${bodyText(step.state === 'crumbs' ? null : step.body)}${fragile}`;
}

/** Rows and line on one surface, with what it comes to at the foot. */
export function BenchLine({
  bench,
  line,
  edits,
  shown,
  view,
  preview,
  onSwap,
  onDetails,
  onWhy,
  onRules,
  measured,
  width,
}: {
  bench: Bench;
  line: ReturnType<typeof useLine>;
  edits: BenchEdits;
  shown: ShownQuantity;
  view: AmountView;
  /** The dip with what is proposed in it; null where nothing is. */
  preview: ReturnType<typeof analyseDip> | null;
  /** A row is to be swapped. */
  onSwap: (rowId: string) => void;
  /** What does not fit on a row is to be seen. */
  onDetails: (rowId: string) => void;
  /** A figure is asked about. */
  onWhy: (figure: TargetName) => void;
  /** What holds between the rows is to be seen. */
  onRules: () => void;
  /** Takes the element whose width the line has. */
  measured: Ref<HTMLDivElement>;
  /** px */
  width: number;
}) {
  const { dip, rows, analysis, machine, conditions } = bench;
  const { rowsWidth } = useBenchLayout();
  const surface = useRef<HTMLDivElement>(null);
  const { axis, beads, feet, seasoning, band, stallsAt, doubts } = line;
  const doubtful = useMemo(() => new Set(doubts.map(({ index }) => index)), [doubts]);
  const { freshBody, sd } = analysis;
  const moments = momentsOf(dip);
  const when = momentWhenIn(machine);
  const eaten = eatenAt(dip);
  const wanted = dip.targets[eaten];
  const aimed = useMemo(() => (wanted ? wordsIn(wanted) : []), [wanted]);
  const aim = useCallback(
    (word: BodyWord) => edits.setTarget(eaten, aimAtWord(wanted, word)),
    [edits, eaten, wanted],
  );
  const previewFeet = preview
    ? seasoning
      ? [preview.analysis.per100g[seasoning]]
      : moments.map((name) => preview.analysis[name])
    : [];
  const previewBeads = preview && samePlaces(rows, preview.rows);
  const feetNames = seasoning ? [shown] : moments.map((name) => when[name]);
  const after = rows.map((_, i) => afterWords(analysis.path[i]));
  return (
    <>
      <Box sx={{ ml: rowsWidth }}>
        <LineHeader
          shown={shown}
          axis={axis}
          current={wordOf(freshBody)}
          aimed={aimed}
          when={when[eaten]}
          onAim={aim}
        />
      </Box>
      <Box ref={surface} sx={{ position: 'relative' }}>
        <Box
          ref={measured}
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
            view={view}
          />
        </Box>
        {dip.rules && <Ties bench={bench} onOpen={onRules} />}
        <AfterRows value={after}>
          <RowList
            bench={bench}
            view={view}
            onMove={edits.move}
            onEditRow={edits.editRow}
            onSwap={onSwap}
            onDetails={onDetails}
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
              onBand={(next) => edits.setTarget(seasoning, next)}
            />
          ) : (
            <Box sx={{ borderTop: `2px solid ${colour.ink}` }}>
              {moments.map((name) => (
                <FootRow
                  key={name}
                  when={when[name]}
                  warmth={momentWarmth(name, dip, conditions.method.blendC)}
                  body={analysis[name]}
                  sd={sd}
                  band={dip.targets[name]}
                  axis={axis}
                  onBand={(next) => edits.setTarget(name, next)}
                  onWhy={() => onWhy(name)}
                />
              ))}
              {analysis.splitsAtOnce && <SplitsNote bench={bench} edits={edits} />}
            </Box>
          ))}
      </Box>
      {rows.length > 0 && <LineFile {...{ bench, shown, axis, feetNames, surface }} />}
    </>
  );
}
