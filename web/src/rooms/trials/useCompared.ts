'use client';

import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Trial } from '@cobbet/core/book/trial';
import { analyseTrialAlone } from '@cobbet/core/book/bookCalibration';
import { useMemo } from 'react';
import { useKitchen } from '@/store/useKitchen';
import { useBook } from '@/store/bookStore';

/** A trial with its dip and what is predicted of it from all other readings. */
export interface ComparedTrial {
  trial: Trial;
  dip: Dip;
  analysis: Analysis;
}

/** The trials with these ids that are still in the book. */
export function useCompared(ids: readonly string[]): ComparedTrial[] {
  const trials = useBook((state) => state.book.trials);
  const dips = useBook((state) => state.book.dips);
  const kitchen = useKitchen();
  const wanted = ids.join(',');
  return useMemo(
    () =>
      wanted.split(',').flatMap((id): ComparedTrial[] => {
        const trial = trials.get(id);
        const dip = trial && dips.get(trial.dipId);
        if (!trial || !dip) return [];
        return [{ trial, dip, analysis: analyseTrialAlone(trial, dip, kitchen) }];
      }),
    [wanted, trials, dips, kitchen],
  );
}
