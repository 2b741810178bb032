'use client';

import { ChartFile } from '@/components/chart/ChartFile';
import { RoomPage } from '@/components/RoomPage';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { compareTrials } from '@cobbet/core/book/compareTrials';
import { photosOf } from '@cobbet/core/book/photo';
import type { KeptSwap } from '@cobbet/core/book/keptSwap';
import type { Trial } from '@cobbet/core/book/trial';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useMemo, useState } from 'react';
import { later } from '@/components/later';
import { compareAddress } from '@/components/compareAddress';
import { NameDialog } from '@/components/NameDialog';
import { NotHere } from '@/components/NotHere';
import { replaceAddress } from '@/components/replaceAddress';
import { useBook } from '@/store/bookStore';
import { addDipFromTrial } from '@/store/trialCommands';
import { useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { AddTrial } from './AddTrial';
import { AmountRows } from './AmountRows';
import { BodyColumns } from './BodyColumns';
import { ComparedHead } from './ComparedHead';
import { mostCompared } from './comparePick';
import { SeasoningRows } from './SeasoningRows';
import { type ComparedTrial, useCompared } from './useCompared';

const Photos = later(() => import('@/components/photos/Photos').then(({ Photos }) => Photos));

const labelWidth = 168;

function methodWords({ grind, blendC, overrunPct }: Trial['method']): string {
  const air = overrunPct > 0 ? `, ${overrunPct} % air` : '';
  return `${grind === 'normal' ? 'smooth enough' : grind}, ${blendC} °C${air}`;
}

/** What was the same in all of them, shown when asked. */
function SameRows({
  rows,
  grid,
  nameOf,
}: {
  rows: ReturnType<typeof compareTrials>['same'];
  grid: { display: 'grid'; gridTemplateColumns: string };
  nameOf: (id: string) => string;
}) {
  const [same, setSame] = useState(false);
  return (
    <>
      <Box role="row" sx={{ borderTop: `1px solid ${colour.line}`, pt: 0.5 }}>
        <Box role="cell">
          <Button size="small" aria-expanded={same} onClick={() => setSame(!same)}>
            {same ? 'Hide' : 'Show'} the {rows.length} that were the same
          </Button>
        </Box>
      </Box>
      {same && <AmountRows rows={rows} grid={grid} nameOf={nameOf} />}
    </>
  );
}

/** Asks what a dip that starts from a trial is called. */
function StartFrom({ column, onClose }: { column: ComparedTrial; onClose: () => void }) {
  const router = useRouter();
  const { trial, dip } = column;
  return (
    <NameDialog
      title={`A dip that starts from trial ${trial.number}`}
      action="Start it"
      initial={`${dip.name}, from trial ${trial.number}`}
      onCancel={onClose}
      onName={(name) => {
        void addDipFromTrial(trial, name).then((id) => {
          if (id !== null) router.push(`/bench?dip=${encodeURIComponent(id)}`);
        });
        onClose();
      }}
    />
  );
}

/** What was swapped in each of some columns, in words. */
function swappedIn(
  compared: readonly ComparedTrial[],
  swaps: Iterable<KeptSwap>,
  nameOf: (id: string) => string,
): string[] {
  const all = [...swaps];
  return compared.map(({ trial }) =>
    all
      .filter(({ trialId }) => trialId === trial.id)
      .map(({ from, to }) => `${nameOf(to.ingredientId)} for ${nameOf(from.ingredientId)}`)
      .join(', '),
  );
}

/** Pictures of a column's trial; a dip as it is written has none. */
function ColumnPhotos({ column }: { column: ComparedTrial | undefined }) {
  if (!column || column.written) return null;
  return <Photos of="trials" ofId={column.trial.id} adds={false} />;
}

/** Two to six trials, or dips as they are written, in columns: what differed first, then body, seasoning, what they made, and what was the same. */
export function SideBySide({ ids }: { ids: readonly string[] }) {
  const larder = useLarder();
  const swaps = useBook(({ book }) => book.swaps);
  const photos = useBook(({ book }) => book.photos);
  const compared = useCompared(ids);
  const rows = useMemo(() => compareTrials(compared.map(({ trial }) => trial)), [compared]);
  const [starting, setStarting] = useState<ComparedTrial | null>(null);
  const go = (next: readonly string[]) => replaceAddress(compareAddress(next));
  if (compared.length === 0) {
    return (
      <NotHere
        title="None of these trials is in the book"
        text="They may have been deleted, or belong to another book."
      >
        <Button component={Link} href="/trials" variant="contained">
          To the trials
        </Button>
      </NotHere>
    );
  }
  const pictured = compared.some(({ trial }) => photosOf(photos.values(), 'trials', trial.id)[0]);
  const present = compared.map(({ trial }) => trial.id);
  const columnWidth = Math.max(150, Math.floor(940 / Math.max(compared.length, 4)));
  const grid = {
    display: 'grid',
    gridTemplateColumns: `${labelWidth}px repeat(${compared.length}, ${columnWidth}px)`,
  } as const;
  const section = (label: string, cells: (at: number) => ReactNode) => (
    <Box role="row" sx={{ ...grid, borderTop: `1px solid ${colour.line}`, py: 0.75 }}>
      <Box role="rowheader" sx={{ color: colour.muted, fontSize: typeScale.note }}>
        {label}
      </Box>
      {compared.map(({ trial }, at) => (
        <Box
          role="cell"
          key={trial.id}
          sx={{ pr: 2, overflowWrap: 'anywhere', fontSize: typeScale.note }}
        >
          {cells(at)}
        </Box>
      ))}
    </Box>
  );
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const methods = compared.map(({ trial }) => methodWords(trial.method));
  const swapped = swappedIn(compared, swaps.values(), nameOf);
  return (
    <RoomPage
      title="Side by side"
      maxWidth="none"
      actions={
        compared.length < mostCompared && (
          <AddTrial ids={present} onAdd={(id) => go([...present, id])} />
        )
      }
    >
      <Box sx={{ overflowX: 'auto' }}>
        <Box role="table" aria-label="Side by side" sx={{ width: 'max-content' }}>
          <Box role="row" sx={{ ...grid, alignItems: 'end', pb: 1 }}>
            <span role="columnheader" aria-label="what" />
            {compared.map((column) => (
              <ComparedHead
                key={column.trial.id}
                column={column}
                onTakeAway={
                  compared.length > 1
                    ? () => go(present.filter((id) => id !== column.trial.id))
                    : null
                }
              />
            ))}
          </Box>
          <AmountRows
            title="What differed"
            empty="Nothing: the same amounts in each."
            rows={rows.differing}
            grid={grid}
            nameOf={nameOf}
          />
          {swapped.some((words) => words !== '') && section('swapped', (at) => swapped[at])}
          {new Set(methods).size > 1 && section('made', (at) => methods[at])}
          <Box role="row" sx={{ ...grid, borderTop: `2px solid ${colour.ink}`, pt: 1 }}>
            <Box role="rowheader" sx={{ fontWeight: 700 }}>
              Body
              <Box
                sx={{
                  fontWeight: 400,
                  fontSize: typeScale.small,
                  color: colour.muted,
                  pr: 2,
                  mt: 0.5,
                }}
              >
                Diamonds are predicted from all other readings, with their band; crosses were read.
              </Box>
            </Box>
            <Box role="cell" sx={{ gridColumn: '2 / -1' }}>
              <ChartFile title="Body side by side">
                <BodyColumns compared={compared} columnWidth={columnWidth} />
              </ChartFile>
            </Box>
          </Box>
          <SeasoningRows compared={compared} grid={grid} />
          {section('went in', (at) => `${(compared[at]?.analysis.massG ?? 0).toFixed(0)} g`)}
          {section('came out', (at) => {
            const { trial, analysis, written } = compared[at] ?? {};
            if (written) return '';
            if (!trial || !analysis || trial.yieldG === null) return 'not weighed';
            const lost = analysis.massG - trial.yieldG;
            return `${trial.yieldG.toFixed(0)} g, ${lost.toFixed(0)} g lost`;
          })}
          {section('noted', (at) => compared[at]?.trial.notes)}
          {section('change next', (at) => compared[at]?.trial.changeNext)}
          {pictured && section('pictures', (at) => <ColumnPhotos column={compared[at]} />)}
          {section('', (at) => {
            const column = compared[at];
            return (
              column &&
              !column.written && (
                <Button
                  size="small"
                  variant="outlined"
                  aria-label={`Start from trial ${column.trial.number} of ${column.dip.name}`}
                  onClick={() => setStarting(column)}
                >
                  Start from this
                </Button>
              )
            );
          })}
          {rows.same.length > 0 && <SameRows rows={rows.same} grid={grid} nameOf={nameOf} />}
        </Box>
      </Box>
      {starting && <StartFrom column={starting} onClose={() => setStarting(null)} />}
    </RoomPage>
  );
}
