'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DesignResponse, MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { type MixturePoint, pointOf } from '@cobbet/core/design/mixturePoint';
import type { NextTrial } from '@cobbet/core/design/nextTrial';
import { type ReactNode, useMemo, useState } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { money } from '@/components/money';
import { Panel } from '@/components/Panel';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { MapChoice } from './MapChoice';
import { type MapLayer, MixtureMap } from './MixtureMap';
import { levelsApart } from './mapSlice';
import { NextProposal } from './NextProposal';
import { modelWords } from './modelWords';
import { ResponseCurve } from './ResponseCurve';
import { HeldLevels } from './HeldLevels';
import { HeldShares } from './HeldShares';
import { pointKey, pointText } from './planWords';

/** What the model misses beside trials done twice, where there are any. */
function fitWords({ lackOfFit }: Pick<NextTrial, 'lackOfFit'>): string {
  if (!lackOfFit) return '';
  const { p, pureSd } = lackOfFit;
  const said = `Trials done twice differ by ${pureSd.toFixed(1)}; `;
  return p < 0.05
    ? `${said}the model misses more than that would explain (p ${p.toFixed(3)}): read it with care. `
    : `${said}the model misses no more than that (p ${p.toFixed(2)}). `;
}

/** By which model, and how well each of them foretold trials it had not seen. */
function RestsOn({ told }: { told: NextTrial }) {
  return (
    <Box sx={{ mt: 1.5, fontSize: typeScale.note, color: colour.muted }}>
      By {modelWords[told.model]}, an estimate. Left out one at a time, the trials were foretold
      within{' '}
      {told.foretold
        .map(({ model, leaveOneOut }) => `${leaveOneOut.toFixed(2)} by ${modelWords[model]}`)
        .join(', ') || 'nothing that could be held against them'}
      . {fitWords(told)}Nothing outside the limits is ever proposed.
    </Box>
  );
}

/** What trials of a mixture say: a map or a curve, the best, and what is worth making next. */
export function WhatTheySay({
  design,
  response: { name: response, goal },
  choice,
  told,
  names,
  came,
  costOf,
  busy,
  problem,
  goesIn,
  onRead,
  onMake,
  onVariant,
  onAdd,
}: {
  design: MixtureDesign;
  /** What of it is looked at. */
  response: DesignResponse;
  /** Which of the responses, to be chosen. */
  choice: ReactNode;
  told: NextTrial;
  names: readonly string[];
  /** What came of trials, by id. */
  came: ReadonlyMap<string, number>;
  costOf: (shares: readonly number[]) => number;
  busy: boolean;
  problem: string | null;
  /** What goes in at a mixture that was read. */
  goesIn: { of: string; lines: readonly string[] } | null;
  onRead: (point: MixturePoint) => void;
  onMake: (point: MixturePoint) => void;
  onVariant: (point: MixturePoint) => void;
  onAdd: (point: MixturePoint) => void;
}) {
  const { components, varies = [] } = design;
  const [read, setRead] = useState<MixturePoint | null>(null);
  const [layer, setLayer] = useState<MapLayer>('response');
  const [axes, setAxes] = useState<readonly [number, number, number]>([0, 1, 2]);
  const currency = useBook((state) => state.book.settings.get('settings')?.currency);
  const said = (point: MixturePoint) => pointText(point, names, varies);
  const point = pointOf(read ?? told.best);
  const { shares: probe, levels } = point;
  const { predict: predictAt } = told;
  const levelKey = levels?.join();
  const predict = useMemo(
    () => (shares: readonly number[]) => predictAt(shares, levels),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- levels by what they are
    [predictAt, levelKey],
  );
  const setShares = (shares: readonly number[]) => setRead({ ...point, shares });
  const atProbe = predict(probe);
  const pair = (first: number) => [first, 1 - first];
  return (
    <Panel title="What they say">
      {components.length === 2 && choice}
      {components.length === 2 ? (
        <ChartFile title={`${design.name}: ${response}`}>
          <ResponseCurve
            label={response}
            from={Math.max(components[0]?.min ?? 0, 1 - (components[1]?.max ?? 1))}
            to={Math.min(components[0]?.max ?? 1, 1 - (components[1]?.min ?? 0))}
            predict={(first) => predict(pair(first))}
            trials={design.trials.flatMap(({ id, shares, levels: own }, i) => {
              const y = came.get(id);
              return y === undefined || levelsApart(own, levels) > 0.25
                ? []
                : [{ at: shares[0] ?? 0, y, name: String(i + 1) }];
            })}
            marks={[...new Set(design.trials.map(({ shares }) => shares[0] ?? 0))]
              .sort((a, b) => a - b)
              .map((at) => ({ at, text: `${(100 * at).toFixed(0)} %` }))}
            probe={probe[0] ?? 0}
            best={told.best.shares[0] ?? 0}
            said={said(point)}
            onProbe={(first) => setShares(pair(first))}
          />
        </ChartFile>
      ) : (
        <>
          <MapChoice
            {...{ names, axes, layer, response }}
            choice={design.responses.length > 1 ? choice : null}
            onAxes={setAxes}
            onLayer={setLayer}
          />
          <ChartFile title={`${design.name}: ${response}`}>
            <MixtureMap
              {...{ design, names, axes, layer, response, levels, predict, probe, costOf }}
              told={came}
              best={told.best.shares}
              next={told.next.shares}
              onProbe={setShares}
            />
          </ChartFile>
          <HeldShares {...{ components, names, axes, probe }} onProbe={setShares} />
        </>
      )}
      <HeldLevels
        {...{ varies, levels: levels ?? [] }}
        onLevels={(next) => setRead({ ...point, levels: next })}
      />
      <Box role="status" sx={{ fontSize: typeScale.lead, fontWeight: 700, mt: 1 }}>
        {response} {atProbe.y.toFixed(1)} ± {atProbe.sd.toFixed(1)} at {said(point)}
        <Box component="span" sx={{ fontWeight: 400, color: colour.muted }}>
          {' '}
          · {money(10 * costOf(probe), currency)} a kilo
        </Box>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
        <Button variant="contained" disabled={busy} onClick={() => onVariant(point)}>
          Make a variant of this one
        </Button>
        <Button disabled={busy} onClick={() => onMake(point)}>
          Make it now
        </Button>
        <Button disabled={busy} onClick={() => onRead(point)}>
          What goes in
        </Button>
        {read && <Button onClick={() => setRead(null)}>Back to the best</Button>}
      </Box>
      {goesIn && goesIn.of === pointKey(point) && (
        <Box
          component="ul"
          aria-label="What goes in"
          sx={{ m: 0, mb: 1, pl: 2.5, fontSize: typeScale.note, columns: { sm: 2 } }}
        >
          {goesIn.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
      <NextProposal {...{ told, goal, busy, said, onAdd }} />
      {problem !== null && (
        <Box role="alert" sx={{ color: colour.caution, mt: 1 }}>
          {problem}
        </Box>
      )}
      <RestsOn told={told} />
    </Panel>
  );
}
