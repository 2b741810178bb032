'use client';

import { ChooseDip } from '@/parts/ChooseDip';
import { NotHere } from '@/parts/NotHere';
import { useDip } from '@/store/useDip';
import { BenchOf } from './BenchOf';

/** Working out a dip's proportions. */
export function BenchRoom() {
  const dip = useDip();
  if (dip === null) {
    return <ChooseDip room="/bench" title="The bench" text="Which dip is it to be?" />;
  }
  if (dip === undefined) {
    return (
      <NotHere
        title="That dip is not in the book"
        text="It may have been deleted, or it belongs to another book. Undo brings back what you deleted."
      />
    );
  }
  return <BenchOf key={dip.id} dip={dip} />;
}
