'use client';

import type { Book } from '@cobbet/core/book/book';
import { bookCalibration } from '@cobbet/core/calibration/bookCalibration';
import { type Calibration, correctionOf } from '@cobbet/core/calibration/calibrate';
import type { Correction } from '@cobbet/core/calibration/correction';
import type { Larder } from '@cobbet/core/larder/larder';
import { useCallback, useMemo } from 'react';
import { bookLarder } from './bookLarder';
import { useBook } from './bookStore';

let last: {
  trials: Book['trials'];
  runs: Book['runs'];
  larder: Larder;
  byMachine: Map<string, Calibration>;
} | null = null;

/** What the readings of one machine have taught, reckoned again only when a trial, a run or the larder changes. */
function calibrationOf(
  trials: Book['trials'],
  runs: Book['runs'],
  larder: Larder,
  machineId: string,
): Calibration {
  if (last?.trials !== trials || last.runs !== runs || last.larder !== larder) {
    last = { trials, runs, larder, byMachine: new Map() };
  }
  const known = last.byMachine.get(machineId);
  if (known) return known;
  const calibration = bookCalibration({ trials, runs }, larder, machineId);
  last.byMachine.set(machineId, calibration);
  return calibration;
}

/** What this kitchen's readings have taught of any of its machines; the same function until something is read. */
export function useCalibrations(): (machineId: string) => Calibration {
  const trials = useBook((state) => state.book.trials);
  const runs = useBook((state) => state.book.runs);
  const own = useBook((state) => state.book.larder);
  return useCallback(
    (machineId: string) => calibrationOf(trials, runs, bookLarder(own), machineId),
    [trials, runs, own],
  );
}

/** What this kitchen's readings have taught of one machine; a new one starts fresh. */
export function useCalibration(machineId: string): Calibration {
  return useCalibrations()(machineId);
}

/** What this kitchen's readings have taught of one dip in the machine it is made in. */
export function useCorrection(dipId: string, machineId: string): Correction {
  const calibration = useCalibration(machineId);
  return useMemo(() => correctionOf(calibration, dipId), [calibration, dipId]);
}
