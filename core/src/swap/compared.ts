import type { Proposal } from '../proposal/proposal';
import { targetFigure } from '../mix/figures';
import { type KeptName, keptNames, noticedChange } from './keptFigures';
import type { Shift } from './swapWords';

/** A body there is none of counts as stiff as can be, and as far off as nothing else (J). */
const crumbs = { body: 11, times: 20 } as const;

/**
 * What a change of a dip moves by more than is noticed, and what it keeps.
 *
 * @param keep what is asked to be kept; only that is said to be
 * @returns every figure's shift, what is kept, and the shifts that are noticed, the most first
 */
export function compared(
  keep: readonly KeptName[],
  { before, after }: Proposal,
): { all: Shift[]; keeps: KeptName[]; shifts: Shift[] } {
  const all = keptNames.flatMap((name): Shift[] => {
    const [from, to] = [targetFigure(name, before), targetFigure(name, after)];
    if (from === null && to === null) return [];
    if (from === null || to === null) {
      return [{ name, before: from ?? crumbs.body, after: to ?? crumbs.body, times: crumbs.times }];
    }
    return [
      { name, before: from, after: to, times: Math.abs(to - from) / noticedChange(name, from) },
    ];
  });
  const kept = ({ times }: Shift) => times <= 1 + 1e-9;
  return {
    all,
    keeps: all
      .filter(kept)
      .map(({ name }) => name)
      .filter((name) => keep.includes(name)),
    shifts: all.filter((one) => !kept(one)).sort((a, b) => b.times - a.times),
  };
}
