'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { aimOfTargets, targetsOfAim } from '@cobbet/core/book/aim';
import type { Run } from '@cobbet/core/book/run';
import { adviceQuestion, contradictoryReadings, runTargets } from '@cobbet/core/book/runBowl';
import { machineFor } from '@cobbet/core/kitchen/kitchen';
import type { Addition } from '@cobbet/core/proposal/edit';
import { bodyNames } from '@cobbet/core/mix/bodyMoments';
import { useCallback, useEffect, useMemo } from 'react';
import { bodyText } from '@/components/bodyText';
import { momentWhen, momentWhenIn } from '@/components/momentWords';
import { shortName } from '@/components/shortName';
import { useAsked } from '@/components/useAsked';
import { useHeldWhilePressed } from '@/components/useHeldWhilePressed';
import { useSame } from '@/components/useSame';
import { houseUsual } from '@/store/houseUsual';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { adviseInWorker } from '@/workers/landingClient';
import { AimSelect } from './AimSelect';
import { AskWhichReading } from './AskWhichReading';
import { HandStep } from './HandStep';
import { NextCard } from './NextCard';
import { WayBack } from './WayBack';
import { WithinReach } from './WithinReach';
import type { RunControl } from './useRun';

/** What to add next to the bowl as it really is: additions only, out of what is within reach, half of it first. */
export function WhatNext({ run, control }: { run: Run; control: RunControl }) {
  const { dip, kitchen, larder } = control;
  const targets = runTargets(run, dip);
  const used = bodyNames.findLast((name) => name !== 'warmBody' && targets[name]);
  // a note written down changes the run and not what is asked about its bowl
  const input = useSame(useMemo(() => adviceQuestion(run, dip, kitchen), [run, dip, kitchen]));
  const ask = useCallback(
    async (signal: AbortSignal) => {
      const usual = await houseUsual(input.family);
      return adviseInWorker(usual ? { ...input, usual } : input, signal);
    },
    [input],
  );
  const { asked: is, start } = useAsked(input, ask);
  const asked = useHeldWhilePressed(is);
  const empty = input.parts.length === 0;
  const nothingWanted =
    Object.keys(targets).length === 0 &&
    Object.keys(run.tastes).length === 0 &&
    input.faults?.length === 0;
  // what is known of the bowl can't all be: nothing is built on it
  const [pair] = contradictoryReadings(run);
  const unsure = pair !== undefined;
  useEffect(() => {
    if (!empty && !nothingWanted && !unsure) void start();
  }, [start, empty, nothingWanted, unsure]);
  if (empty) return null;
  const nameOf = (id: string) => shortName(larder.get(id)?.name ?? id).toLowerCase();
  const take = (add: readonly Addition[]) => void control.add(add);
  const advice = asked.state === 'answered' && !unsure ? asked.answer : null;
  const stop = advice?.suggestions.find(({ add }) => add.length === 0);
  const steps = advice?.suggestions.filter(({ add }) => add.length > 0) ?? [];
  return (
    <Panel title="What next?" label="What next">
      <Box sx={{ mb: 1 }}>
        <AimSelect
          label="This bowl"
          value={aimOfTargets(run.targets)}
          onChange={(aim) =>
            void control.note('What it is to be', ({ targets: _old, ...one }) => {
              const own = targetsOfAim(dip, aim);
              return own ? { ...one, targets: own } : one;
            })
          }
        />
      </Box>
      {nothingWanted && (
        <Typography sx={{ color: 'text.secondary' }}>
          Set a target on the bench, or mark a taste above: then this says what to add.
        </Typography>
      )}
      {asked.state === 'working' && <Box role="status">Working it out…</Box>}
      {asked.state === 'failed' && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {asked.message} <Button onClick={() => void start()}>Try again</Button>
        </Box>
      )}
      {advice && advice.stale.length > 0 && (
        <Box role="note" sx={{ mb: 1 }}>
          Tasted before what went in since: {advice.stale.join(', ')}. It no longer counts; taste
          again.
        </Box>
      )}
      {pair && <AskWhichReading pair={pair} control={control} />}
      {advice?.byHand.map((one) => (
        <HandStep key={one.about} one={one} nameOf={nameOf} onAdd={take} />
      ))}
      {stop && (
        <Box
          role="status"
          sx={{
            borderLeft: `5px solid ${colour.bandEdge}`,
            pl: 1.5,
            py: 1,
            fontSize: typeScale.large,
            fontWeight: 700,
          }}
        >
          {stop.proposal.why}
        </Box>
      )}
      {advice && steps.length > 0 && (
        <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {steps.map((one, i) => (
            <NextCard
              key={one.add.map(({ ingredient }) => ingredient).join()}
              one={one}
              targets={targets}
              nameOf={nameOf}
              lead={i === 0 && !stop}
              onAdd={take}
            />
          ))}
        </Box>
      )}
      {advice && !stop && used && (
        <Box sx={{ fontSize: typeScale.text, color: colour.muted }}>
          Predicted: {momentWhenIn(machineFor(run, kitchen)).warmBody} it is{' '}
          {bodyText(advice.now.warmBody)}, {momentWhen[used]} {bodyText(advice.now[used])}.
        </Box>
      )}
      {advice?.rescue && (
        <WayBack rescue={advice.rescue} targets={targets} nameOf={nameOf} onAdd={take} />
      )}
      <WithinReach run={run} control={control} nameOf={nameOf} />
    </Panel>
  );
}
