import type { Targets } from '../mix/targets';
import { finishRun, type Run } from './run';
import { entriesOf, loggedRows, type RunEntry } from './runEvents';
import { withHappening } from './runEdits';
import type { Expected, Trial } from './trial';

/** One part that a base is divided into. */
export interface SplitPart {
  /** What it is called. */
  name: string;
  /** g of the base that go into it. */
  massG: number;
  /** What it is to be, where that is not what the dip is to be. */
  targets?: Targets;
}

/** A base as a trial, and a run for each part of it that is made further. */
export interface SplitRun {
  base: Trial;
  runs: Run[];
}

/**
 * Divides what is in the bowl: the base is kept as a trial as it is, and each part goes on as a run of its own with its
 * share of everything in, so that nothing is lost and nothing doubled. Readings stay with the base.
 *
 * @param parts g of each, together at most what is in the bowl; the rest stays the base
 * @param ids of the base's trial and of each run
 * @param number the trial's number in its dip
 * @param at ISO 8601
 * @param expected what is said of the whole now
 * @throws RangeError when there is nothing to divide, or more is taken than there is
 */
export function splitRun(
  run: Run,
  parts: readonly SplitPart[],
  ids: { trial: string; runs: readonly string[] },
  number: number,
  at: string,
  expected?: Expected,
): SplitRun {
  const rows = loggedRows(run);
  const whole = rows.reduce((sum, { massG, place }) => sum + (place === 'top' ? 0 : massG), 0);
  const wanted = parts.reduce((sum, { massG }) => sum + massG, 0);
  if (!(whole > 0)) throw new RangeError('there is nothing in the bowl to divide');
  if (wanted > whole * 1.0001) throw new RangeError('more is taken than there is in the bowl');
  const into = parts.map(({ name, massG }) => ({ name, massG }));
  const divided = withHappening(run, { kind: 'divided', into, at });
  const base = finishRun(divided, ids.trial, number, at, expected);
  const { targets: _whole, tastedAfter: _then, ...bowl } = run;
  const runs = parts.map(({ name, massG, targets }, i): Run => {
    const share = massG / whole;
    const shares = entriesOf(run).flatMap((entry) => shareOf(entry, share, i));
    return {
      ...bowl,
      ...(targets ? { targets } : {}),
      id: ids.runs[i] ?? `${run.id}-${i}`,
      readings: [],
      tastes: {},
      yieldG: null,
      notes: '',
      changeNext: '',
      gates: [],
      base: { trialId: base.id, share, name },
      plan: shares.map(({ entry }) => entry),
      events: shares.map(({ event }) => event),
      step: shares.length,
    };
  });
  return { base, runs };
}

/** A share of an addition that is in, planned and logged; none of one that is not. */
function shareOf(
  { done, skipped: _left, restOf: _of, instead: _for, ...entry }: RunEntry,
  share: number,
  part: number,
) {
  if (!done) return [];
  const massG = done.massG * share;
  const amount = `${massG.toFixed(1)} g`;
  const rowId = `${entry.rowId}-${part}`;
  const planned = { ...entry.planned, planned: null, amount, massG };
  return [
    {
      entry: { ...entry, rowId, planned },
      event: { kind: 'in' as const, entry: rowId, ...done, massG, amount },
    },
  ];
}
