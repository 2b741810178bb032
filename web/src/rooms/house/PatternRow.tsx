'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import {
  fillPattern,
  type InHouse,
  type Makeable,
  massUsingAll,
  startingAmounts,
} from '@cobbet/core/dip/fromHouse';
import { canPlay } from '@cobbet/core/dip/patterns';
import type { LandingPart } from '@cobbet/core/landing/landParts';
import { dipConditions } from '@cobbet/core/dip/analyseDip';
import { emptyDip } from '@cobbet/core/dip/dip';
import { fromTheTap } from '@cobbet/core/larder/everyday';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { RoleMark } from '@/components/RoleMark';
import { namesIn } from '@/components/shortName';
import { addWholeDip } from '@/store/commands';
import { useKitchen, useLarder } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** One kind of dip from what is in the house; opened, its parts can be picked and its size set. */
export function PatternRow({
  made,
  house,
  open,
  onOpen,
}: {
  made: Makeable;
  house: readonly InHouse[];
  open: boolean;
  onOpen: () => void;
}) {
  const larder = useLarder();
  const { pattern, missing, little, limitedBy, mostG, usesUp } = made;
  const name = namesIn(larder);
  const can = missing.length === 0;
  return (
    <Box sx={{ py: 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1.5 }}>
        <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.4 }}>
          <Box
            sx={{
              fontWeight: 700,
              fontSize: typeScale.lead,
              color: can ? colour.ink : colour.muted,
            }}
          >
            {pattern.name}
            {can && (
              <Box component="span" sx={{ fontWeight: 400, fontSize: typeScale.text }}>
                {' '}
                about {Math.round(mostG / 10) * 10} g
                {limitedBy && `, as far as the ${name(limitedBy)} goes`}
              </Box>
            )}
          </Box>
          <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
            {usesUp.length > 0 && (
              <Box component="span" sx={{ color: colour.bandEdge, fontWeight: 600 }}>
                uses up {usesUp.map(name).join(' and ')}
                {' · '}
              </Box>
            )}
            {missing.length > 0 && `needs ${missing.map(name).join(', ')}`}
            {missing.length > 0 && little.length > 0 && ' · '}
            {little.length > 0 && `and a little ${little.map(name).join(', ')}`}
            {missing.length === 0 && little.length === 0 && 'everything is there'}
          </Box>
        </Box>
        <Button
          size="small"
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'Open'} ${pattern.name}`}
          onClick={onOpen}
        >
          {open ? 'Close' : 'Open'}
        </Button>
      </Box>
      {open && <OpenPattern made={made} house={house} />}
    </Box>
  );
}

function OpenPattern({ made, house }: { made: Makeable; house: readonly InHouse[] }) {
  const router = useRouter();
  const kitchen = useKitchen();
  const { larder, measures } = kitchen;
  const { pattern } = made;
  const [picks, setPicks] = useState<Record<number, string>>({});
  const [size, setSize] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const filled = useMemo(
    () => fillPattern(pattern, house, larder, picks),
    [pattern, house, larder, picks],
  );
  const massG = typedNumber(size ?? String(Math.round(filled.mostG / 10) * 10));
  const wrong = massG === null || massG < 50 || massG > 50_000;
  const inHouse = new Set(house.map(({ ingredientId }) => ingredientId));
  const begin = async () => {
    if (wrong || massG === null) return;
    setBusy(true);
    setProblem(null);
    const parts = startingAmounts(filled, massG).flatMap((one): LandingPart[] => {
      const ingredient = larder.get(one.ingredientId);
      if (!ingredient) return [];
      const { text, massG: own } = nearestKitchenMeasure(one.massG, ingredient, measures);
      return [
        {
          ingredient,
          massG: own,
          cv: 0.08,
          place: 'bowl',
          hold: false,
          minG: one.minG,
          maxG: one.maxG,
          amountText: text,
        },
      ];
    });
    try {
      const { landInWorker } = await import('@/workers/landingClient');
      const answer = await landInWorker(
        {
          parts,
          targets: { ...pattern.targets, massG: { low: massG * 0.94, high: massG * 1.06 } },
          kitchenMeasures: true,
          // nothing was ever read of a dip that is only now being put together
          conditions: dipConditions(emptyDip('', pattern.name, ''), kitchen),
        },
        new AbortController().signal,
      );
      const landed = answer.feasible ? answer.parts : answer.nearest.parts;
      const lead = filled.filled.find(({ slot }) => slot.name === 'base')?.ingredientId ?? '';
      const id = await addWholeDip(`${pattern.name}, ${namesIn(larder)(lead)}`, {
        family: pattern.family,
        targets: pattern.targets,
        note: answer.feasible
          ? 'Put together from what was in the house.'
          : 'Put together from what was in the house; it does not quite land yet.',
        rows: landed
          .filter(({ massG: own }) => own > 0)
          .map(({ ingredient, amount }) => ({ ingredientId: ingredient, amount })),
      });
      router.push(`/bench?dip=${encodeURIComponent(id)}`);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'It could not be worked out.');
      setBusy(false);
    }
  };
  return (
    <Box sx={{ mt: 1, p: 1.75, bgcolor: colour.board, borderRadius: 1 }}>
      <Box
        component="ul"
        aria-label={`Parts of ${pattern.name}`}
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          columnGap: 3,
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
        }}
      >
        {filled.filled.map(({ slot, ingredientId, fromHouse }, i) => {
          const role = larder.get(ingredientId)?.role;
          const players = [...larder.values()].filter((one) => canPlay(slot, one));
          return (
            <Box
              component="li"
              key={i}
              sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 42 }}
            >
              {role && <RoleMark role={role} />}
              <NativeSelect
                value={ingredientId}
                inputProps={{ 'aria-label': `${slot.name} of ${pattern.name}` }}
                onChange={(event) => setPicks({ ...picks, [i]: event.target.value })}
                sx={{ flex: 1, minWidth: 0 }}
              >
                {players.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {inHouse.has(id) ? '● ' : ''}
                    {name}
                  </option>
                ))}
              </NativeSelect>
              <Box
                sx={{
                  width: 92,
                  fontSize: typeScale.small,
                  color: fromHouse ? colour.bandEdge : colour.muted,
                }}
              >
                {slot.name},{' '}
                {fromHouse ? 'in the house' : fromTheTap.has(ingredientId) ? 'the tap' : 'to get'}
              </Box>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mt: 1 }}>
        <Box sx={{ width: 150 }}>
          <MeasuredField
            label="How much"
            unit="g"
            value={size ?? String(Math.round(filled.mostG / 10) * 10)}
            problem={wrong ? 'From 50 to 50000 g.' : null}
            onChange={setSize}
          />
        </Box>
        {filled.filled
          .filter(({ slot, fromHouse }) => fromHouse && slot.needed)
          .map(({ ingredientId }) => {
            const item = house.find((one) => one.ingredientId === ingredientId);
            const all = item && massUsingAll(filled, item);
            if (!all) return null;
            return (
              <Button
                key={ingredientId}
                size="small"
                sx={{ mt: 1.5 }}
                onClick={() => setSize(String(Math.round(all / 10) * 10))}
              >
                Use all the {namesIn(larder)(ingredientId)}
              </Button>
            );
          })}
      </Box>
      {problem && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {problem}
        </Box>
      )}
      <Button variant="contained" disabled={busy || wrong} onClick={() => void begin()}>
        {busy ? 'Working it out…' : 'Start it on the Bench'}
      </Button>
    </Box>
  );
}
