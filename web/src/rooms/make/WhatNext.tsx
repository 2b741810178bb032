'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import type { Suggestion } from '@cobbet/core/advise/suggestion';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { aimOfTargets, targetsOfAim } from '@cobbet/core/book/aim';
import type { Run } from '@cobbet/core/book/run';
import { adviceQuestion, runTargets, withinReach } from '@cobbet/core/book/runBowl';
import type { TargetName, Targets } from '@cobbet/core/mix/targets';
import { alwaysAtHand } from '@cobbet/core/larder/everyday';
import type { Rescue } from '@cobbet/core/advise/rescue';
import type { Addition } from '@cobbet/core/proposal/edit';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useCallback, useEffect, useMemo } from 'react';
import { bodyText } from '@/components/bodyText';
import { consequenceWords, costWords, figureChanges, moves } from '@/components/proposalWords';
import { shortName } from '@/components/shortName';
import { useAsked } from '@/components/useAsked';
import { useSame } from '@/components/useSame';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { adviseInWorker } from '@/workers/landingClient';
import { AimSelect } from './AimSelect';
import type { RunControl } from './useRun';

/** What a step would do to the figures that are asked about. */
function Effects({ proposal, targets }: { proposal: Proposal; targets: Targets }) {
  const names: TargetName[] = [
    ...(targets.freshBody ? (['freshBody'] as const) : []),
    ...(targets.chilledBody ? (['chilledBody'] as const) : []),
    'saltG',
    'acidG',
    ...(moves('garlicG', proposal) ? (['garlicG'] as const) : []),
    'massG',
  ];
  const lines = figureChanges(proposal, names).map(
    ({ label, from, to }) => `${label} ${from} → ${to}`,
  );
  const words = [...lines, ...consequenceWords(proposal.consequences)];
  return <Box sx={{ fontSize: typeScale.text, color: colour.muted }}>{words.join(' · ')}</Box>;
}

/** Things and how much of each, in a line. */
const said = (add: readonly Addition[], nameOf: (id: string) => string, joint: string) =>
  add.map(({ amount, ingredient }) => `${amount} ${nameOf(ingredient)}`).join(joint);

function Card({
  one,
  targets,
  nameOf,
  lead,
  onAdd,
}: {
  one: Suggestion;
  targets: Targets;
  nameOf: (id: string) => string;
  /** The first is the one to take. */
  lead: boolean;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const { proposal } = one;
  const risk = Math.round(100 * (proposal.sure.overshoot ?? 0));
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
      <Box
        sx={{ fontSize: lead ? typeScale.large : typeScale.lead, fontWeight: 700, lineHeight: 1.2 }}
      >
        {said(one.add, nameOf, ' and ')}
      </Box>
      <Box sx={{ fontSize: typeScale.text }}>{proposal.why}</Box>
      <Effects proposal={proposal} targets={targets} />
      <Box sx={{ fontSize: typeScale.text, color: risk >= 20 ? colour.caution : colour.muted }}>
        {risk < 1 ? 'hardly a chance' : `${risk} in 100`} that all of it goes too far ·{' '}
        {costWords(proposal.consequences)}
        {proposal.misses.length > 0 && ' · does not get there by itself'}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button
          variant={lead ? 'contained' : 'outlined'}
          sx={{ minHeight: 56, fontSize: typeScale.lead, lineHeight: 1.2 }}
          onClick={() => onAdd(one.firstStep)}
        >
          First {said(one.firstStep, nameOf, ' and ')}
        </Button>
        <Button sx={{ minHeight: 56 }} onClick={() => onAdd(one.add)}>
          All of it is in
        </Button>
      </Box>
    </Box>
  );
}

/** The way back from what can't be taken out, half of it first, and what else the bowl is good for. */
function WayBack({
  rescue: { add, firstStep, proposal, divide, otherUse },
  targets,
  nameOf,
  onAdd,
}: {
  rescue: Rescue;
  targets: Targets;
  nameOf: (id: string) => string;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const { overfillMl } = proposal.consequences;
  return (
    <Box sx={{ ...cautionBox, mt: 1.5, display: 'grid', gap: 0.75 }} role="status">
      <strong>A way back</strong>
      <span>{proposal.why}</span>
      {add.length > 0 && (
        <>
          <Box sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>{said(add, nameOf, ', ')}</Box>
          <Effects proposal={proposal} targets={targets} />
          {divide && (
            <span>
              Or take {printGrams(divide.takeOutG)} out for the freezer and mend the rest with{' '}
              {said(divide.add, nameOf, ', ')}.
            </span>
          )}
          {!divide && overfillMl > 0.5 && (
            <span>Take some out first, blend the rest, stir together.</span>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button
              variant="outlined"
              sx={{ minHeight: 48, lineHeight: 1.2 }}
              onClick={() => onAdd(firstStep)}
            >
              First half: {said(firstStep, nameOf, ', ')}
            </Button>
            <Button sx={{ minHeight: 48 }} onClick={() => onAdd(add)}>
              All of it is in
            </Button>
          </Box>
        </>
      )}
      <span>{otherUse}</span>
    </Box>
  );
}

/** What to add next to the bowl as it really is: additions only, out of what is within reach, half of it first. */
export function WhatNext({ run, control }: { run: Run; control: RunControl }) {
  const { dip, kitchen, larder } = control;
  const targets = runTargets(run, dip);
  const reach = useMemo(() => withinReach(run, dip), [run, dip]);
  const all = useMemo(
    () => [...new Set([...reach, ...alwaysAtHand, ...dip.rows.map((row) => row.ingredientId)])],
    [reach, dip.rows],
  );
  // a note written down changes the run and not what is asked about its bowl
  const input = useSame(useMemo(() => adviceQuestion(run, dip, kitchen), [run, dip, kitchen]));
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
    <Panel title="What next?" label="What next">
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
      {advice && advice.stale.length > 0 && (
        <Box role="note" sx={{ mb: 1 }}>
          Tasted before what went in since: {advice.stale.join(', ')}. It no longer counts; taste
          again.
        </Box>
      )}
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
            <Card
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
      {advice && !stop && targets.chilledBody && (
        <Box sx={{ fontSize: typeScale.text, color: colour.muted }}>
          Predicted for the fridge: warm it is {bodyText(advice.now.warmBody)}, cold{' '}
          {bodyText(advice.now.chilledBody)}.
        </Box>
      )}
      {advice?.rescue && (
        <WayBack rescue={advice.rescue} targets={targets} nameOf={nameOf} onAdd={take} />
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
    </Panel>
  );
}
