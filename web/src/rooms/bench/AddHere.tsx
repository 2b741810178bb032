'use client';

import Box from '@mui/material/Box';
import { madeHere, withoutCircles } from '@cobbet/core/book/madeHere';
import { mostRows } from '@cobbet/core/dip/dip';
import { madeId } from '@cobbet/core/larder/madeId';
import { useMemo } from 'react';
import { AddRow } from '@/components/AddRow';
import { useBook } from '@/store/bookStore';
import { additionEffect } from './additionEffect';
import { ruleRows } from './rules/ruleRows';
import type { Bench } from './useBench';
import type { BenchEdits } from './useBenchEdits';

/** Where something is added, with what it would do before it goes in. */
export function AddHere({ bench, edits }: { bench: Bench; edits: BenchEdits }) {
  const { dip, rows, analysis, kitchen } = bench;
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const larder = useMemo(
    () => withoutCircles(kitchen.larder, madeHere({ things, dips }), [madeId(dip.id)]),
    [kitchen.larder, things, dips, dip.id],
  );
  return (
    <Box sx={{ mt: 1 }}>
      {rows.length < mostRows ? (
        <AddRow
          key={dip.id}
          draft={`add ${dip.id}`}
          larder={larder}
          measures={kitchen.measures}
          onAdd={edits.add}
          rules={{
            rows: ruleRows(rows),
            onRule: edits.addRule,
          }}
          effectOf={(parts) => additionEffect(dip, analysis, kitchen, parts)}
        />
      ) : (
        `A dip holds ${mostRows} additions at most.`
      )}
    </Box>
  );
}
