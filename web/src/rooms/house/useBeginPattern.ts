'use client';

import { type fillPattern, startingAmounts } from '@cobbet/core/dip/fromHouse';
import type { LandingPart } from '@cobbet/core/landing/landParts';
import { dipConditions } from '@cobbet/core/dip/analyseDip';
import { emptyDip } from '@cobbet/core/dip/dip';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { namesIn } from '@/components/shortName';
import { addWholeDip } from '@/store/dipCommands';
import { useKitchen } from '@/store/useKitchen';
import type { Pattern } from '@cobbet/core/dip/patterns';

/**
 * Starts a dip from a pattern: its amounts landed in spoons on the pattern's targets, then opened on the Bench.
 *
 * @param massG how much is wanted, g; null where what is typed is no such amount
 */
export function useBeginPattern(
  pattern: Pattern,
  filled: ReturnType<typeof fillPattern>,
  massG: number | null,
) {
  const router = useRouter();
  const kitchen = useKitchen();
  const { larder, measures } = kitchen;
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async () => {
    if (massG === null) return;
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
  return { busy, problem, begin };
}
