import { type Run, startRun } from '../src/book/run';
import { withLogged } from '../src/book/runEdits';
import { trialRowOf } from '../src/book/trialParts';
import type { Dip } from '../src/dip/dip';
import { readRow } from '../src/dip/readRow';
import type { Kitchen } from '../src/kitchen/kitchen';
import { kitchenOf } from './kitchenOf';

const now = '2026-06-01T10:00:00.000Z';

/** A run of a dip, called `run`, with its first additions in as written and the next one in hand. */
export function runOf(dip: Dip, inAlready = 0, kitchen: Kitchen = kitchenOf()): Run {
  const planned = dip.rows.flatMap((row) => trialRowOf(readRow(row, kitchen)) ?? []);
  const run = startRun('run', dip, planned, now);
  return run.plan
    .slice(0, inAlready)
    .reduce((made, { rowId, planned: row }) => withLogged(made, rowId, { ...row, at: now }), run);
}
