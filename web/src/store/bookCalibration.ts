'use client';

import type { Book } from '@cobbet/core/book/book';
import { bookCalibration } from '@cobbet/core/calibration/bookCalibration';
import { type Calibration, correctionOf } from '@cobbet/core/calibration/calibrate';
import type { Correction } from '@cobbet/core/calibration/correction';
import type { Larder } from '@cobbet/core/larder/larder';
import { useMemo } from 'react';
import { bookLarder } from './bookLarder';
import { useBook } from './bookStore';

let last: {
  trials: Book['trials'];
  runs: Book['runs'];
  larder: Larder;
  calibration: Calibration;
} | null = null;

/** What the book's readings have taught, reckoned again only when a trial, a run or the larder changes. */
function calibrationOf(trials: Book['trials'], runs: Book['runs'], larder: Larder): Calibration {
  if (last?.trials === trials && last.runs === runs && last.larder === larder) {
    return last.calibration;
  }
  const calibration = bookCalibration({ trials, runs }, larder);
  last = { trials, runs, larder, calibration };
  return calibration;
}

/** What this kitchen's readings have taught. */
export function useCalibration(): Calibration {
  const trials = useBook((state) => state.book.trials);
  const runs = useBook((state) => state.book.runs);
  const own = useBook((state) => state.book.larder);
  return calibrationOf(trials, runs, bookLarder(own));
}

/** What this kitchen's readings have taught of one dip. */
export function useCorrection(dipId: string): Correction {
  const calibration = useCalibration();
  return useMemo(() => correctionOf(calibration, dipId), [calibration, dipId]);
}
