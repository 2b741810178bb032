import type { Analysis } from '@cobbet/core/analysis/analyse';
import type { Dip } from '@cobbet/core/book/dip';
import { analyseDip } from '@cobbet/core/book/dipParts';
import { type BodyWord, bodyWord } from '@cobbet/core/body/words';
import { type Calibration, correctionOf } from '@cobbet/core/calibration/calibrate';
import type { Larder } from '@cobbet/core/larder/larder';
import type { MeasureSystem } from '@cobbet/core/quantity/measureSystem';

/** What a leaf of the book shows of a dip. */
interface DipSummary {
  /** Body as it is served; null for crumbs, undefined for a dip with nothing in it. */
  body: number | null | undefined;
  word: BodyWord | null;
  per100g: Analysis['per100g'];
  moment: { when: string; sd: number };
}

interface Reckoned {
  larder: Larder;
  measures: MeasureSystem;
  calibration: Calibration;
  summary: DipSummary;
}

const known = new WeakMap<Dip, Reckoned>();

/** A dip's summary; computed once for a dip as it stands. */
export function dipSummary(
  dip: Dip,
  larder: Larder,
  measures: MeasureSystem,
  calibration: Calibration,
): DipSummary {
  const found = known.get(dip);
  const same =
    found?.larder === larder && found.measures === measures && found.calibration === calibration;
  if (same) return found.summary;
  const { analysis } = analyseDip(dip, larder, measures, correctionOf(calibration, dip.id));
  const cold = dip.servedAtC <= 12;
  const body =
    analysis.massG > 0 ? (cold ? analysis.body.chilled : analysis.body.fresh) : undefined;
  const summary: DipSummary = {
    body,
    word: typeof body === 'number' ? bodyWord(body) : null,
    per100g: analysis.per100g,
    moment: { when: cold ? 'chilled' : 'fresh', sd: analysis.body.sd },
  };
  known.set(dip, { larder, measures, calibration, summary });
  return summary;
}
