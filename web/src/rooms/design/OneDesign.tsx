'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { designResults } from '@cobbet/core/design/mixtureDesign';
import { nextTrial, type NextTrial } from '@cobbet/core/design/nextTrial';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { landingQuestion } from '@cobbet/core/landing/landDip';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import { shortName } from '@/components/shortName';
import { addDesignTrial, dropDesign, variantOfTrial } from '@/store/designCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { MixtureMap } from './MixtureMap';
import { plainName } from './plainName';
import { TrialTable } from './TrialTable';

const modelWords: Record<NextTrial['model'], string> = {
  linear: 'a plane',
  quadratic: 'a surface curved by pairs',
  'special-cubic': 'a surface curved by threes',
  'gaussian-process': 'likeness of near mixtures',
};

/** What is worth making next, and why, in two sentences. */
function nextWords({ next, reached, worthwhile }: NextTrial): string {
  const said = `${next.y.toFixed(1)} ± ${next.sd.toFixed(1)}`;
  if (!worthwhile) {
    return `No mixture is expected to do better by more than the trials’ own noise would hide. Nearest comes ${said}; the best so far is ${reached.toFixed(1)}.`;
  }
  return next.y >= reached
    ? `Expected to be better: ${said}; the best so far is ${reached.toFixed(1)}.`
    : `Little is known there, and it may be better: ${said}; the best so far is ${reached.toFixed(1)}.`;
}

/** A mixture of the dip is landed, then something is done with its amounts. */
function useLandedMixture(design: MixtureDesign, dip: Dip) {
  const kitchen = useKitchen();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const land = async (
    shares: readonly number[],
    then: (trial: Parameters<typeof addDesignTrial>[1]) => Promise<unknown>,
  ) => {
    const request = landingQuestion(readDip(dip, kitchen), false);
    const places = design.components.map(({ rowId }) =>
      dip.rows.findIndex(({ id }) => id === rowId),
    );
    if (!request || places.includes(-1)) {
      return setProblem('The dip has changed: a thing that is varied is no longer in it.');
    }
    setBusy(true);
    setProblem(null);
    try {
      const { mixtureInWorker } = await import('@/workers/landingClient');
      const parts = await mixtureInWorker(request, places, shares, new AbortController().signal);
      if (!parts) return setProblem('That mixture can’t be made to land on the dip’s targets.');
      await then({
        shares: [...shares],
        amounts: parts.map(({ amount }, i) => ({ rowId: dip.rows[i]?.id ?? '', amount })),
        massG: parts.reduce((sum, { massG }) => sum + massG, 0),
      });
      return undefined;
    } catch (error) {
      return setProblem(error instanceof Error ? error.message : 'It stopped. Try again.');
    } finally {
      setBusy(false);
    }
  };
  return { land, problem, busy };
}

/** One plan of trials: what is made, what came of it, what that says, and what to make next. */
export function OneDesign({ design, dip }: { design: MixtureDesign; dip: Dip }) {
  const router = useRouter();
  const { larder } = useKitchen();
  const { components, response } = design;
  const names = components.map(({ ingredientId }) =>
    plainName(larder.get(ingredientId)?.name ?? ingredientId),
  );
  const results = useMemo(() => designResults(design), [design]);
  const told = useMemo(() => nextTrial(components, results), [components, results]);
  const [read, setRead] = useState<readonly number[] | null>(null);
  const { land, problem, busy } = useLandedMixture(design, dip);
  const sharesText = (shares: readonly number[]) =>
    shares.map((one, i) => `${names[i] ?? ''} ${(100 * one).toFixed(0)} %`).join(', ');
  const probe = read ?? told?.best.shares ?? [];
  const atProbe = told?.predict(probe);
  const takeVariant = () =>
    void land(probe, async (trial) => {
      const id = await variantOfTrial(
        dip,
        trial,
        `${dip.name}, ${sharesText(probe)}`.slice(0, 200),
      );
      router.push(`/bench?dip=${encodeURIComponent(id)}`);
    });
  return (
    <RoomPage
      title={design.name}
      maxWidth={1240}
      says={
        <>
          {dip.name} · {design.trials.length} trials, marked by {response} · they tell{' '}
          {Math.round(100 * design.efficiency)} % of what so many could
          {design.cut.length > 0 && ` · ${design.cut.length} mixtures could not be made to land`}
        </>
      }
      actions={
        <>
          <Button component={Link} href="/design">
            All plans
          </Button>
          <Button
            onClick={() => {
              router.push('/design');
              void dropDesign(design.id);
            }}
          >
            Delete it
          </Button>
        </>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, lg: 5 },
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
        }}
      >
        <Panel title="Trials" aside="in the order they are made">
          <TrialTable
            {...{ design, dip, names }}
            rowNames={dip.rows.map(({ ingredientId }) =>
              shortName(larder.get(ingredientId)?.name ?? ingredientId).toLowerCase(),
            )}
          />
        </Panel>
        {told === null ? (
          <Panel title="What they say">
            <Box sx={{ color: colour.muted, maxWidth: 480 }}>
              {results.length === 0
                ? 'Nothing yet. Mark what came of each trial; from a few on, a map stands here.'
                : `${results.length} marked are too few to say anything. A few more.`}
            </Box>
          </Panel>
        ) : (
          <Panel title="What they say">
            {components.length === 3 && (
              <MixtureMap
                {...{ design, names, probe }}
                predict={told.predict}
                best={told.best.shares}
                next={told.next.shares}
                onProbe={setRead}
              />
            )}
            <Box role="status" sx={{ fontSize: typeScale.lead, fontWeight: 700, mt: 1 }}>
              {response} {atProbe?.y.toFixed(1)} ± {atProbe?.sd.toFixed(1)} at {sharesText(probe)}
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
              <Button variant="contained" disabled={busy} onClick={takeVariant}>
                Make a variant of this one
              </Button>
              {read && <Button onClick={() => setRead(null)}>Back to the best</Button>}
            </Box>
            <Box sx={{ mt: 1.5, fontWeight: 700 }}>Next: {sharesText(told.next.shares)}</Box>
            <Box>{nextWords(told)}</Box>
            <Button
              variant="outlined"
              sx={{ mt: 0.75 }}
              disabled={busy}
              onClick={() =>
                void land(told.next.shares, (trial) => addDesignTrial(design.id, trial))
              }
            >
              Add it to the trials
            </Button>
            {problem !== null && (
              <Box role="alert" sx={{ color: colour.caution, mt: 1 }}>
                {problem}
              </Box>
            )}
            <Box sx={{ mt: 1.5, fontSize: typeScale.note, color: colour.muted }}>
              By {modelWords[told.model]}, an estimate. Left out one at a time, the trials were
              foretold within{' '}
              {told.foretold
                .map(
                  ({ model, leaveOneOut }) => `${leaveOneOut.toFixed(2)} by ${modelWords[model]}`,
                )
                .join(', ') || 'nothing that could be held against them'}
              . Nothing outside the limits is ever proposed.
            </Box>
          </Panel>
        )}
      </Box>
    </RoomPage>
  );
}
