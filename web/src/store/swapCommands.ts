import { put } from '@cobbet/core/book/change';
import type { KeptSwap, SwapSide, SwapVerdict } from '@cobbet/core/book/keptSwap';
import { withAdditions, withReason } from '@cobbet/core/book/runEdits';
import type { Reason } from '@cobbet/core/book/runEvents';
import { type Addition, applyEdits } from '@cobbet/core/proposal/edit';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useBook } from './bookStore';
import { newId } from './commands';

/** What a swap was, before it is kept. */
export interface Swapped {
  rowId: string;
  from: SwapSide;
  to: SwapSide;
  said: string;
  why: Reason | null;
}

const kept = (dipId: string, runId: string | null, swapped: Swapped): KeptSwap => ({
  ...{ id: newId(), dipId, runId, trialId: null, verdict: null, at: new Date().toISOString() },
  ...swapped,
});

/** Takes a swap on a dip and keeps it, as one step of undo. */
export function takeSwap(
  dipId: string,
  { label, edits }: Pick<Proposal, 'label' | 'edits'>,
  swapped: Swapped,
): Promise<boolean> {
  const record = kept(dipId, null, swapped);
  return useBook.getState().act(label, (book) => {
    const dip = book.dips.get(dipId);
    if (!dip) return [];
    return [put('dips', applyEdits(dip, edits)), put('swaps', record)];
  });
}

/** Logs a swap at a bowl, with what makes up for it, and keeps it, as one step of undo. */
export function takeSwapAtBowl(
  runId: string,
  label: string,
  additions: readonly Addition[],
  swapped: Swapped,
): Promise<boolean> {
  const ids = additions.map(newId);
  const at = new Date().toISOString();
  return useBook.getState().act(label, (book) => {
    const run = book.runs.get(runId);
    if (!run) return [];
    const [first = '', ...others] = ids;
    const [newcomer, ...besides] = additions;
    if (!newcomer) return [];
    const swappedRun = withAdditions(run, [newcomer], [first], at, swapped.rowId);
    const whole = besides.length > 0 ? withAdditions(swappedRun, besides, others, at) : swappedRun;
    const told = swapped.why ? withReason(whole, first, swapped.why, at) : whole;
    return [put('runs', told), put('swaps', kept(run.dipId, runId, { ...swapped, rowId: first }))];
  });
}

/** Says how a swap was; the same said again takes it back. */
export function judgeSwap(swap: KeptSwap, verdict: SwapVerdict): Promise<boolean> {
  return useBook.getState().act('How the swap was', (book) => {
    const there = book.swaps.get(swap.id);
    return there
      ? [put('swaps', { ...there, verdict: there.verdict === verdict ? null : verdict })]
      : [];
  });
}
