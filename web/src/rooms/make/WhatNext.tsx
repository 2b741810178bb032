'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import type { Suggestion } from '@cobbet/core/advise/advise';
import type { BowlFigures } from '@cobbet/core/advise/figures';
import type { Addition } from '@cobbet/core/advise/solveAdditions';
import { kitMachine } from '@cobbet/core/book/kit';
import { loggedRows, type Run } from '@cobbet/core/book/run';
import { trialParts } from '@cobbet/core/book/dipParts';
import type { Targets } from '@cobbet/core/landing/targets';
import { alwaysAtHand } from '@cobbet/core/nudge/nudges';
import { useCallback, useEffect, useMemo } from 'react';
import { bodyText } from '@/parts/bodyText';
import { shortName } from '@/parts/shortName';
import { useSettings } from '@/store/useDip';
import { useAsked } from '@/parts/useAsked';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { adviseInWorker } from '@/workers/landingClient';
import { aimOfTargets, AimSelect, targetsOfAim } from './AimSelect';
import type { RunControl } from './useRun';

const change = (from: number, to: number, unit = '') =>
  `${from.toFixed(2)} → ${to.toFixed(2)}${unit}`;

/** What a step would do to the figures that have a target. */
function Effects({
  now,
  then,
  targets,
}: {
  now: BowlFigures;
  then: BowlFigures;
  targets: Targets;
}) {
  const lines = [
    ...(targets.freshBody && now.body !== null && then.body !== null
      ? [`body ${now.body.toFixed(1)} → ${then.body.toFixed(1)}`]
      : []),
    ...(targets.chilledBody && now.chilledBody !== null && then.chilledBody !== null
      ? [`chilled ${now.chilledBody.toFixed(1)} → ${then.chilledBody.toFixed(1)}`]
      : []),
    `salt ${change(now.saltG, then.saltG)}`,
    `sour ${change(now.acidG, then.acidG)}`,
    ...(Math.abs(then.garlicG - now.garlicG) > 0.02
      ? [`garlic ${change(now.garlicG, then.garlicG)}`]
      : []),
    `${now.massG.toFixed(0)} → ${then.massG.toFixed(0)} g in all`,
  ];
  return <Box sx={{ fontSize: 15, color: colour.muted }}>{lines.join(' · ')}</Box>;
}

