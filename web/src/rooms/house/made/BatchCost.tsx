'use client';

import Box from '@mui/material/Box';
import { batchCost, sellingPrice, workCost } from '@cobbet/core/batch/cost';
import type { Batch } from '@cobbet/core/book/batch';
import { latestPrices } from '@cobbet/core/book/price';
import { everyday } from '@cobbet/core/larder/everyday';
import type { Part } from '@cobbet/core/mix/part';
import { useMemo, useState } from 'react';
import { CostBars } from '@/components/CostBars';
import { money } from '@/components/money';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { useBook } from '@/store/bookStore';
import { useLarder, useSettings } from '@/store/useKitchen';
import { useWorkMin, WorkRates } from './WorkRates';
import { typeScale } from '@/theme/typeScale';

/** What a batch cost: all of it, a jar, a portion, 100 g; what drives it, and what to ask for a share. */
export function BatchCost({ batch, parts }: { batch: Batch; parts: readonly Part[] }) {
  const kept = useBook(({ book }) => book.prices);
  const larder = useLarder();
  const { currency } = useSettings();
  const [share, setShare] = useState('');
  const prices = useMemo(() => latestPrices(kept.values()), [kept]);
  const oilG = batch.pots.reduce((sum, pot) => sum + pot.oilG, 0);
  const cost = useMemo(() => {
    const oil = larder.get(everyday.oil);
    return batchCost(
      oil && oilG > 0 ? [...parts, { ingredient: oil, massG: oilG }] : parts,
      prices,
    );
  }, [parts, prices, larder, oilG]);
  const { rates = {} } = useSettings();
  const workMin = useWorkMin(batch);
  const beside = workCost(rates, workMin);
  const total = cost.batch + beside;
  const perG = batch.yieldG > 0 ? total / batch.yieldG : 0;
  const kinds = [...new Map(batch.pots.map((pot) => [pot.name, pot])).values()];
  const wanted = typedNumber(share);
  const asked = wanted === null ? null : sellingPrice(perG, wanted / 100);
  const atLeast = cost.missing.length > 0 ? 'at least ' : cost.guessed.length > 0 ? 'about ' : '';
  return (
    <Panel title="What it cost">
      <Box sx={{ lineHeight: 1.45 }}>
        <Box component="span" sx={{ fontSize: typeScale.large, fontWeight: 700 }}>
          {atLeast}
          {money(total, currency)}
        </Box>
        {beside > 0 && (
          <Box sx={{ fontSize: typeScale.note }}>
            {money(cost.batch, currency)} of it goes in, {money(beside, currency)} is work and power
          </Box>
        )}
        <Box sx={{ fontSize: typeScale.note }}>
          {money(perG * batch.portionG, currency)} a portion of {batch.portionG} g ·{' '}
          {money(perG * 100, currency)} in 100 g
          {kinds.map(({ name, g }) => ` · ${money(perG * g, currency)} a ${name}`)}
        </Box>
      </Box>
      <CostBars cost={cost} larder={larder} currency={currency} />
      <WorkRates batch={batch} workMin={workMin} />
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', mt: 1.5 }}>
        <Box sx={{ width: 170 }}>
          <MeasuredField
            label="It may cost"
            unit="% of the price"
            value={share}
            problem={wanted !== null && !(wanted > 0 && wanted <= 100) ? 'From 1 to 100.' : null}
            onChange={setShare}
          />
        </Box>
        {asked !== null && (
          <Box role="status" sx={{ fontSize: typeScale.note, pt: 1.5 }}>
            then {money(asked * 100, currency)} for 100 g
            {kinds[0] && `, ${money(asked * kinds[0].g, currency)} a ${kinds[0].name}`}
          </Box>
        )}
      </Box>
    </Panel>
  );
}
