'use client';

import { conditionsAlone } from '@cobbet/core/book/bookCalibration';
import type { Trial } from '@cobbet/core/book/trial';
import { trialParts } from '@cobbet/core/book/trialParts';
import type { ServedAs } from '@cobbet/core/mix/bodyMoments';
import type { TargetName } from '@cobbet/core/mix/targets';
import { useMemo, useState } from 'react';
import { useKitchen } from '@/store/useKitchen';
import { WhyDialog } from './WhyDialog';

/** Any figure of a trial as it was made: what it is and why, by what every other reading has taught. */
export function WhyTrial({
  trial,
  dip,
  first,
  onClose,
}: {
  trial: Trial;
  dip: ServedAs;
  /** The figure asked about first. */
  first: TargetName;
  onClose: () => void;
}) {
  const kitchen = useKitchen();
  const [name, setName] = useState(first);
  const asked = useMemo(
    () => ({
      parts: trialParts(trial.rows, kitchen.larder),
      conditions: conditionsAlone(trial, dip, kitchen),
    }),
    [trial, dip, kitchen],
  );
  return (
    <WhyDialog
      {...asked}
      name={name}
      rests="Rests on the model and on every reading in this machine but the trial’s own."
      telling={null}
      onChoose={setName}
      onClose={onClose}
    />
  );
}
