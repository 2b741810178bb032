'use client';

import { addAmountTexts } from '@cobbet/core/amounts/addAmounts';
import { scaleAmountText } from '@cobbet/core/amounts/scaleAmount';
import { spoonOf } from '@cobbet/core/amounts/spoon';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { type Run } from '@cobbet/core/book/run';
import { entriesOf, type RunEntry } from '@cobbet/core/book/runEvents';
import { runConditions } from '@cobbet/core/book/runBowl';
import { atStep, withLogged, withPartLogged, withSkipped } from '@cobbet/core/book/runEdits';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Addition } from '@cobbet/core/proposal/edit';
import { useCallback, useMemo, useRef, useState } from 'react';
import { editRun, newId } from '@/store/commands';
import { takeAtBowl } from '@/store/takeProposal';
import { useKitchen } from '@/store/useKitchen';

/** What a cook can do with a run; every tap is saved before it is shown. */
export function useRun(dip: Dip, run: Run) {
  const kitchen = useKitchen();
  const { larder, measures } = kitchen;
  const conditions = useMemo(() => runConditions(run, dip, kitchen), [run, dip, kitchen]);
  const [problem, setProblem] = useState<string | null>(null);
  const entries = useMemo(() => entriesOf(run), [run]);
  const entry = entries[run.step];
  const ingredient = entry ? larder.get(entry.planned.ingredientId) : undefined;

  const go = useCallback(
    (step: number) => {
      setProblem(null);
      return editRun(run.id, 'Step', (one) => atStep(one, step), `step ${run.id}`);
    },
    [run.id],
  );

  // a tap belongs to the entry that was on the screen; a second one before the next is drawn belongs to nothing
  const tapped = useRef<RunEntry | null>(null);
  const isFirstTap = useCallback((): boolean => {
    if (entry && tapped.current === entry) {
      setProblem('That one is logged already. Tap again for the next.');
      return false;
    }
    tapped.current = entry ?? null;
    return true;
  }, [entry]);

  const log = useCallback(
    async (amount: string): Promise<boolean> => {
      if (!entry || !ingredient) return false;
      const read = readGrams(amount, ingredient, measures);
      if (!read.ok) {
        setProblem(read.error.message);
        return false;
      }
      if (!isFirstTap()) return false;
      setProblem(null);
      const at = new Date().toISOString();
      return editRun(run.id, `Log ${amount} ${ingredient.name}`, (one) =>
        withLogged(one, entry.rowId, { ...read.value, amount, at }),
      );
    },
    [entry, ingredient, measures, run.id, isFirstTap],
  );

  const logText = useCallback(
    (read: ReturnType<typeof scaleAmountText>) => {
      if (read.ok) return log(read.value);
      setProblem(read.error.message);
      return Promise.resolve(false);
    },
    [log],
  );

  const written = entry?.planned.planned ?? entry?.planned.amount ?? '';
  const logAsWritten = useCallback(() => log(written), [log, written]);
  // the other half stays next in line
  const logHalf = useCallback(async (): Promise<boolean> => {
    if (!entry || !ingredient) return false;
    const half = scaleAmountText(entry.planned.amount, 0.5);
    const read = half.ok ? readGrams(half.value, ingredient, measures) : half;
    if (!half.ok || !read.ok) {
      setProblem(read.ok ? null : read.error.message);
      return false;
    }
    if (!isFirstTap()) return false;
    setProblem(null);
    const went = { ...read.value, amount: half.value, at: new Date().toISOString() };
    const { massG, cv } = went;
    const row = { ...entry.planned, planned: half.value, amount: half.value, massG, cv };
    const rest = { id: newId(), row };
    return editRun(run.id, `Log ${half.value} ${ingredient.name}`, (one) =>
      withPartLogged(one, entry.rowId, went, rest),
    );
  }, [entry, ingredient, measures, run.id, isFirstTap]);
  const spoon = ingredient ? spoonOf(ingredient, measures).text : null;
  const logMore = useCallback(
    () => (spoon === null ? Promise.resolve(false) : logText(addAmountTexts(written, spoon))),
    [spoon, written, logText],
  );

  const skip = useCallback(
    () =>
      entry && isFirstTap()
        ? editRun(run.id, 'Leave it out', (one) =>
            withSkipped(one, entry.rowId, new Date().toISOString()),
          )
        : Promise.resolve(false),
    [run.id, entry, isFirstTap],
  );

  const add = useCallback(
    (additions: readonly Addition[], instead?: string) => takeAtBowl(run.id, additions, instead),
    [run.id],
  );

  const note = useCallback(
    (label: string, edit: (one: Run) => Run, mergeKey?: string) =>
      editRun(run.id, label, edit, mergeKey),
    [run.id],
  );

  return {
    dip,
    kitchen,
    larder,
    conditions,
    entries,
    entry,
    ingredient,
    problem,
    /** One spoon or piece of what is in hand; null where nothing is. */
    spoon,
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
