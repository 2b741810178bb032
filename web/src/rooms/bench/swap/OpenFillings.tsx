'use client';

import type { OpenRole } from '@cobbet/core/dip/dip';
import type { Candidate } from '@cobbet/core/swap/swap';
import { proposeSwap, swapQuestionOf } from '@cobbet/core/swap/swapDip';
import { useMemo } from 'react';
import { Panel } from '@/components/Panel';
import { capital } from '@/components/bodyText';
import { shortName } from '@/components/shortName';
import { Fillings } from '@/components/swap/Fillings';
import { useSame } from '@/components/useSame';
import { newId } from '@/store/newId';
import { takeSwap, takeSwapAsVariant } from '@/store/swapCommands';
import { useInHouse } from '@/store/useInHouse';
import type { Bench } from '../useBench';

/** What could fill an open row, side by side under the line; one is used, or makes a variant, and the row stays open. */
export function OpenFillings({
  bench,
  rowId,
  open,
  onOpenRole,
}: {
  bench: Bench;
  rowId: string;
  open: OpenRole;
  onOpenRole: (open: OpenRole) => void;
}) {
  const { dip, kitchen, rows } = bench;
  const stock = useInHouse();
  const house = useMemo(() => new Set(stock.map(({ ingredientId }) => ingredientId)), [stock]);
  const question = useSame(
    useMemo(() => swapQuestionOf(bench, kitchen, rowId, 'strength'), [bench, kitchen, rowId]),
  );
  const read = rows.find(({ row }) => row.id === rowId);
  if (!question || !read) return null;
  const swapped = (one: Candidate) => ({
    ...{ rowId, said: one.words, why: null },
    from: { ingredientId: read.row.ingredientId, amount: read.row.amount, massG: read.massG },
    to: { ingredientId: one.ingredient.id, amount: one.amount, massG: one.massG },
  });
  return (
    <Panel title={capital(open.said)} sx={{ mt: 2 }}>
      <Fillings
        question={question}
        larder={kitchen.larder}
        ids={open.among}
        house={house}
        onUse={(one) => {
          const proposal = proposeSwap(dip, kitchen, rowId, one, newId);
          if (proposal) void takeSwap(dip.id, proposal, swapped(one));
        }}
        onVariant={(one) => {
          const proposal = proposeSwap(dip, kitchen, rowId, one, newId);
          const name = `${dip.name}, ${shortName(one.ingredient.name).toLowerCase()}`.slice(0, 200);
          if (proposal) void takeSwapAsVariant(dip, name, proposal, swapped(one));
        }}
        onDrop={(id) => onOpenRole({ ...open, among: open.among.filter((one) => one !== id) })}
      />
    </Panel>
  );
}
