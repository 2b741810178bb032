import { canShow } from '@cobbet/core/taste/canShow';
import type { TastingKind } from '@cobbet/core/taste/tasting';

const percent = (share: number) => `${Math.round(share * 100)} %`;
const people = (n: number) => `${n} ${n === 1 ? 'taster' : 'tasters'}`;

/** What so many tasters can show with a question, in two sentences at most. */
export function canShowWords(kind: TastingKind, tasters: number): string {
  if (tasters === 0) return 'Nobody tastes yet.';
  const { agreeing, noticing, leastP, forHalf, test } = canShow(kind, tasters);
  const right = test === 'triangle' ? 'find the odd one' : 'choose the same of two pots';
  const wanted = test === 'triangle' ? 'notice a difference' : 'prefer one';
  const larger =
    forHalf === null || forHalf <= tasters
      ? ''
      : ` To find what half of the people ${test === 'triangle' ? 'notice' : 'prefer'} it takes ${forHalf}.`;
  if (agreeing === null || noticing === null) {
    const all = tasters === 1 ? 'one alone' : 'all agreeing';
    return `${people(tasters)} can show no difference for sure: ${all} could be chance (p ${leastP.toFixed(2)}). What they like, and what is short or over, is worth hearing all the same.${larger}`;
  }
  const must = agreeing === tasters ? `All ${tasters}` : `${agreeing} of ${tasters}`;
  return `${must} must ${right} before it is no chance; so few find it four times in five only where ${percent(noticing)} of people really ${wanted}.${larger}`;
}
