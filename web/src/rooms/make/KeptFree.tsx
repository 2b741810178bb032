'use client';

import Box from '@mui/material/Box';
import { loggedRows } from '@cobbet/core/book/runEvents';
import { trialParts } from '@cobbet/core/book/trialParts';
import { allergensOf } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import { keptFreeOf } from '@cobbet/core/dip/keptFree';
import type { Machine } from '@cobbet/core/kitchen/machines';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { cautionBox } from '@/theme/cautionBox';

/** What was made last in a machine and holds an allergen; null where nothing did. */
function useLastWith(allergens: readonly string[], machineId: string) {
  const { trials, runs, dips } = useBook(({ book }) => book);
  const { larder } = useKitchen();
  return useMemo(() => {
    const made = [
      ...[...trials.values()].map((one) => ({ ...one, at: one.madeAt })),
      ...[...runs.values()].map((one) => ({ ...one, at: one.startedAt, rows: loggedRows(one) })),
    ];
    const last = made
      .filter((one) => one.machineId === machineId)
      .sort((a, b) => b.at.localeCompare(a.at))
      .find(({ rows }) =>
        allergensOf(trialParts(rows, larder)).some((one) => allergens.includes(one)),
      );
    return last ? (dips.get(last.dipId)?.name ?? null) : null;
  }, [trials, runs, dips, larder, allergens, machineId]);
}

/** For a dip that is kept free of what its base has: what the machine may carry over, and the usual way to keep it out. */
export function KeptFree({ dip, machine }: { dip: Dip; machine: Machine }) {
  const kitchen = useKitchen();
  const base = useBook(({ book }) => book.dips.get(dip.parentId ?? ''));
  const free = useMemo(() => keptFreeOf(dip, base, kitchen), [dip, base, kitchen]);
  const last = useLastWith(free, machine.id);
  if (free.length === 0) return null;
  const names = free.map(allergenWord).join(' and ');
  return (
    <Box role="note" sx={{ ...cautionBox, mt: 2 }}>
      <strong>Kept free of {names}.</strong> Bowl, blade, lid, spatula and spoons washed hot with
      soap first, the seal and the stem too: a wipe leaves traces.
      {last !== null && ` The last with it in this ${machine.name}: ${last}.`} Who reacts to traces
      needs a machine that never had it; ask them.
    </Box>
  );
}
