'use client';

import { addAmountTexts } from '@cobbet/core/amounts/addAmounts';
import { scaleAmountText } from '@cobbet/core/amounts/scaleAmount';
import { spoonOf } from '@cobbet/core/amounts/spoon';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { type Run } from '@cobbet/core/book/run';
import { entriesOf, type RunEntry, type WentIn } from '@cobbet/core/book/runEvents';
import { runConditions } from '@cobbet/core/book/runBowl';
import { atStep, withLogged, withPartLogged, withSkipped } from '@cobbet/core/book/runEdits';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Addition } from '@cobbet/core/proposal/edit';
import { useCallback, useMemo, useRef, useState } from 'react';
import { logKeepingRest } from '@/store/byproductCommands';
import { newId } from '@/store/newId';
import { editRun } from '@/store/runCommands';
import { takeAtBowl } from '@/store/takeAtBowl';
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

  const logAs = useCallback(
    async (amount: string, save: (entry: RunEntry, went: WentIn) => Promise<boolean>) => {
      if (!entry || !ingredient) return false;
      const read = readGrams(amount, ingredient, measures);
      if (!read.ok) {
        setProblem(read.error.message);
        return false;
      }
      if (!isFirstTap()) return false;
      setProblem(null);
      return save(entry, { ...read.value, amount, at: new Date().toISOString() });
    },
    [entry, ingredient, measures, isFirstTap],
  );
  const editLogged = useCallback(
    (went: WentIn, edit: (one: Run) => Run) =>
      editRun(run.id, `Log ${went.amount} ${ingredient?.name ?? ''}`, edit),
    [run.id, ingredient],
  );
  const log = useCallback(
    (amount: string) =>
      logAs(amount, ({ rowId }, went) => editLogged(went, (one) => withLogged(one, rowId, went))),
    [logAs, editLogged],
  );
  const logKeeping = useCallback(
    (amount: string) => logAs(amount, (logged, went) => logKeepingRest(run.id, logged, went)),
    [logAs, run.id],
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
  const logHalf = useCallback(() => {
    const half = scaleAmountText(entry?.planned.amount ?? '', 0.5);
    if (!entry || !half.ok) return logText(half);
    const id = newId();
    return logAs(half.value, ({ rowId, planned }, went) => {
      const { amount, massG, cv } = went;
      const row = { ...planned, planned: amount, amount, massG, cv };
      return editLogged(went, (one) => withPartLogged(one, rowId, went, { id, row }));
    });
  }, [entry, logAs, logText, editLogged]);
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
    /** Logs a part and keeps the rest in the ledger. */
    logKeeping,
    logMore,
    say: setProblem,
    skip,
    add,
    note,
  };
}

export type RunControl = ReturnType<typeof useRun>;
