'use client';

import { applyEdits } from '@cobbet/core/proposal/edit';
import { useRouter } from 'next/navigation';
import { beginRun } from '@/store/runCommands';
import type { Bench } from '../useBench';
import type { BenchEdits } from '../useBenchEdits';
import { SizePanel } from './SizePanel';

/** Another size of a dip: taken, or made once with the dip left as it is. */
export function SizeOf({
  bench,
  edits,
  onClose,
}: {
  bench: Bench;
  edits: BenchEdits;
  onClose: () => void;
}) {
  const { dip, machine } = bench;
  const router = useRouter();
  return (
    <SizePanel
      bench={bench}
      machine={machine}
      onTake={(proposal) => {
        edits.take(proposal);
        onClose();
      }}
      onOnce={({ edits: once }) => {
        // a bowl that is being made of it goes on beside this one
        void beginRun(applyEdits(dip, once)).then(() =>
          router.push(`/make?dip=${encodeURIComponent(dip.id)}`),
        );
      }}
      onClose={onClose}
    />
  );
}
