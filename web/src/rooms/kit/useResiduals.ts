'use client';

import type { Trial } from '@cobbet/core/book/trial';
import { bookEvidence } from '@cobbet/core/book/bookCalibration';
import { type Residual, residuals } from '@cobbet/core/readings/residuals';
import { useMemo } from 'react';
import { useBook } from '@/store/bookStore';
import { useCalibration, useLarder } from '@/store/useKitchen';

/** The most readings that are drawn; older ones still teach. */
export const drawnReadings = 400;

/** A reading with its trial, against what the others say of it. */
export interface KitResidual extends Residual {
  trial: Trial;
  /** Unique among the readings. */
  key: string;
}

/** The latest readings in one machine against what was expected of them. */
export function useResiduals(machineId: string): { shown: KitResidual[]; all: number } {
  const trials = useBook((state) => state.book.trials);
  const larder = useLarder();
  const calibration = useCalibration(machineId);
  return useMemo(() => {
    const kept = bookEvidence(trials.values(), larder).filter(
      ({ trial }) => trial.machineId === machineId,
    );
    const latest = kept.slice(0, drawnReadings);
    const against = residuals(
      calibration,
      latest.map(({ evidence }) => evidence),
    );
    const shown = against.flatMap((residual, i): KitResidual[] => {
      const trial = latest[i]?.trial;
      return trial ? [{ ...residual, trial, key: `${trial.id} ${residual.evidence.index}` }] : [];
    });
    return { shown, all: kept.length };
  }, [trials, larder, calibration, machineId]);
}
