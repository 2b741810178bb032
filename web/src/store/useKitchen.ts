'use client';

import { settingsOf } from '@cobbet/core/book/book';
import { bookKitchen, bookLarder } from '@cobbet/core/book/bookKitchen';
import type { Kitchen } from '@cobbet/core/kitchen/kitchen';
import type { Calibration } from '@cobbet/core/readings/calibrate';
import { useBook } from './bookStore';

/** The larder with the book's own ingredients over it, at the prices paid last. */
export function useLarder() {
  const own = useBook((state) => state.book.larder);
  return bookLarder(
    own,
    useBook((state) => state.book.prices),
  );
}

/** What holds for the whole book. */
export function useSettings() {
  return settingsOf({ settings: useBook((state) => state.book.settings) });
}

/** The kitchen every question is asked in: the same object until something of it changes. */
export function useKitchen(): Kitchen {
  const larder = useBook((state) => state.book.larder);
  const settings = useBook((state) => state.book.settings);
  const yields = useBook((state) => state.book.yields);
  const trials = useBook((state) => state.book.trials);
  const runs = useBook((state) => state.book.runs);
  const prices = useBook((state) => state.book.prices);
  return bookKitchen({ larder, settings, yields, trials, runs, prices });
}

/** What this kitchen's readings have taught of one machine; a new one starts fresh. */
export function useCalibration(machineId: string): Calibration {
  return useKitchen().calibrationOf(machineId);
}
