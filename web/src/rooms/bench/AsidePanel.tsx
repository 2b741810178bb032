'use client';

import type { Proposal } from '@cobbet/core/proposal/proposal';
import { later } from '@/components/later';
import { takeSwap } from '@/store/swapCommands';
import type { Aside } from './useAside';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const BasePanel = later(() => import('./base/BasePanel').then(({ BasePanel }) => BasePanel));
const VariantsPanel = later(() =>
  import('./base/VariantsPanel').then(({ VariantsPanel }) => VariantsPanel),
);
const SwapPanel = later(() => import('./swap/SwapPanel').then(({ SwapPanel }) => SwapPanel));
const RulesPanel = later(() => import('./rules/RulesPanel').then(({ RulesPanel }) => RulesPanel));
const WhyPanel = later(() => import('./why/WhyPanel').then(({ WhyPanel }) => WhyPanel));
const WaysPanel = later(() => import('./ways/WaysPanel').then(({ WaysPanel }) => WaysPanel));
const SizeOf = later(() => import('./size/SizeOf').then(({ SizeOf }) => SizeOf));
const MakeReady = later(() => import('./prepare/MakeReady').then(({ MakeReady }) => MakeReady));
const RowDetails = later(() => import('./rows/RowDetails').then(({ RowDetails }) => RowDetails));
const TargetsPanel = later(() =>
  import('./targets/TargetsPanel').then(({ TargetsPanel }) => TargetsPanel),
);
const FreePanel = later(() => import('./free/FreePanel').then(({ FreePanel }) => FreePanel));

/** The panel beside the line that is open: a swap of a row, the whole dip made free of something, what it does otherwise than its base, what changed in it for its variants, what holds between its rows, what it is to be, how it is made, another size of it, what does not fit on a row, how a row is made ready, or what a figure is and why. */
export function AsidePanel({
  aside,
  bench,
  edits,
  onLook,
  onSwap,
  onMakeReady,
  onClose,
}: {
  aside: Aside;
  bench: Bench;
  edits: BenchEdits;
  onLook: (proposal: Proposal | null) => void;
  onSwap: (rowId: string) => void;
  onMakeReady: (rowId: string) => void;
  onClose: () => void;
}) {
  if (aside.kind === 'base') {
    return (
      <BasePanel
        bench={bench}
        onLook={onLook}
        onTake={(proposal) => {
          edits.take(proposal);
          onLook(null);
        }}
        onClose={onClose}
      />
    );
  }
  if (aside.kind === 'rules') {
    return (
      <RulesPanel
        bench={bench}
        onLook={onLook}
        onTake={(proposal) => {
          edits.take(proposal);
          onLook(null);
        }}
        onAdd={edits.addRule}
        onRules={edits.rules}
        onClose={onClose}
      />
    );
  }
  if (aside.kind === 'ways') {
    return <WaysPanel bench={bench} onLook={onLook} onTake={edits.take} onClose={onClose} />;
  }
  if (aside.kind === 'why') {
    return (
      <WhyPanel
        key={aside.figure}
        bench={bench}
        name={aside.figure}
        onLook={onLook}
        onClose={onClose}
      />
    );
  }
  if (aside.kind === 'size') return <SizeOf bench={bench} edits={edits} onClose={onClose} />;
  if (aside.kind === 'details') {
    const read = bench.rows.find(({ row }) => row.id === aside.rowId);
    return (
      read && (
        <RowDetails
          key={aside.rowId}
          {...{ bench, read, edits, onClose }}
          onSwap={() => onSwap(aside.rowId)}
          onMakeReady={() => onMakeReady(aside.rowId)}
        />
      )
    );
  }
  if (aside.kind === 'ready') {
    const read = bench.rows.find(({ row }) => row.id === aside.rowId);
    return (
      read && (
        <MakeReady
          key={aside.rowId}
          read={read}
          rows={bench.rows}
          onChange={(label, change) => edits.editRow(aside.rowId, label, change)}
          onClose={onClose}
        />
      )
    );
  }
  if (aside.kind === 'targets') {
    return <TargetsPanel bench={bench} edits={edits} onClose={onClose} />;
  }
  if (aside.kind === 'variants') return <VariantsPanel bench={bench} onClose={onClose} />;
  if (aside.kind === 'free') return <FreePanel bench={bench} onLook={onLook} onClose={onClose} />;
  return (
    <SwapPanel
      key={aside.rowId}
      bench={bench}
      rowId={aside.rowId}
      onLook={onLook}
      onLock={(why) => {
        edits.editRow(
          aside.rowId,
          why === null ? 'Let it be swapped' : 'No substitute',
          ({ noSubstitute: _old, ...row }) => (why === null ? row : { ...row, noSubstitute: why }),
        );
        onLook(null);
      }}
      onOpenRole={(open) => edits.openRole(aside.rowId, open)}
      onTake={(proposal, swapped) => {
        void takeSwap(bench.dip.id, proposal, swapped);
        onClose();
      }}
      onClose={onClose}
    />
  );
}
