'use client';

import { DipRoom } from '@/components/DipRoom';
import { BenchOf } from './BenchOf';

/** Working out a dip's proportions. */
export function BenchRoom() {
  return (
    <DipRoom room="/bench" title="The bench" ask="Which dip is it to be?">
      {(dip) => <BenchOf key={dip.id} dip={dip} />}
    </DipRoom>
  );
}
