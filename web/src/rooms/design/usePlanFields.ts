'use client';

import { mixVolumeMl, mixOf } from '@cobbet/core/mix/mix';
import { termCount } from '@cobbet/core/design/mixtureModel';
import type { DipInKitchen } from '@cobbet/core/dip/analyseDip';
import { workMinutes } from '@cobbet/core/book/workMinutes';
import { median } from '@cobbet/core/statistics/quantile';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';
import { useBook } from '@/store/bookStore';

/** Trials beside one for each term, so that what is learned can be held against something. */
const spare = 3;
const mostTrials = 40;
/** A bowl is planned a little over what the machine grips, as a share of it. */
const overLeast = 1.15;

/** A whole number as typed; the usual one while nothing is, null where it is none. */
function wholeOf(text: string, usual: number, least: number, most: number): number | null {
  if (text.trim() === '') return usual;
  const value = typedNumber(text);
  return value !== null && Number.isInteger(value) && value >= least && value <= most
    ? value
    : null;
}

/**
 * How many trials, how large, how many twice and in a day: as typed and as understood.
 *
 * @param q things whose shares are varied
 * @param figures varied beside them
 */
export function usePlanFields(
  q: number,
  figures: number,
  { dip, parts, conditions, machine }: DipInKitchen,
) {
  const [typed, setTyped] = useState({ many: '', each: '', twice: '', day: '' });
  const trials = useBook((state) => state.book.trials);
  const worked = [...trials.values()].flatMap((one) =>
    one.dipId === dip.id ? (workMinutes(one) ?? []) : [],
  );
  const mix = mixOf(parts);
  const writtenG = parts.reduce((sum, { massG }) => sum + massG, 0);
  const perMl = writtenG / Math.max(1, mixVolumeMl(mix, conditions.method));
  const leastG = Math.ceil((machine.leastMl * perMl * overLeast) / 10) * 10;
  const least = q + figures;
  const usual = { many: termCount('quadratic', q, figures) + spare, twice: 1, day: null };
  const many = wholeOf(typed.many, usual.many, least, mostTrials);
  const twice = wholeOf(typed.twice, usual.twice, 0, Math.max(0, (many ?? least) - least));
  const day = typed.day.trim() === '' ? undefined : wholeOf(typed.day, 1, 1, mostTrials);
  const each = typed.each.trim() === '' ? undefined : typedNumber(typed.each);
  const wrong = (): string | null => {
    if (many === null) return `Between ${least} and ${mostTrials} trials.`;
    if (twice === null)
      return `Between none and ${Math.max(0, many - least)} of them can be done twice.`;
    if (day === null) return `Between 1 and ${mostTrials} a day.`;
    if (each === null || (each !== undefined && (each < 10 || each > 20_000))) {
      return 'Between 10 g and 20 kg each.';
    }
    return null;
  };
  const said = wrong();
  return {
    ...{ typed, usual, leastG, wrong: said },
    machineName: machine.name,
    type: (change: Partial<typeof typed>) => setTyped({ ...typed, ...change }),
    asked: {
      n: many ?? usual.many,
      repeats: twice ?? 0,
      perDay: day ?? undefined,
      eachG: each ?? undefined,
    },
    /** What so many bowls take by the times of those that were made; null where none were kept. */
    workMin: worked.length > 0 ? (many ?? 0) * median(worked) : null,
    allG: (many ?? 0) * (each ?? writtenG),
    tooSmall: (each ?? writtenG) < leastG / overLeast,
  };
}

export type Planned = ReturnType<typeof usePlanFields>;
