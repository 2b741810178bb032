'use client';

import type { TastingSample } from '@cobbet/core/taste/tasting';
import { useMemo } from 'react';
import { shortDay } from '@/components/day';
import { useBook } from '@/store/bookStore';

/** What may be tasted, under what it is. */
export interface OfferedGroup {
  title: string;
  samples: TastingSample[];
}

/** More than this is no list to pick from. */
const mostOffered = 60;

/** Bowls open now, batches that are not used up, the latest trials and dips as they are written; those of one dip first. */
export function useOffered(dipId: string | null): OfferedGroup[] {
  const dips = useBook((state) => state.book.dips);
  const runs = useBook((state) => state.book.runs);
  const batches = useBook((state) => state.book.batches);
  const trials = useBook((state) => state.book.trials);
  return useMemo(() => {
    const first = (of: string) => Number(of !== dipId);
    const sample = (kind: TastingSample['of']['kind'], id: string, name: string) => ({
      ...{ id: `${kind} ${id}`, of: { kind, id }, name },
    });
    const open = [...runs.values()].flatMap((run) => {
      const dip = dips.get(run.dipId);
      return dip ? [sample('run', run.id, `${dip.name}, open now`)] : [];
    });
    const kept = [...batches.values()]
      .filter(({ pots, dipId: of }) => dips.has(of) && pots.some(({ gone }) => gone === null))
      .sort((a, b) => b.madeAt.localeCompare(a.madeAt))
      .map((batch) => sample('batch', batch.id, `${batch.name}, ${batch.code}`));
    const made = [...trials.values()]
      .filter((trial) => dips.has(trial.dipId))
      .sort((a, b) => first(a.dipId) - first(b.dipId) || b.madeAt.localeCompare(a.madeAt))
      .map((trial) =>
        sample(
          'trial',
          trial.id,
          `${dips.get(trial.dipId)?.name ?? ''}, trial ${trial.number}, ${shortDay(trial.madeAt)}`,
        ),
      );
    const written = [...dips.values()]
      .sort((a, b) => first(a.id) - first(b.id) || a.name.localeCompare(b.name))
      .map((dip) => sample('dip', dip.id, `${dip.name}, as written`));
    return [
      { title: 'Open now', samples: open },
      { title: 'In the house', samples: kept },
      { title: 'Trials, the latest first', samples: made },
      { title: 'As they are written', samples: written },
    ].map(({ title, samples }) => ({ title, samples: samples.slice(0, mostOffered) }));
  }, [dips, runs, batches, trials, dipId]);
}
