'use client';

import { labelAllergens, labelItems } from '@cobbet/core/batch/label';
import { nutritionOf, scaledNutrition } from '@cobbet/core/batch/nutrition';
import type { Batch, Pot } from '@cobbet/core/book/batch';
import { madeHere, openedMade } from '@cobbet/core/book/madeHere';
import { trialParts } from '@cobbet/core/book/trialParts';
import { allergensOf } from '@cobbet/core/dip/analyse';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { everyday } from '@cobbet/core/larder/everyday';
import { dipMass, type Part } from '@cobbet/core/mix/part';
import type { Keeping } from '@cobbet/core/safety/keeping';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useLarder, useSettings } from '@/store/useKitchen';
import type { LabelWords } from './LabelFace';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const printed = (date: string) => day.format(new Date(`${date}T12:00`));

/** What other dips of the same machine hold and this one does not. */
function useMayContain({ machineId }: Batch, own: readonly string[]): string[] {
  const trials = useBook(({ book }) => book.trials);
  const larder = useLarder();
  return useMemo(() => {
    const others = [...trials.values()]
      .filter((one) => one.machineId === machineId)
      .flatMap(({ rows }) => allergensOf(trialParts(rows, larder)).map(allergenWord));
    return [...new Set(others)].filter((one) => !own.includes(one)).sort();
  }, [trials, larder, machineId, own]);
}

/** What made things are made of, as a label opens them. */
function useOpenedMade() {
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  const { measures } = useSettings();
  const larder = useLarder();
  return useMemo(
    () => openedMade(madeHere({ things, dips }), larder, measures),
    [things, dips, larder, measures],
  );
}

/** What each pot's label says. */
export function useLabelWords(
  batch: Batch,
  parts: readonly Part[],
  pots: readonly Pot[],
  keepingOf: (pot: Pot) => Keeping,
): LabelWords[] {
  const larder = useLarder();
  const opened = useOpenedMade();
  const oilG = pots.reduce((sum, pot) => sum + pot.oilG, 0);
  const { items, contains, per100g } = useMemo(() => {
    const oil = larder.get(everyday.oil);
    const all = oil && oilG > 0 ? [...parts, { ingredient: oil, massG: oilG }] : parts;
    // of a made thing the label says what went in
    const listed = labelItems(batch.thing ? trialParts(batch.rows, larder) : all, opened);
    const inBowl = parts.filter(({ place }) => place !== 'top');
    return {
      items: listed,
      contains: labelAllergens(listed),
      per100g: scaledNutrition(nutritionOf(inBowl), 100 / Math.max(1, dipMass(parts))),
    };
  }, [parts, batch.thing, batch.rows, larder, oilG, opened]);
  const mayContain = useMayContain(batch, contains);
  return pots.map((pot): LabelWords => {
    const { useBy } = keepingOf(pot);
    return {
      ...{ name: batch.name, items, contains, mayContain, code: batch.code, netG: pot.g },
      madeOn: printed(batch.madeOn),
      useBy: useBy === null ? null : printed(useBy),
      portions: Math.max(1, Math.floor(pot.g / batch.portionG)),
      portionG: batch.portionG,
      per100g,
      portion: scaledNutrition(per100g, batch.portionG / 100),
      address: `${window.location.origin}/house?batch=${encodeURIComponent(batch.id)}`,
    };
  });
}
