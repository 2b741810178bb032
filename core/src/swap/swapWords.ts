import { allergenWord } from '../larder/allergenWord';
import type { Ingredient } from '../larder/ingredient';
import { nameOf } from '../advise/whyWords';
import type { Consequences } from '../proposal/proposal';
import type { KeptName } from './keptFigures';

/** A kept figure that a swap moves: from where, to where, by how many noticed changes. */
export interface Shift {
  name: KeptName;
  before: number;
  after: number;
  /** Noticed changes, ≥ 0. */
  times: number;
}

/** More and less of a figure, in a cook's words. */
const shiftWords: Readonly<Record<KeptName, readonly [more: string, less: string]>> = {
  freshBody: ['stiffer', 'looser'],
  chilledBody: ['firmer in the cold', 'softer in the cold'],
  saltG: ['saltier', 'less salty'],
  acidG: ['sourer', 'less sour'],
  garlicG: ['stronger of garlic', 'milder of garlic'],
  fatG: ['richer', 'leaner'],
  sugarsG: ['sweeter', 'less sweet'],
  heat: ['hotter', 'less hot'],
  bitter: ['more bitter', 'less bitter'],
  savoury: ['more savoury', 'less savoury'],
  massG: ['makes more', 'makes less'],
};

/** At most so many differences are said, the largest first: more is read by nobody. */
const mostSaid = 4;
/** From so many noticed changes on a difference is much of it. */
const muchFrom = 4;

function shiftWord({ name, before, after, times }: Shift): string {
  const [more, less] = shiftWords[name];
  return `${times >= muchFrom ? 'much ' : ''}${after > before ? more : less}`;
}

/**
 * What will be different, in one sentence: `softer in the cold, less bitter; no sesame; adds walnut`.
 *
 * @param shifts what moves by more than is noticed
 * @param tastesOf the substitute, where it tastes of something else
 */
export function swapWords(
  shifts: readonly Shift[],
  { allergensGained, allergensLost, dietsLost }: Consequences,
  tastesOf: Ingredient | null,
): string {
  const cold = shifts.find(({ name }) => name === 'chilledBody');
  // stiffer when cold goes without saying where it is stiffer warm
  const told = shifts.filter(
    ({ name, before, after }) =>
      name !== 'chilledBody' ||
      !shifts.some(
        (one) =>
          one.name === 'freshBody' &&
          one.after > one.before === after > before &&
          Math.abs(one.times - (cold?.times ?? 0)) < muchFrom,
      ),
  );
  const different = [...told]
    .sort((a, b) => b.times - a.times)
    .slice(0, mostSaid)
    .map(shiftWord);
  const sentences = [
    different.join(', '),
    tastesOf ? `tastes of ${nameOf(tastesOf)}` : '',
    allergensLost.map((one) => `no ${allergenWord(one)}`).join(', '),
    allergensGained.length > 0 ? `adds ${allergensGained.map(allergenWord).join(', ')}` : '',
    dietsLost.map((diet) => `not ${diet}`).join(', '),
  ].filter((text) => text !== '');
  return sentences.length > 0 ? sentences.join('; ') : 'no difference to be noticed';
}
