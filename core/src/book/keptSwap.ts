import type { Reason } from './runEvents';

/** How a swap was judged: to be made again, never again, or good in this dip only. */
export const swapVerdicts = ['again', 'not again', 'only here'] as const;
export type SwapVerdict = (typeof swapVerdicts)[number];

/** One side of a swap. */
export interface SwapSide {
  ingredientId: string;
  /** As it was written or said. */
  amount: string;
  massG: number;
}

/** One thing that went in for another, with why and how that was. */
export interface KeptSwap {
  id: string;
  dipId: string;
  /** The row or addition it stands in. */
  rowId: string;
  from: SwapSide;
  to: SwapSide;
  /** What was said then that would be different. */
  said: string;
  why: Reason | null;
  /** The reason in the cook’s own words. */
  whyWords?: string;
  /** The run it was made in; null for one of the dip as it is written. */
  runId: string | null;
  /** The trial that came of that run, once there is one. */
  trialId: string | null;
  /** Null while nobody has said. */
  verdict: SwapVerdict | null;
  /** ISO 8601 */
  at: string;
}

/** Why a swap was made: one of the usual reasons, the cook’s own words, or both. */
export type SwapWhy = Pick<KeptSwap, 'why' | 'whyWords'>;

/** How often a thing went in for another here, and how that was. */
export interface SwapHistory {
  times: number;
  verdicts: Readonly<Record<SwapVerdict, number>>;
}

/** How every thing that went in for another has done here, by its id. */
export function historyOf(
  swaps: Iterable<KeptSwap>,
  fromId: string,
): ReadonlyMap<string, SwapHistory> {
  const found = new Map<string, { times: number; verdicts: Record<SwapVerdict, number> }>();
  for (const { from, to, verdict } of swaps) {
    if (from.ingredientId !== fromId) continue;
    const one = found.get(to.ingredientId) ?? {
      times: 0,
      verdicts: { again: 0, 'not again': 0, 'only here': 0 },
    };
    one.times += 1;
    if (verdict) one.verdicts[verdict] += 1;
    found.set(to.ingredientId, one);
  }
  return found;
}

/** A verdict is worth so much beside the model, in its noticed changes, once there are many (J). */
const verdictWorth = 3;
/** So many verdicts weigh as much as the model's own opinion (J). */
const priorVerdicts = 2;

/**
 * By how much nearer a candidate is than the model has it, for what the cook has said of it: shrunk to nothing while there are few
 * verdicts.
 *
 * @returns noticed changes; negative for what is not to be made again
 */
export function verdictNearer(history: SwapHistory | undefined): number {
  if (!history) return 0;
  const { again, 'not again': never } = history.verdicts;
  return (verdictWorth * (again - never)) / (again + never + priorVerdicts);
}

/**
 * Swaps a trial can judge: those made at its bowl, and those of its dip as it was written that are in it, nobody having said yet.
 *
 * @param trial with when it was made, and what went in by id
 */
export function swapsToJudge(
  swaps: Iterable<KeptSwap>,
  trial: { id: string; dipId: string; madeAt: string; ingredients: ReadonlySet<string> },
): KeptSwap[] {
  return [...swaps].filter(({ dipId, trialId, runId, to, at, verdict }) => {
    if (trialId !== null) return trialId === trial.id;
    if (runId !== null || dipId !== trial.dipId || verdict !== null) return false;
    return at <= trial.madeAt && trial.ingredients.has(to.ingredientId);
  });
}

/** The swaps of a run that has become a trial, with that trial. */
export function swapsOfTrial(
  swaps: Iterable<KeptSwap>,
  runId: string,
  trialId: string,
): KeptSwap[] {
  return [...swaps].filter((swap) => swap.runId === runId).map((swap) => ({ ...swap, trialId }));
}
