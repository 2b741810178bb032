'use client';

import type { Dip, Row } from '@cobbet/core/book/dip';
import { analyseDip, type ReadRow } from '@cobbet/core/book/dipParts';
import { neighbouringMeasure } from '@cobbet/core/quantity/kitchenMeasure';
import { drawnPath } from '@cobbet/core/odds/drawnPath';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useCorrection } from '@/store/bookCalibration';
import { editDip } from '@/store/commands';
import { useLarder, useSettings } from '@/store/useDip';

const saveAfterMs = 700;

/** A dip with one row changed. */
export function withRow(dip: Dip, rowId: string, edit: (row: Row) => Row): Dip {
  return { ...dip, rows: dip.rows.map((row) => (row.id === rowId ? edit(row) : row)) };
}

/**
 * The dip on the bench as it is being typed: drafts are reckoned at once and saved after a moment's pause, on Enter
 * and on leaving the field.
 */
export function useBench(dip: Dip) {
  const larder = useLarder();
  const { measures } = useSettings();
  const correction = useCorrection(dip.id, dip.machineId);
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
        (one) =>
          one.rows.some((row) => row.id === rowId && row.amount !== text)
            ? withRow(one, rowId, (row) => ({ ...row, amount: text }))
            : one,
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
        (one) =>
          one.rows.some((row) => row.id === rowId && row.amount !== was)
            ? withRow(one, rowId, (row) => ({ ...row, amount: was }))
            : one,
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
    () => ({
      ...dip,
      rows: dip.rows.map((row) => {
        const draft = drafts[row.id];
        return draft === undefined ? row : { ...row, amount: draft };
      }),
    }),
    [dip, drafts],
  );
  const { rows, parts, analysis } = useMemo(
    () => analyseDip(typed, larder, measures, correction),
    [typed, larder, measures, correction],
  );
  useEffect(() => {
    reads.current = rows;
  }, [rows]);
  const drawn = useMemo(
    () => drawnPath(parts, dip.method, correction),
    [parts, dip.method, correction],
  );
  return {
    dip,
    rows,
    parts,
    analysis,
    drawn,
    correction,
    drafts,
    type,
    save: done,
    step,
    forget,
    larder,
    measures,
  };
}

export type Bench = ReturnType<typeof useBench>;
