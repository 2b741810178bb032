'use client';

import { neighbouringMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import { withAmount } from '@cobbet/core/book/dipEdits';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import type { Dip } from '@cobbet/core/dip/dip';
import { drawnPath } from '@cobbet/core/dip/drawnPath';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { editDip } from '@/store/commands';
import { useKitchen } from '@/store/useKitchen';

const saveAfterMs = 700;

/**
 * The dip on the bench as it is being typed: drafts count at once and saved after a moment's pause, on Enter
 * and on leaving the field.
 */
export function useBench(dip: Dip) {
  const kitchen = useKitchen();
  const { measures } = kitchen;
  const [drafts, setDrafts] = useState<Readonly<Record<string, string>>>({});
  const latest = useRef<Readonly<Record<string, string>>>({});
  // what stood in a field before it was typed in, for Escape also after a pause has saved
  const kept = useRef(dip.rows);
  useEffect(() => {
    kept.current = dip.rows;
  }, [dip.rows]);
  const before = useRef(new Map<string, string>());
  const timers = useRef(new Map<string, ReturnType<typeof setTimeout>>());

  const drop = useCallback((rowId: string) => {
    clearTimeout(timers.current.get(rowId));
    timers.current.delete(rowId);
    const { [rowId]: _gone, ...rest } = latest.current;
    latest.current = rest;
    setDrafts(rest);
  }, []);

  const save = useCallback(
    async (rowId: string) => {
      clearTimeout(timers.current.get(rowId));
      const text = latest.current[rowId];
      if (text === undefined) return;
      const saved = await editDip(
        dip.id,
        `Amount ${text === '' ? 'emptied' : text}`,
        (one) => withAmount(one, rowId, text),
        `amount ${rowId}`,
      );
      // what was typed since then has its own turn coming
      if (saved && latest.current[rowId] === text) drop(rowId);
    },
    [dip.id, drop],
  );

  const type = useCallback(
    (rowId: string, text: string) => {
      const amount = kept.current.find(({ id }) => id === rowId)?.amount;
      if (amount !== undefined && !before.current.has(rowId)) before.current.set(rowId, amount);
      latest.current = { ...latest.current, [rowId]: text };
      setDrafts(latest.current);
      clearTimeout(timers.current.get(rowId));
      timers.current.set(
        rowId,
        setTimeout(() => void save(rowId), saveAfterMs),
      );
    },
    [save],
  );

  /** The cook is done with a field: what was typed is saved now, and Escape has nothing more to take back. */
  const done = useCallback(
    (rowId: string) => {
      before.current.delete(rowId);
      return save(rowId);
    },
    [save],
  );

  const forget = useCallback(
    (rowId: string) => {
      drop(rowId);
      const was = before.current.get(rowId);
      before.current.delete(rowId);
      if (was === undefined) return;
      void editDip(
        dip.id,
        'Amount as it was',
        (one) => withAmount(one, rowId, was),
        `amount ${rowId}`,
      );
    },
    [dip.id, drop],
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

  // leaving the room must not lose what was just typed
  useEffect(() => {
    const saveAll = () => Object.keys(latest.current).forEach((rowId) => void save(rowId));
    window.addEventListener('pagehide', saveAll);
    return () => {
      window.removeEventListener('pagehide', saveAll);
      saveAll();
    };
  }, [save]);

  const typed = useMemo(
    () =>
      Object.entries(drafts).reduce((one, [rowId, amount]) => withAmount(one, rowId, amount), dip),
    [dip, drafts],
  );
  const read = useMemo(() => analyseDip(typed, kitchen), [typed, kitchen]);
  const { rows, parts, conditions } = read;
  useEffect(() => {
    reads.current = rows;
  }, [rows]);
  const drawn = useMemo(() => drawnPath(parts, conditions), [parts, conditions]);
  return { ...read, dip, typed, kitchen, drawn, drafts, type, save: done, step, forget };
}

export type Bench = ReturnType<typeof useBench>;
