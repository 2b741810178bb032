'use client';

import { neighbouringMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { withAmount } from '@cobbet/core/book/dipEdits';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { editDip } from '@/store/dipCommands';
import { useKitchen } from '@/store/useKitchen';

/**
 * The dip on the bench as it is being typed: every key counts and is kept at once; Escape takes back what was typed since
 * the field was entered.
 */
export function useBench(dip: Dip) {
  const kitchen = useKitchen();
  const { measures } = kitchen;
  const rowsNow = useRef(dip.rows);
  useEffect(() => {
    rowsNow.current = dip.rows;
  }, [dip.rows]);
  // what is being typed in stands as typed, whatever amounts are shown in
  const [typing, setTyping] = useState<ReadonlySet<string>>(new Set());
  // what stood in a field before it was typed in
  const before = useRef(new Map<string, string>());

  const amountTo = useCallback(
    (rowId: string, text: string, label: string) =>
      editDip(dip.id, label, (one) => withAmount(one, rowId, text), `amount ${rowId}`),
    [dip.id],
  );

  const type = useCallback(
    (rowId: string, text: string) => {
      const amount = rowsNow.current.find(({ id }) => id === rowId)?.amount;
      if (amount !== undefined && !before.current.has(rowId)) before.current.set(rowId, amount);
      setTyping((now) => (now.has(rowId) ? now : new Set([...now, rowId])));
      void amountTo(rowId, text, `Amount ${text === '' ? 'emptied' : text}`);
    },
    [amountTo],
  );

  /** The cook is done with a field: Escape has nothing more to take back. */
  const done = useCallback((rowId: string) => {
    before.current.delete(rowId);
    setTyping((now) => (now.has(rowId) ? new Set([...now].filter((id) => id !== rowId)) : now));
  }, []);

  const forget = useCallback(
    (rowId: string) => {
      const was = before.current.get(rowId);
      done(rowId);
      if (was !== undefined) void amountTo(rowId, was, 'Amount as it was');
    },
    [amountTo, done],
  );

  // reads the row as it is now without making the function a new one for every keystroke
  const reads = useRef<readonly ReadRow[]>([]);
  const step = useCallback(
    (rowId: string, by: 1 | -1) => {
      const read = reads.current.find(({ row }) => row.id === rowId);
      if (!read?.ingredient) return;
      const next = neighbouringMeasure(read.massG, read.ingredient, measures, by);
      if (next) type(rowId, next.text);
    },
    [type, measures],
  );

  const read = useMemo(() => analyseDip(dip, kitchen), [dip, kitchen]);
  const { rows } = read;
  useEffect(() => {
    reads.current = rows;
  }, [rows]);
  return useMemo(
    () => ({ ...read, dip, kitchen, typing, type, done, step, forget }),
    [read, dip, kitchen, typing, type, done, step, forget],
  );
}

export type Bench = ReturnType<typeof useBench>;
