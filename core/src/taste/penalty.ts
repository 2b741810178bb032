import { mean } from '../statistics/mean';
import { groupsP } from './exactPermutation';
import { justRight, type TasteAnswer } from './panel';

/** What it costs in liking to be off on one side. */
export interface Penalty {
  sample: string;
  attribute: string;
  /** `low` for too little of it, `high` for too much. */
  side: 'low' | 'high';
  /** Of those asked, who stand on that side, 0–1. */
  share: number;
  /** Of those asked, to whom it is just right, 0–1. */
  rightShare: number;
  /** Those of them who said how they like it, and those to whom it is right. */
  n: number;
  rightN: number;
  /** Liking of those to whom it is right less theirs, points; null where there is nobody to compare with. */
  drop: number | null;
  /** Exact two-sided permutation; null without a drop. */
  p: number | null;
}

/** A side counts once a fifth of the tasters stand there. */
export const leastShare = 0.2;

/**
 * Penalty analysis: how much less a sample is liked by those who find an attribute off than by those to whom it is just right.
 *
 * @returns sides on which at least a fifth stand, what costs most (share times drop) first
 * @see Rothman & Parker (eds), ASTM MNL63, Just-About-Right (JAR) Scales
 */
export function penalties(answers: readonly TasteAnswer[]): Penalty[] {
  const groups = new Map<string, { sample: string; attribute: string; own: TasteAnswer[] }>();
  for (const answer of answers) {
    for (const attribute of Object.keys(answer.jar ?? {})) {
      const key = `${answer.sample}\n${attribute}`;
      const group = groups.get(key) ?? { sample: answer.sample, attribute, own: [] };
      group.own.push(answer);
      groups.set(key, group);
    }
  }
  const found = [...groups.values()].flatMap(({ sample, attribute, own }) => {
    const markOf = ({ jar }: TasteAnswer) => jar?.[attribute] ?? justRight;
    const likings = (those: readonly TasteAnswer[]) => those.flatMap(({ liking }) => liking ?? []);
    const right = likings(own.filter((one) => markOf(one) === justRight));
    return (['low', 'high'] as const).flatMap((side): Penalty[] => {
      const off = own.filter((one) =>
        side === 'low' ? markOf(one) < justRight : markOf(one) > justRight,
      );
      const share = off.length / own.length;
      const rightShare = own.filter((one) => markOf(one) === justRight).length / own.length;
      if (share < leastShare) return [];
      const theirs = likings(off);
      const told = theirs.length > 0 && right.length > 0;
      return [
        {
          ...{ sample, attribute, side, share, rightShare, n: theirs.length, rightN: right.length },
          drop: told ? mean(right) - mean(theirs) : null,
          p: told ? groupsP(theirs, right) : null,
        },
      ];
    });
  });
  const cost = ({ share, drop }: Penalty) => share * (drop ?? 0);
  return found.sort((a, b) => cost(b) - cost(a));
}
