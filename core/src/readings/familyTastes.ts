import type { Family } from '../mix/families';
import { type Taste, type TasteMarks, tastes } from './tastes';

/** What is asked of a family at a glance, what matters most first (judgement). */
const asked: Readonly<Record<Family, readonly Taste[]>> = {
  pulse: ['salt', 'sour', 'garlic', 'bitter', 'lean', 'flat'],
  vegetable: ['salt', 'sour', 'smoke', 'sweet', 'garlic', 'lean'],
  yogurt: ['salt', 'sour', 'garlic', 'herb', 'lean', 'flat'],
  'pesto-spread': ['salt', 'herb', 'garlic', 'nut', 'bitter', 'lean'],
  'pesto-dress': ['salt', 'herb', 'garlic', 'nut', 'bitter', 'lean'],
  pate: ['salt', 'nut', 'sour', 'herb', 'lean', 'flat'],
};

/**
 * The tastes to ask of a dip: six of its family at a glance with those already marked, and all others behind them.
 *
 * @param hot it has anything hot in it
 */
export function tastesFor(
  family: Family,
  marks: TasteMarks,
  hot: boolean,
): { first: Taste[]; more: Taste[] } {
  const six = hot ? [...asked[family].slice(0, 5), 'heat' as const] : asked[family];
  const first = tastes.filter((taste) => six.includes(taste) || marks[taste] !== undefined);
  // in the family's own order, marked strangers after them
  const rank = (taste: Taste) => (six.includes(taste) ? six.indexOf(taste) : six.length);
  return {
    first: [...first].sort((a, b) => rank(a) - rank(b)),
    more: tastes.filter((taste) => !first.includes(taste)),
  };
}
