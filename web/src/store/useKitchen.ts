'use client';

import { settingsOf } from '@cobbet/core/book/book';
import { bookKitchen, wholeLarder } from '@cobbet/core/book/bookKitchen';
import type { Kitchen } from '@cobbet/core/kitchen/kitchen';
import type { Calibration } from '@cobbet/core/readings/calibrate';
import { useBook } from './bookStore';

/** The larder with the book's own ingredients over it, at the prices paid last, and what is made here. */
export const useLarder = () => useBook(({ book }) => wholeLarder(book));

/** What holds for the whole book. */
export function useSettings() {
  return settingsOf({ settings: useBook((state) => state.book.settings) });
}

/** The kitchen every question is asked in: the same object until something of it changes. */
export const useKitchen = (): Kitchen => useBook(({ book }) => bookKitchen(book));

/** What this kitchen's readings have taught of one machine; a new one starts fresh. */
export function useCalibration(machineId: string): Calibration {
  return useKitchen().calibrationOf(machineId);
}
