'use client';

import { toBeRead } from '@cobbet/core/dip/toBeRead';
import type { TargetName } from '@cobbet/core/mix/targets';
import { targetWords } from '@cobbet/core/mix/targets';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeForDip } from '@cobbet/core/proposal/proposeForDip';
import { tellingReadings } from '@cobbet/core/readings/tellsMost';
import { useMemo } from 'react';
import { capital } from '@/components/bodyText';
import { WhyFigure } from '@/components/why/WhyFigure';
import { readingWays, readingWhen } from '@/components/reading/readingWords';
import { useBook } from '@/store/bookStore';
import { SidePanel } from '../SidePanel';
import type { Bench } from '../useBench';

/** What a figure of the dip is, and why; a row pointed at is seen left out on the line. */
export function WhyPanel({
  bench,
  name,
  onLook,
  onClose,
}: {
  bench: Bench;
  name: TargetName;
  onLook: (proposal: Proposal | null) => void;
  onClose: () => void;
}) {
  const { dip, rows, parts, conditions, kitchen } = bench;
  const trials = useBook((state) => state.book.trials);
  const readings = useMemo(
    () =>
      [...trials.values()]
        .filter((one) => one.dipId === dip.id && one.machineId === dip.machineId)
        .reduce((sum, one) => sum + one.readings.filter(({ leftOut }) => !leftOut).length, 0),
    [trials, dip.id, dip.machineId],
  );
  const telling = useMemo(() => {
    const read = toBeRead(dip, kitchen);
    const [best] = read ? tellingReadings(kitchen.calibrationOf(dip.machineId), read) : [];
    return best
      ? `To ${readingWays[best.way]}, ${readingWhen[best.when]}, would leave ± ${best.sdThen.toFixed(2)} of the model’s.`
      : null;
  }, [dip, kitchen]);
  return (
    <SidePanel label={`${capital(targetWords[name].name)}: what it is, and why`} onClose={onClose}>
      <WhyFigure
        name={name}
        parts={parts}
        conditions={conditions}
        rests={
          readings === 0
            ? 'Rests on the model and what other readings in this machine have taught: this dip has not been read here yet.'
            : `Rests on the model and on ${readings} ${readings === 1 ? 'reading' : 'readings'} of this dip in this machine.`
        }
        telling={telling}
        onLook={(index) => {
          const rowId = index === null ? undefined : rows[index]?.row.id;
          onLook(
            rowId === undefined
              ? null
              : proposeForDip(dip, kitchen, {
                  ...{ maker: 'left out', label: 'Without it', why: '' },
                  // its place stays, so that the line can be drawn beside the other
                  edits: [{ kind: 'amount', rowId, amount: '0 g' }],
                }),
          );
        }}
      />
    </SidePanel>
  );
}
