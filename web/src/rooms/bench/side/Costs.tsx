'use client';

import Box from '@mui/material/Box';
import { batchCost } from '@cobbet/core/batch/cost';
import { batchShare } from '@cobbet/core/book/batchYield';
import { latestPrices } from '@cobbet/core/book/price';
import { useMemo } from 'react';
import { CostBars } from '@/components/CostBars';
import { money } from '@/components/money';
import { Panel } from '@/components/Panel';
import { useBook } from '@/store/bookStore';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Bench } from '../useBench';

/** What the dip costs, what drives it, and how much of it usually comes out of the machine. */
export function Costs({ bench }: { bench: Bench }) {
  const { parts, dip, analysis, kitchen } = bench;
  const kept = useBook(({ book }) => book.prices);
  const trials = useBook(({ book }) => book.trials);
  const { currency } = useSettings();
  const prices = useMemo(() => latestPrices(kept.values()), [kept]);
  const cost = useMemo(() => batchCost(parts, prices), [parts, prices]);
  const { id, machineId } = dip;
  const share = useMemo(
    () => batchShare(trials.values(), { dipId: id, machineId }, kitchen.larder),
    [trials, id, machineId, kitchen],
  );
  if (analysis.massG <= 0) return null;
  const outG = analysis.massG * Math.min(1, share.typical);
  const perG = cost.batch / outG;
  const how = cost.missing.length > 0 ? 'at least ' : cost.guessed.length > 0 ? 'about ' : '';
  return (
    <Panel title="It costs" label="What it costs">
      <Box sx={{ lineHeight: 1.4 }}>
        <Box component="span" sx={{ fontSize: typeScale.large, fontWeight: 700 }}>
          {how}
          {money(cost.batch, currency)}
        </Box>
        <Box sx={{ fontSize: typeScale.note }}>
          {money(perG * dip.portionG, currency)} a portion · {money(perG * 100, currency)} in 100 g
        </Box>
      </Box>
      <CostBars cost={cost} larder={kitchen.larder} currency={currency} />
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        Of {analysis.massG.toFixed(0)} g that go in about {outG.toFixed(0)} g come out (
        {share.n === 0 ? 'usual' : `by ${share.n} weighed here`}).
        {outG < analysis.massG - 1 &&
          ` Were none of it lost, a portion would be ${money((cost.batch / outG - cost.batch / analysis.massG) * dip.portionG, currency)} cheaper.`}
      </Box>
    </Panel>
  );
}
