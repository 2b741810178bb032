import { type Analysis } from '@cobbet/core/analysis/analyse';
import { analyseTrialRows } from '@cobbet/core/book/dipParts';
import type { Dip } from '@cobbet/core/book/dip';
import { loggedRows, type Run } from '@cobbet/core/book/run';
import { aimOffFrom } from '@cobbet/core/advise/stage';
import type { Correction } from '@cobbet/core/calibration/correction';
import type { Larder } from '@cobbet/core/larder/larder';

/** The bowl as it really is, and as it would be once the step in hand is in as written. */
export function runBody(
  run: Run,
  dip: Dip,
  larder: Larder,
  correction: Correction,
): { now: Analysis; next: Analysis | null } {
  const logged = loggedRows(run);
  const analyse = (rows: typeof logged) =>
    analyseTrialRows(rows, run.method, dip.servedAtC, larder, correction);
  const entry = run.entries[run.step];
  return {
    now: analyse(logged),
    next: entry && !entry.done ? analyse([...logged, entry.planned]) : null,
  };
}

/**
 * By how much what is still to come after the step in hand will firm (positive) or loosen the bowl, where that is
 * enough to aim off for; null elsewhere.
 *
 * @param next the body once the step in hand is in
 */
export function aimOff(
  run: Run,
  { dip, larder, correction }: { dip: Dip; larder: Larder; correction: Correction },
  next: number | null,
): number | null {
  if (next === null) return null;
  const planned = run.entries.flatMap((entry, i) => {
    if (entry.skipped) return [];
    if (entry.done) return loggedRows({ ...run, entries: [entry] });
    return i >= run.step ? [entry.planned] : [];
  });
  const { fresh } = analyseTrialRows(planned, run.method, dip.servedAtC, larder, correction).body;
  if (fresh === null || Math.abs(fresh - next) < aimOffFrom) return null;
  // at the last of them there is nothing to aim off for
  const more = run.entries.slice(run.step + 1).some((one) => !one.done && !one.skipped);
  return more ? fresh - next : null;
}
