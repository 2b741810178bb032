import { type Analysis } from '@cobbet/core/analysis/analyse';
import { analyseTrialRows } from '@cobbet/core/book/dipParts';
import type { Dip } from '@cobbet/core/book/dip';
import { loggedRows, type Run } from '@cobbet/core/book/run';
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