function Card({
  one,
  now,
  targets,
  nameOf,
  lead,
  onAdd,
}: {
  one: Suggestion;
  now: BowlFigures;
  targets: Targets;
  nameOf: (id: string) => string;
  /** The first is the one to take. */
  lead: boolean;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const said = (add: readonly Addition[]) =>
    add.map(({ amount, ingredient }) => `${amount} ${nameOf(ingredient)}`).join(' and ');
  const risk = Math.round(100 * one.overshootChance);
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${colour.line}`,
        py: 1.5,
        display: 'grid',
        gap: 0.75,
        ...(lead ? { borderLeft: `5px solid ${colour.accent}`, pl: 1.5 } : {}),
      }}
    >
      <Box sx={{ fontSize: lead ? 22 : 18, fontWeight: 700, lineHeight: 1.2 }}>{said(one.add)}</Box>
      <Box sx={{ fontSize: 16 }}>{one.why}</Box>
      <Effects now={now} then={one.after} targets={targets} />
      <Box sx={{ fontSize: 15, color: risk >= 20 ? colour.caution : colour.muted }}>
        {risk < 1 ? 'hardly a chance' : `${risk} in 100`} that all of it goes too far ·{' '}
        {one.costEur < 0.005 ? 'costs next to nothing' : `€ ${one.costEur.toFixed(2)}`}
        {!one.meets && ' · does not get there by itself'}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button
          variant={lead ? 'contained' : 'outlined'}
          sx={{ minHeight: 56, fontSize: 17, lineHeight: 1.2 }}
          onClick={() => onAdd(one.firstStep)}
        >
          First {said(one.firstStep)}
        </Button>
        <Button sx={{ minHeight: 56 }} onClick={() => onAdd(one.add)}>
          All of it is in
        </Button>
      </Box>
    </Box>
  );
}

/** What to add next to the bowl as it really is: additions only, out of what is within reach, half of it first. */
export function WhatNext({ run, control }: { run: Run; control: RunControl }) {
  const { dip, larder, correction } = control;
  const targets = run.targets ?? dip.targets;
  const { measures, kit } = useSettings();
  const reach = useMemo(
    () =>
      run.atHand ?? [
        ...new Set<string>([...dip.rows.map((row) => row.ingredientId), ...alwaysAtHand]),
      ],
    [run.atHand, dip.rows],
  );
  const all = useMemo(
    () => [...new Set([...reach, ...alwaysAtHand, ...dip.rows.map((row) => row.ingredientId)])],
    [reach, dip.rows],
  );
  const input = useMemo(() => {
    const parts = trialParts(loggedRows(run), larder);
    return {
      parts,
      method: run.method,
      measures,
      correction,
      targets,
      tastes: run.tastes,
      atHand: reach.flatMap((id) => larder.get(id) ?? []),
      mostMl: kitMachine(kit, run.machineId).mostMl,
    };
  }, [run, larder, measures, correction, targets, reach, kit]);
  const ask = useCallback((signal: AbortSignal) => adviseInWorker(input, signal), [input]);
  const { asked, start } = useAsked(input, ask);
  const empty = input.parts.length === 0;
  const nothingWanted = Object.keys(targets).length === 0 && Object.keys(run.tastes).length === 0;
  useEffect(() => {
    if (!empty && !nothingWanted) void start();
  }, [start, empty, nothingWanted]);
  if (empty) return null;
  const nameOf = (id: string) => shortName(larder.get(id)?.name ?? id).toLowerCase();
  const take = (add: readonly Addition[]) => void control.add(add);
  const advice = asked.state === 'answered' ? asked.answer : null;
  const stop = advice?.suggestions.find(({ add }) => add.length === 0);
  const steps = advice?.suggestions.filter(({ add }) => add.length > 0) ?? [];
  return (
    <Box component="section" aria-label="What next">
      <Typography variant="h2">What next?</Typography>
      <Box sx={{ mb: 1 }}>
        This bowl is to be{' '}
        <AimSelect
          label="This bowl is to be"
          value={aimOfTargets(run.targets)}
          onChange={(aim) =>
            void control.note('What it is to be', ({ targets: _old, ...one }) => {
              const own = targetsOfAim(dip.targets, aim);
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
      {stop && (
        <Box
          role="status"
          sx={{
            borderLeft: `5px solid ${colour.bandEdge}`,
            pl: 1.5,
            py: 1,
            fontSize: 22,
            fontWeight: 700,
          }}
        >
          {stop.why}
        </Box>
      )}
      {advice && steps.length > 0 && (
        <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {steps.map((one, i) => (
            <Card
              key={one.add.map(({ ingredient }) => ingredient).join()}
              one={one}
              now={advice.now}
              targets={targets}
              nameOf={nameOf}
              lead={i === 0 && !stop}
              onAdd={take}
            />
          ))}
        </Box>
      )}
      {advice && !stop && targets.chilledBody && (
        <Box sx={{ fontSize: 15, color: colour.muted }}>
          Reckoned for the fridge: warm it is {bodyText(advice.now.warmBody)}, cold{' '}
          {bodyText(advice.now.chilledBody)}.
        </Box>
      )}
      {advice?.rescue && (
        <Box sx={{ ...cautionBox, mt: 1.5, display: 'grid', gap: 0.75 }} role="status">
          <strong>A way back</strong>
          <span>{advice.rescue.why}</span>
          {advice.rescue.add.length > 0 && (
            <>
              <Box sx={{ fontSize: 18, fontWeight: 700 }}>
                {advice.rescue.add
                  .map(({ amount, ingredient }) => `${amount} ${nameOf(ingredient)}`)
                  .join(', ')}
              </Box>
              <Effects now={advice.now} then={advice.rescue.after} targets={targets} />
              {advice.rescue.tooMuchMl > 0 && (
                <span>
                  That is {advice.rescue.tooMuchMl.toFixed(0)} ml more than the machine holds: take
                  some out first, blend the rest, stir together.
                </span>
              )}
              <Button
                variant="outlined"
                sx={{ justifySelf: 'start', minHeight: 48 }}
                onClick={() => take(advice.rescue?.add ?? [])}
              >
                It is in
              </Button>
            </>
          )}
          <span>{advice.rescue.otherUse}</span>
        </Box>
      )}
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mt: 1 }}>
        <Box component="legend" sx={{ fontWeight: 600, p: 0 }}>
          Within reach
        </Box>
        {all.map((id) => (
          <FormControlLabel
            key={id}
            label={nameOf(id)}
            control={
              <Checkbox
                checked={reach.includes(id)}
                onChange={(_, there) =>
                  void control.note('Within reach', (one) => ({
                    ...one,
                    atHand: there ? [...reach, id] : reach.filter((other) => other !== id),
                  }))
                }
              />
            }
          />
        ))}
      </Box>
    </Box>
  );
}
