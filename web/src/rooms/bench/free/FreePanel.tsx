'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { proposeForDip } from '@cobbet/core/proposal/proposeForDip';
import type { FreeProposal } from '@cobbet/core/swap/freeOf';
import { freeEdits, swapQuestionOf } from '@cobbet/core/swap/swapDip';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useAsked } from '@/components/useAsked';
import { useSame } from '@/components/useSame';
import { newId } from '@/store/newId';
import { takeFree } from '@/store/swapCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { madeFreeInWorker } from '@/workers/estimatesClient';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import { FreeCard } from './FreeCard';
import { freeChoices, freeOfAll } from './freeChoices';

/** A whole dip made free of what somebody can't have: two or three ways, drawn on the line, taken as a variant. */
export function FreePanel({
  bench,
  onLook,
  onClose,
}: {
  bench: Bench;
  onLook: (proposal: Proposal | null) => void;
  onClose: () => void;
}) {
  const { dip, kitchen, parts } = bench;
  const router = useRouter();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [open, setOpen] = useState<number | null>(null);
  const choices = freeChoices(parts);
  const on = choices.filter(({ id }) => chosen.includes(id));
  const question = useSame(
    useMemo(() => {
      const asked = swapQuestionOf(bench, kitchen, dip.rows[0]?.id ?? '', 'strength');
      const locked = dip.rows.flatMap((row, i) => (row.noSubstitute === undefined ? [] : [i]));
      return asked && { ...asked, locked };
    }, [bench, kitchen, dip.rows]),
  );
  const free = useSame(freeOfAll(on));
  const nothing = on.length === 0;
  const ask = useCallback(
    (signal: AbortSignal) => {
      if (!question) throw new Error('Mend the amounts that can’t be read first.');
      return madeFreeInWorker(question, [...kitchen.larder.values()], free, signal);
    },
    [question, kitchen.larder, free],
  );
  const { asked, start } = useAsked(ask, ask);
  useEffect(() => {
    if (!nothing) void start();
  }, [start, nothing]);
  const editsOf = (one: FreeProposal) => freeEdits(dip, question?.parts ?? [], one, newId);
  const look = (place: number | null, one?: FreeProposal) => {
    setOpen(place);
    onLook(
      one
        ? proposeForDip(dip, kitchen, { maker: 'swap', label: one.words, edits: editsOf(one) })
        : null,
    );
  };
  const named = on.map((choice) => choice.named).join(', ');
  const take = async (one: FreeProposal, asVariant: boolean) => {
    const name = asVariant ? `${dip.name}, ${named}`.slice(0, 200) : null;
    const why = free.allergens.length > 0 ? 'allergy' : 'on purpose';
    const before = question?.parts ?? [];
    const label = `Make it ${named}`;
    const id = await takeFree(dip, label, editsOf(one), before, one, name, why);
    onClose();
    if (name !== null) router.push(`/bench?dip=${encodeURIComponent(id)}`);
  };
  return (
    <Box component="section" aria-label="Make it free of" sx={{ minWidth: 0 }}>
      <PanelHead close="Close free of" onClose={onClose}>
        Make it free of
      </PanelHead>
      {choices.length === 0 && <Box role="status">It carries nothing anybody leaves out.</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 1 }}>
        {choices.map(({ id, word }) => {
          const isOn = chosen.includes(id);
          return (
            <Button
              key={id}
              size="small"
              variant={isOn ? 'contained' : 'outlined'}
              aria-pressed={isOn}
              sx={{ px: 1, minWidth: 0 }}
              onClick={() => {
                setChosen(isOn ? chosen.filter((one) => one !== id) : [...chosen, id]);
                look(null);
              }}
            >
              {word}
            </Button>
          );
        })}
      </Box>
      {!nothing && asked.state === 'working' && <Box role="status">Working it out…</Box>}
      {asked.state === 'failed' && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {asked.message} <Button onClick={() => void start()}>Try again</Button>
        </Box>
      )}
      {!nothing && asked.state === 'answered' && (
        <>
          {asked.answer.cannot !== null && (
            <Box role="status" sx={{ color: colour.caution, mb: 1 }}>
              {asked.answer.cannot}
            </Box>
          )}
          <Box
            component="ol"
            aria-label="Ways to make it so"
            sx={{ m: 0, p: 0, listStyle: 'none' }}
          >
            {asked.answer.proposals.map((one, place) => (
              <FreeCard
                key={one.words + String(place)}
                one={one}
                targets={dip.targets}
                open={open === place}
                onOpen={() => (open === place ? look(null) : look(place, one))}
                onVariant={() => void take(one, true)}
                onHere={() => void take(one, false)}
              />
            ))}
          </Box>
          <Box sx={{ mt: 1, fontSize: typeScale.small, color: colour.muted }}>
            By the larder’s traits: read the labels, and keep it apart in machine, bowls and spoons.
          </Box>
        </>
      )}
    </Box>
  );
}
