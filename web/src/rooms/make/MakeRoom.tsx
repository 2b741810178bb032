'use client';

import { ChooseDip } from '@/parts/ChooseDip';
import { NotHere } from '@/parts/NotHere';
import { useBook } from '@/store/bookStore';
import { useDip } from '@/store/useDip';
import { MakeRun } from './MakeRun';
import { StartMaking } from './StartMaking';

/** Making a dip now. */
export function MakeRoom() {
  const dip = useDip();
  const runs = useBook((state) => state.book.runs);
  if (dip === null) {
    return <ChooseDip room="/make" title="Make" text="What is being made?" />;
  }
  if (dip === undefined) {
    return (
      <NotHere
        title="That dip is not in the book"
        text="It may have been deleted, or it belongs to another book."
      />
    );
  }
  const run = [...runs.values()].find((one) => one.dipId === dip.id);
  return run ? <MakeRun key={run.id} dip={dip} run={run} /> : <StartMaking dip={dip} />;
}
