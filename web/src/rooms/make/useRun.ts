'use client';

import type { Dip } from '@cobbet/core/book/dip';
import type { Run, RunEntry } from '@cobbet/core/book/run';
import { addAmountTexts } from '@cobbet/core/quantity/addAmounts';
import { countedPiece } from '@cobbet/core/quantity/kitchenMeasure';
import { scaleAmountText } from '@cobbet/core/quantity/scaleAmount';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { measuringCv } from '@cobbet/core/quantity/spread';
import { readGrams } from '@cobbet/core/quantity/toGrams';
import { useCallback, useState } from 'react';
import type { Addition } from '@cobbet/core/advise/solveAdditions';
import { editRun, newId } from '@/store/commands';
import { useCorrection } from '@/store/bookCalibration';
import { useLarder, useSettings } from '@/store/useDip';

function withEntry(run: Run, index: number, edit: (entry: RunEntry) => RunEntry): Run {
  return { ...run, entries: run.entries.map((entry, i) => (i === index ? edit(entry) : entry)) };
}

/** The first addition that is neither in nor left out; the number of entries when there is none. */
export function nextOpen({ entries }: Run): number {
  const at = entries.findIndex(({ done, skipped }) => !done && !skipped);
  return at < 0 ? entries.length : at;
}

/** One spoon or piece of a thing: what is strong goes by the small spoon. */
export function oneSpoon(ingredient: Ingredient): string {
  const piece = countedPiece(ingredient);
  if (piece) return `1 ${piece.word}`;
  const strong = ['salt', 'spice', 'umami', 'sweetener', 'aromatic'].includes(ingredient.role);
  return strong ? '1 tsp' : '1 tbsp';
}

/** What a cook can do with a run; every tap is saved before it is shown. */
export function useRun(dip: Dip, run: Run) {
  const larder = useLarder();
  const correction = useCorrection(dip.id, run.machineId);
  const { measures } = useSettings();
  const [problem, setProblem] = useState<string | null>(null);
  const entry = run.entries[run.step];
  const ingredient = entry ? larder.get(entry.planned.ingredientId) : undefined;

  const go = useCallback(
    (step: number) => {
      setProblem(null);
      const to = Math.min(run.entries.length, Math.max(0, step));
      return editRun(
        run.id,
        'Step',
        (one) => (one.step === to ? one : { ...one, step: to }),
        `step ${run.id}`,
      );
    },
    [run.id, run.entries.length],
  );

  const log = useCallback(
    async (amount: string): Promise<boolean> => {
      if (!entry || !ingredient) return false;
      const read = readGrams(amount, ingredient, measures);
      if (!read.ok) {
        setProblem(read.error.message);
        return false;
      }
      setProblem(null);
      const { massG, cv } = read.value;
      const at = new Date().toISOString();
      return editRun(run.id, `Log ${amount} ${ingredient.name}`, (one) => ({
        ...withEntry(one, run.step, (old) => ({
          ...old,
          done: { amount, massG, cv, at },
          skipped: false,
        })),
        step: run.step + 1,
      }));
    },
    [entry, ingredient, measures, run.id, run.step],
  );

  const logAsWritten = useCallback(
    () => log(entry?.planned.planned ?? entry?.planned.amount ?? ''),
    [entry, log],
  );

  const logHalf = useCallback(() => {
    const half = scaleAmountText(entry?.planned.amount ?? '', 0.5);
    if (half.ok) return log(half.value);
    setProblem(half.error.message);
    return Promise.resolve(false);
  }, [entry, log]);

  const logMore = useCallback(() => {
    if (!entry || !ingredient) return Promise.resolve(false);
    const more = addAmountTexts(
      entry.planned.planned ?? entry.planned.amount,
      oneSpoon(ingredient),
    );
    if (more.ok) return log(more.value);
    setProblem(more.error.message);
    return Promise.resolve(false);
  }, [entry, ingredient, log]);

  const skip = useCallback(
    () =>
      editRun(run.id, 'Leave it out', (one) => ({
        ...withEntry(one, run.step, (old) => ({ ...old, done: null, skipped: true })),
        step: run.step + 1,
      })),
    [run.id, run.step],
  );

  const add = useCallback(
    (additions: readonly Addition[], place: 'bowl' | 'fold' = 'bowl') => {
      const at = new Date().toISOString();
      const entries = additions.map(({ ingredient: ingredientId, amount, massG }): RunEntry => ({
        rowId: newId(),
        planned: { ingredientId, planned: null, amount, massG, cv: measuringCv.spoon, place },
        prep: '',
        done: { amount, massG, cv: measuringCv.spoon, at },
        skipped: false,
      }));
      const names = additions.map(({ amount }) => amount).join(', ');
      return editRun(run.id, `Add ${names}`, (one) => {
        // before what is still to come, so that the order stays that of the bowl
        const to = Math.min(one.step, nextOpen(one));
        return {
          ...one,
          entries: [...one.entries.slice(0, to), ...entries, ...one.entries.slice(to)],
          step: one.step + entries.length,
        };
      });
    },
    [run.id],
  );

  const note = useCallback(
    (label: string, edit: (one: Run) => Run, mergeKey?: string) =>
      editRun(run.id, label, edit, mergeKey),
    [run.id],
  );

  return {
    dip,
    larder,
    correction,
    measures,
    entry,
    ingredient,
    problem,
    go,
    log,
    logAsWritten,
    logHalf,
    logMore,
    say: setProblem,
    skip,
    add,
    note,
  };
}

export type RunControl = ReturnType<typeof useRun>;
