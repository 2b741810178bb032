'use client';

import Box from '@mui/material/Box';
import { tastedBowl } from '@cobbet/core/book/tastedBowl';
import { tastedTargets } from '@cobbet/core/book/tastedTargets';
import { sampleOf, type Tasting } from '@cobbet/core/taste/tasting';
import { tastingResult } from '@cobbet/core/taste/tastingResult';
import { useMemo } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { capital } from '@/components/bodyText';
import { Panel } from '@/components/Panel';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { MarksFile } from '../MarksFile';
import { Asked } from './Asked';
import { Differences } from './Differences';
import { JarBars } from './JarBars';
import { LikingChart } from './LikingChart';
import { chance, fewSentence, likingSentence, questionSentence } from './saidWords';
import { WhoSaid } from './WhoSaid';

/** What all names begin with, up to a comma: the dip, where trials of one are tasted. */
function sharedStart(names: readonly string[]): string {
  const [first = ''] = names;
  const start = first.slice(0, first.indexOf(', ') + 2);
  return names.length > 1 && start.length > 2 && names.every((name) => name.startsWith(start))
    ? start
    : '';
}

/** What is in a pot, without what all are called, and with its code where two hold the same. */
function namesOf(tasting: Tasting): (code: string) => string {
  const counts = new Map<string, number>();
  for (const { sampleId } of tasting.pots) counts.set(sampleId, (counts.get(sampleId) ?? 0) + 1);
  const shared = sharedStart(tasting.samples.map(({ name }) => name)).length;
  return (code) => {
    const sample = sampleOf(tasting, code);
    const double = (counts.get(sample?.id ?? '') ?? 0) > 1;
    return `${sample?.name.slice(shared) ?? code}${double ? ` (${code})` : ''}`;
  };
}

/** What a tasting says, and what it asks of the next bowl. */
export function Results({ tasting }: { tasting: Tasting }) {
  const dips = useBook((state) => state.book.dips);
  const trials = useBook((state) => state.book.trials);
  const runs = useBook((state) => state.book.runs);
  const batches = useBook((state) => state.book.batches);
  const kitchen = useKitchen();
  const result = useMemo(() => tastingResult(tasting), [tasting]);
  const { panel, order, tasters } = result;
  const targets = useMemo(
    () =>
      panel
        ? tastedTargets(tasting, panel, (sample) =>
            tastedBowl(sample, { dips, trials, runs, batches }, kitchen),
          )
        : [],
    [panel, tasting, dips, trials, runs, batches, kitchen],
  );
  const nameOf = useMemo(() => namesOf(tasting), [tasting]);
  const sampleName = (id: string) => tasting.samples.find((one) => one.id === id)?.name ?? id;
  if (tasters === 0) {
    return (
      <Box sx={{ color: colour.muted, maxWidth: 480 }}>
        Nobody said anything before it was closed. Open it again to go on.
      </Box>
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 3 }}>
      <Box
        role="status"
        sx={{ fontSize: typeScale.large, lineHeight: 1.3, maxWidth: 860, overflowWrap: 'anywhere' }}
      >
        {panel && likingSentence(panel, nameOf, tasters)}
        {!panel && !order && questionSentence(result, sampleName)}
        {order &&
          `${nameOf(order.places[0]?.code ?? '')} comes first, at ${order.places[0]?.place.toFixed(1)} on average${
            order.friedman ? ` (${chance(order.friedman.p)} that the order is chance)` : ''
          }.${fewSentence(tasters)}`}
      </Box>
      {order && (
        <Panel title="The order">
          <Box component="ol" sx={{ m: 0, pl: 3 }}>
            {order.places.map(({ code, place }) => (
              <li key={code}>
                {nameOf(code)}, place {place.toFixed(1)} on average
              </li>
            ))}
          </Box>
        </Panel>
      )}
      {panel && (
        <Box
          sx={{
            display: 'grid',
            gap: { xs: 3, lg: 5 },
            alignItems: 'start',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 5fr)' },
          }}
        >
          <Box sx={{ display: 'grid', gap: 3 }}>
            {Object.keys(panel.liking).length > 0 && (
              <Panel title="How each is liked">
                <ChartFile title={`${tasting.name}: how each is liked`}>
                  <LikingChart tasting={tasting} panel={panel} nameOf={nameOf} />
                </ChartFile>
              </Panel>
            )}
            <Differences panel={panel} nameOf={nameOf} />
          </Box>
          <Box sx={{ display: 'grid', gap: 3 }}>
            {tasting.asks.jar.length > 0 && <Asked targets={targets} nameOf={nameOf} />}
          </Box>
        </Box>
      )}
      {panel && tasting.asks.jar.length > 0 && (
        <Panel title="Short, right or over">
          <Box
            sx={{
              display: 'grid',
              gap: 3,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
            }}
          >
            {tasting.pots.map(({ code }) => (
              <JarBars
                key={code}
                tasting={tasting}
                panel={panel}
                code={code}
                title={capital(nameOf(code))}
              />
            ))}
          </Box>
        </Panel>
      )}
      <WhoSaid tasting={tasting} result={result} nameOf={nameOf} />
      <Box sx={{ '@media print': { display: 'none' } }}>
        <MarksFile tasting={tasting} />
      </Box>
    </Box>
  );
}
