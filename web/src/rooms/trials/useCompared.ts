'use client';

import type { Analysis } from '@cobbet/core/analysis/analyse';
import type { Dip } from '@cobbet/core/book/dip';
import { analyseTrialRows } from '@cobbet/core/book/dipParts';
import type { Trial } from '@cobbet/core/book/trial';
import { correctionWithout } from '@cobbet/core/calibration/bookCalibration';
import { useMemo } from 'react';
import { useCalibrations } from '@/store/bookCalibration';
import { useBook } from '@/store/bookStore';
import { useLarder } from '@/store/useDip';

/** A trial with its dip and what was reckoned of it from all other readings. */
export interface ComparedTrial {
  trial: Trial;
  dip: Dip;
  analysis: Analysis;
}

/** The trials with these ids that are still in the book. */
export function useCompared(ids: readonly string[]): ComparedTrial[] {
  const trials = useBook((state) => state.book.trials);
  const dips = useBook((state) => state.book.dips);
  const larder = useLarder();
  const calibrations = useCalibrations();
  const wanted = ids.join(',');
  return useMemo(
    () =>
      wanted.split(',').flatMap((id): ComparedTrial[] => {
        const trial = trials.get(id);
        const dip = trial && dips.get(trial.dipId);
        if (!trial || !dip) return [];
        const correction = correctionWithout(calibrations(trial.machineId), trial, larder);
        const { rows, method } = trial;
        return [
          {
            trial,
            dip,
            analysis: analyseTrialRows(rows, method, dip.servedAtC, larder, correction),
          },
        ];
      }),
    [wanted, trials, dips, larder, calibrations],
  );
}
