import { binomialTail } from '../statistics/distributions';
import { leastShown, neededCorrect, tastersNeeded, usualRisk } from './panelSize';
import type { TestKind } from './discrimination';
import type { TastingKind } from './tasting';

/** What so many tasters can show at all, before anybody tastes. */
export interface CanShow {
  /** The test that is made: a comparison of two pots where every pot is asked about. */
  test: TestKind;
  /** Tasters who must agree before it is no chance (5 %); null where so few can't show anything, all agreeing. */
  agreeing: number | null;
  /** Share of people who must really notice it, or prefer one beyond guessing, for it to be found four times in five, 0–1; null likewise. */
  noticing: number | null;
  /** Chance that all agree by guessing: the least that can come out. */
  leastP: number;
  /** Tasters it takes to find what half of the people notice. */
  forHalf: number | null;
}

/**
 * What a number of tasters can show with a question. Where pots are liked or put in order, two pots are compared by signs, which is
 * what the exact permutation comes to when all tasters are equally far apart.
 *
 * @param tasters 1 or more
 */
export function canShow(kind: TastingKind, tasters: number): CanShow {
  const test: TestKind = kind === 'odd' ? 'triangle' : 'paired';
  const needed = neededCorrect(test, tasters);
  const sides = test === 'paired' ? 2 : 1;
  return {
    test,
    agreeing: needed > tasters ? null : needed,
    noticing: leastShown(test, tasters, usualRisk),
    leastP: Math.min(1, sides * binomialTail(tasters, tasters, test === 'paired' ? 1 / 2 : 1 / 3)),
    forHalf: tastersNeeded(test, 0.5),
  };
}
