'use client';

import Box from '@mui/material/Box';
import { takenResponses } from '@cobbet/core/book/designTaken';
import {
  type DesignResponse,
  designResults,
  type MixtureDesign,
} from '@cobbet/core/design/mixtureDesign';
import type { MixturePoint } from '@cobbet/core/design/mixturePoint';
import { nextTrial } from '@cobbet/core/design/nextTrial';
import { readDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { mixtureFigures } from '@cobbet/core/dip/mixtureFigures';
import { landingQuestion } from '@cobbet/core/landing/landDip';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Panel } from '@/components/Panel';
import { addDesignTrial, beginMixture, variantOfTrial } from '@/store/designCommands';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { placesOf } from './placesOf';
import { pointKey, pointText } from './planWords';
import { ResponseChoice } from './ResponseChoice';
import { WhatTheySay } from './WhatTheySay';

/** The book takes no plan without one. */
const noResponse: DesignResponse = { name: '', goal: 'more' };

/** A mixture of the dip is landed, then something is done with its amounts. */
function useLandedMixture(design: MixtureDesign, dip: Dip) {
  const kitchen = useKitchen();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const land = async (
    point: MixturePoint,
    then: (trial: Parameters<typeof addDesignTrial>[1]) => Promise<unknown>,
  ) => {
    const request = landingQuestion(readDip(dip, kitchen), false);
    const places = placesOf(design, dip);
    if (!request || places.includes(-1)) {
      return setProblem('The dip has changed: a thing that is varied is no longer in it.');
    }
    setBusy(true);
    setProblem(null);
    try {
      const { mixtureInWorker } = await import('@/workers/landingClient');
      const parts = await mixtureInWorker(
        request,
        places,
        point,
        design.varies ?? [],
        new AbortController().signal,
      );
      if (!parts) return setProblem('That mixture can’t be made to land on the dip’s targets.');
      await then({
        ...point,
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

/** What is known of a plan's trials, what it says, and what any of its mixtures would be. */
function useTold(design: MixtureDesign, response: DesignResponse, dip: Dip) {
  const kitchen = useKitchen();
  const { tastings, trials: made, runs } = useBook((state) => state.book);
  const { components, trials } = design;
  const taken = useMemo(
    () => takenResponses({ trials }, response, { tastings, trials: made, runs }),
    [trials, response, tastings, made, runs],
  );
  const came = useMemo(
    () =>
      new Map(
        trials.flatMap(({ id, marks }) => {
          const known = marks[response.name] ?? taken.get(id)?.y;
          return known === undefined ? [] : [[id, known] as const];
        }),
      ),
    [trials, taken, response],
  );
  const figures = useMemo(() => {
    const { parts, conditions } = readDip(dip, kitchen);
    const places = placesOf(design, dip);
    // a dip that has lost what is varied has no figures to learn over
    return places.includes(-1) ? undefined : mixtureFigures(parts, conditions, places);
  }, [design, dip, kitchen]);
  const told = useMemo(
    () =>
      nextTrial(components, designResults({ trials }, response.name, taken), {
        ...{ figures, goal: response.goal },
      }),
    [components, trials, response, taken, figures],
  );
  return { came, told };
}

/** What a plan's trials say of a response, and what may be done with any of its mixtures. */
export function PlanSays({
  design,
  dip,
  names,
  rowNames,
  costOf,
}: {
  design: MixtureDesign;
  dip: Dip;
  names: readonly string[];
  /** What the dip's rows are called. */
  rowNames: readonly string[];
  /** What 100 g of a mixture cost. */
  costOf: (shares: readonly number[]) => number;
}) {
  const router = useRouter();
  const { responses, varies } = design;
  const [shown, setShown] = useState(0);
  const [first = noResponse] = responses;
  const response = responses[shown] ?? first;
  const { came, told } = useTold(design, response, dip);
  const { land, problem, busy } = useLandedMixture(design, dip);
  const takeVariant = (point: MixturePoint) =>
    void land(point, async (trial) => {
      const name = `${dip.name}, ${pointText(point, names, varies)}`.slice(0, 200);
      const id = await variantOfTrial(dip, trial, name);
      router.push(`/bench?dip=${encodeURIComponent(id)}`);
    });
  const [goesIn, setGoesIn] = useState<{ of: string; lines: string[] } | null>(null);
  const read = (point: MixturePoint) =>
    void land(point, ({ amounts }) => {
      const lines = amounts.map(({ amount }, i) => `${amount} ${rowNames[i] ?? ''}`);
      setGoesIn({ of: pointKey(point), lines });
      return Promise.resolve();
    });
  const makeNow = (point: MixturePoint) =>
    void land(point, async (trial) => {
      const run = await beginMixture(dip, trial);
      router.push(`/make?dip=${encodeURIComponent(dip.id)}&run=${encodeURIComponent(run)}`);
    });
  const choice = <ResponseChoice {...{ responses, shown }} onShow={setShown} />;
  if (told === null) {
    return (
      <Panel title="What they say">
        {choice}
        <Box sx={{ color: colour.muted, maxWidth: 480 }}>
          {came.size === 0
            ? 'Nothing yet. Mark what came of each trial; from a few on, a map stands here.'
            : `${came.size} marked are too few to say anything. A few more.`}
        </Box>
      </Panel>
    );
  }
  return (
    <WhatTheySay
      key={response.name}
      {...{ design, response, told, names, came, costOf, busy, problem, goesIn, choice }}
      onRead={read}
      onMake={makeNow}
      onVariant={takeVariant}
      onAdd={(point) => void land(point, (trial) => addDesignTrial(design.id, trial))}
    />
  );
}
