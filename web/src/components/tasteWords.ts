import type { Taste, Verdict } from '@cobbet/core/readings/tastes';
import { capital } from './bodyText';

/** What is no taste of its own is asked in its own words. */
const own: Partial<Record<Taste, Record<Verdict, string>>> = {
  lean: { short: 'too rich', right: 'right', over: 'too lean' },
  flat: { short: 'too sharp', right: 'right', over: 'flat' },
  heat: { short: 'too mild', right: 'right', over: 'too hot' },
  colour: { short: 'too pale', right: 'right', over: 'too dark' },
};
const names: Partial<Record<Taste, string>> = { lean: 'Fat', flat: 'Life' };

/** What a taste is called where it is marked. */
export const tasteName = (taste: Taste): string => names[taste] ?? capital(taste);

/** A verdict on a taste, as it is tapped. */
export const verdictWord = (taste: Taste, verdict: Verdict): string =>
  own[taste]?.[verdict] ?? verdict;
