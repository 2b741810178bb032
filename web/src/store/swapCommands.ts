import { put } from '@cobbet/core/book/change';
import type { KeptSwap, SwapSide, SwapVerdict, SwapWhy } from '@cobbet/core/book/keptSwap';
import { withAdditions, withReason } from '@cobbet/core/book/runEdits';
import type { Reason } from '@cobbet/core/book/runEvents';
import { type Dip, variantOf } from '@cobbet/core/dip/dip';
import { type Addition, applyEdits, type Edit } from '@cobbet/core/proposal/edit';
import type { Part } from '@cobbet/core/mix/part';
import type { FreeProposal } from '@cobbet/core/swap/freeOf';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useBook } from './bookStore';
import { newId } from './newId';

/** What a swap was, before it is kept. */
export interface Swapped extends SwapWhy {
  rowId: string;
  from: SwapSide;
  to: SwapSide;
  said: string;
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

/** Makes a variant of a dip with a swap in it, and keeps the swap, as one step of undo. */
export function takeSwapAsVariant(
  dip: Dip,
  name: string,
  { edits }: Pick<Proposal, 'edits'>,
  swapped: Swapped,
): Promise<boolean> {
  const [id, at] = [newId(), new Date().toISOString()];
  const record = kept(id, null, swapped);
  return useBook.getState().act(`A variant: ${name}`.slice(0, 120), (book) => {
    const there = book.dips.get(dip.id);
    if (!there) return [];
    return [put('dips', applyEdits(variantOf(there, id, name, at), edits)), put('swaps', record)];
  });
}

/**
 * Takes a dip made free of something, in its place or as a variant, and keeps its swaps, as one step of undo.
 *
 * @param before the dip’s parts as they were
 * @param name of the variant; null where the dip itself changes
 * @returns the id of the dip that has them
 */
export async function takeFree(
  dip: Dip,
  label: string,
  edits: readonly Edit[],
  before: readonly Pick<Part, 'massG'>[],
  { swapped, parts, words }: FreeProposal,
  name: string | null,
  why: Reason,
): Promise<string> {
  const id = name === null ? dip.id : newId();
  const at = new Date().toISOString();
  const records = swapped.flatMap(({ index, from, to }) => {
    const row = dip.rows[index];
    const part = parts[index];
    if (!row || !to || !part) return [];
    const massG = before[index]?.massG ?? 0;
    return [
      kept(id, null, {
        ...{ rowId: row.id, said: words, why },
        from: { ingredientId: from.id, amount: row.amount, massG },
        to: { ingredientId: to.id, amount: part.amountText, massG: part.massG },
      }),
    ];
  });
  await useBook.getState().act(label.slice(0, 120), (book) => {
    const there = book.dips.get(dip.id);
    if (!there) return [];
    const from = name === null ? there : variantOf(there, id, name, at);
    return [put('dips', applyEdits(from, edits)), ...records.map((one) => put('swaps', one))];
  });
  return id;
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
