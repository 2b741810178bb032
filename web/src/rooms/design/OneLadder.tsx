'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { type Ladder, ladderLimits, ladderResults, mostOf } from '@cobbet/core/design/ladder';
import { nextTrial } from '@cobbet/core/design/nextTrial';
import { nextWords } from '@cobbet/core/design/nextWords';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { useOnce } from '@/components/useOnce';
import {
  addLadderStep,
  beginLadderBase,
  dropLadder,
  takeLadderAmount,
} from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { LadderBowls } from './LadderBowls';
import { modelWords } from './modelWords';
import { PlanActions } from './PlanActions';
import { plainName } from './plainName';
import { ResponseCurve } from './ResponseCurve';

/** A measure as near as this is as good as the grams. */
const nearBy = 0.05;

/** A ladder of one thing: what goes into each bowl, what came of it, and the curve through it. */
export function OneLadder({ ladder, dip }: { ladder: Ladder; dip: Dip }) {
  const router = useRouter();
  const kitchen = useKitchen();
  const once = useOnce();
  const [read, setRead] = useState<number | null>(null);
  const { parts } = useMemo(() => readDip(dip, kitchen), [dip, kitchen]);
  const at = dip.rows.findIndex(({ id }) => id === ladder.rowId);
  const ingredient = kitchen.larder.get(ladder.ingredientId);
  const baseG = parts.reduce((sum, { massG }, i) => sum + (i === at ? 0 : massG), 0);
  const results = useMemo(() => ladderResults(ladder), [ladder]);
  const told = useMemo(() => nextTrial(ladderLimits, results), [results]);
  const most = mostOf(ladder);
  const probe = read ?? told?.best.shares[0] ?? 0;
  /** In the whole dip, in a measure that tells it from its neighbours, else in grams. */
  const measured = (share: number) => {
    const massG = share * most;
    if (massG <= 0 || !ingredient) return { text: 'none', massG: 0 };
    const spoon = nearestKitchenMeasure(massG, ingredient, kitchen.measures);
    if (Math.abs(spoon.massG - massG) < nearBy * massG) return spoon;
    const rounded = Number(massG.toFixed(massG < 10 ? 1 : 0));
    return { text: `${rounded} g`, massG: rounded };
  };
  const name = plainName(ingredient?.name ?? ladder.ingredientId);
  const allG = ladder.steps.length * ladder.bowlG;
  const makeBase = async () => {
    const run = await beginLadderBase(dip, ladder.rowId, allG / Math.max(1, baseG));
    router.push(`/make?dip=${encodeURIComponent(dip.id)}&run=${encodeURIComponent(run)}`);
  };
  return (
    <RoomPage
      title={ladder.name}
      maxWidth={1180}
      says={`${dip.name} · ${ladder.steps.length} bowls of ${ladder.bowlG} g base each, marked by ${ladder.response}`}
      actions={<PlanActions onDelete={() => dropLadder(ladder.id)} />}
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, lg: 5 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 0.8fr) minmax(0, 1fr)' },
        }}
      >
        <Panel title="Bowls" aside={`${name}, stirred into each`}>
          {at < 0 || !ingredient ? (
            <Box sx={{ color: colour.caution }}>The dip has no {name} any more.</Box>
          ) : (
            <>
              <LadderBowls ladder={ladder} baseG={baseG} ingredient={ingredient} />
              <Button variant="outlined" sx={{ mt: 1.5 }} onClick={() => once(makeBase)}>
                Make the base, {allG.toFixed(0)} g without {name}
              </Button>
            </>
          )}
        </Panel>
        <Panel title="What they say">
          {told === null ? (
            <Box sx={{ color: colour.muted, maxWidth: 460 }}>
              {results.length === 0
                ? 'Nothing yet. Mark each bowl; from three on, a curve stands here.'
                : `${results.length} marked are too few for a curve. A few more.`}
            </Box>
          ) : (
            <>
              <ChartFile title={ladder.name}>
                <ResponseCurve
                  label={ladder.response}
                  from={0}
                  to={1}
                  predict={(share) => told.predict([share, 1 - share])}
                  trials={ladder.steps.flatMap(({ massG, y }, i) =>
                    y === null ? [] : [{ at: massG / most, y, name: String(i + 1) }],
                  )}
                  marks={ladder.steps.map(({ amount, massG }) => ({
                    at: massG / most,
                    text: amount,
                  }))}
                  probe={probe}
                  best={told.best.shares[0] ?? 0}
                  said={`${measured(probe).text} ${name}`}
                  onProbe={setRead}
                />
              </ChartFile>
              <Box role="status" sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>
                {ladder.response} {told.predict([probe, 1 - probe]).y.toFixed(1)} ±{' '}
                {told.predict([probe, 1 - probe]).sd.toFixed(1)} at {measured(probe).text} {name}
              </Box>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
                <Button
                  variant="contained"
                  disabled={at < 0 || measured(probe).massG <= 0}
                  onClick={() => void takeLadderAmount(dip.id, ladder, measured(probe).text)}
                >
                  Put {measured(probe).text} into the dip
                </Button>
                {read !== null && <Button onClick={() => setRead(null)}>Back to the best</Button>}
              </Box>
              <Box sx={{ fontWeight: 700 }}>Next: {measured(told.next.shares[0] ?? 0).text}</Box>
              <Box>{nextWords(told, 1)}</Box>
              <Button
                variant="outlined"
                sx={{ mt: 0.75 }}
                onClick={() =>
                  void addLadderStep(ladder.id, {
                    amount: measured(told.next.shares[0] ?? 0).text,
                    massG: measured(told.next.shares[0] ?? 0).massG,
                  })
                }
              >
                One bowl more of it
              </Button>
              <Box sx={{ mt: 1.5, fontSize: typeScale.note, color: colour.muted }}>
                By{' '}
                {told.model === 'linear'
                  ? 'a straight line'
                  : told.model === 'quadratic'
                    ? 'a curve with one turn'
                    : modelWords[told.model]}
                , an estimate. Nothing beyond the most that was tried is proposed.
              </Box>
            </>
          )}
        </Panel>
      </Box>
    </RoomPage>
  );
}
