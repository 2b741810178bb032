'use client';

import { applyEdits } from '@cobbet/core/proposal/edit';
import { useRouter } from 'next/navigation';
import { beginRun } from '@/store/commands';
import { later } from '@/components/later';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const AboutDip = later(() => import('./AboutDip').then(({ AboutDip }) => AboutDip));

const WaysDialog = later(() => import('./ways/WaysDialog').then(({ WaysDialog }) => WaysDialog));
const SizeDialog = later(() => import('./size/SizeDialog').then(({ SizeDialog }) => SizeDialog));
/** The forms about a whole dip. */
export type BenchDialog = 'about' | 'size' | 'ways';

/** The form about a dip that is open, if any. */
export function BenchDialogs({
  bench,
  open,
  edits,
  onClose,
}: {
  bench: Bench;
  open: BenchDialog | null;
  edits: BenchEdits;
  onClose: () => void;
}) {
  const { dip, machine } = bench;
  const router = useRouter();
  return (
    <>
      {open === 'size' && (
        <SizeDialog
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
      )}
      {open === 'ways' && <WaysDialog bench={bench} onTake={edits.take} onClose={onClose} />}
      {open === 'about' && (
        <AboutDip
          dip={dip}
          blendC={bench.conditions.method.blendC}
          onEdit={edits.edit}
          onClose={onClose}
        />
      )}
    </>
  );
}
