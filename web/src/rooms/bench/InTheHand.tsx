'use client';

import { eatenAt } from '@cobbet/core/dip/eatenAt';
import type { ReactNode } from 'react';
import { later } from '@/components/later';
import { AddHere } from './AddHere';
import { AtHand } from './AtHand';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

const Sheet = later(() => import('@/components/Sheet').then(({ Sheet }) => Sheet));

/** What stands at the thumb on a phone, and what is asked about the dip as a sheet over its lower part. */
export function InTheHand({
  bench,
  edits,
  onClose,
  children,
}: {
  bench: Bench;
  edits: BenchEdits;
  onClose: () => void;
  /** What is asked about the dip; nothing where nothing is. */
  children: ReactNode;
}) {
  const { dip, analysis } = bench;
  return (
    <>
      {children && (
        <Sheet label="About this dip" onClose={onClose}>
          {children}
        </Sheet>
      )}
      <AtHand analysis={analysis} targets={dip.targets} eaten={eatenAt(dip)}>
        <AddHere bench={bench} edits={edits} />
      </AtHand>
    </>
  );
}
