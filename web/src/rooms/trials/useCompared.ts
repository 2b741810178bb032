'use client';

import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Trial } from '@cobbet/core/book/trial';
import { analyseTrialAlone } from '@cobbet/core/book/bookCalibration';
import { dipOfWritten, writtenTrial } from '@cobbet/core/book/writtenTrial';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { useMemo } from 'react';
import { useKitchen } from '@/store/useKitchen';
import { useBook } from '@/store/bookStore';

/** A trial, or a dip as it is written, with its dip and what is predicted of it from all other readings. */
export interface ComparedTrial {
  trial: Trial;
  dip: Dip;
  analysis: Analysis;
  /** The dip as it is written, not as it was made once. */
  written: boolean;
}

/** What a column is called in a sentence: `Weir house hummus trial 3`, `Weir house hummus as written`. */
export const columnName = ({ trial, dip, written }: ComparedTrial) =>
  `${dip.name} ${written ? 'as written' : `trial ${trial.number}`}`;

/** The trials and dips with these ids that are still in the book. */
export function useCompared(ids: readonly string[]): ComparedTrial[] {
  const trials = useBook((state) => state.book.trials);
  const dips = useBook((state) => state.book.dips);
  const kitchen = useKitchen();
  const wanted = ids.join(',');
  return useMemo(
    () =>
      wanted.split(',').flatMap((id): ComparedTrial[] => {
        const trial = trials.get(id);
        const dip = dips.get(trial?.dipId ?? dipOfWritten(id) ?? '');
        if (!dip) return [];
        if (trial) {
          const analysis = analyseTrialAlone(trial, dip, kitchen);
          return [{ trial, dip, analysis, written: false }];
        }
        const { analysis } = analyseDip(dip, kitchen);
        return [{ trial: writtenTrial(dip, kitchen), dip, analysis, written: true }];
      }),
    [wanted, trials, dips, kitchen],
  );
}
