'use client';

import { DipRoom } from '@/parts/DipRoom';
import { useBook } from '@/store/bookStore';
import { MakeRun } from './MakeRun';
import { StartMaking } from './StartMaking';

/** Making a dip now. */
export function MakeRoom() {
  const runs = useBook((state) => state.book.runs);
  return (
    <DipRoom room="/make" title="Make" ask="What is being made?">
      {(dip) => {
        const run = [...runs.values()].find((one) => one.dipId === dip.id);
        return run ? <MakeRun key={run.id} dip={dip} run={run} /> : <StartMaking dip={dip} />;
      }}
    </DipRoom>
  );
}
