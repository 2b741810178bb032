import type { Level, Sense } from '@cobbet/core/practice/hiddenBowl';
import type { BowlRef } from '@cobbet/core/practice/practice';
import type { Verdict } from '@cobbet/core/readings/tastes';

/** What a level is called. */
export const levelWords: Readonly<Record<Level, string>> = {
  1: 'One thing wrong',
  2: 'Two things wrong',
  3: 'Body, salt and sour',
};

/** What is asked of a bowl, as a heading. */
export const senseNames: Readonly<Record<Sense, string>> = {
  body: 'Body',
  salt: 'Salt',
  sour: 'Sour',
};

const words: Readonly<Record<Sense, Record<Verdict, string>>> = {
  body: { short: 'too loose', right: 'body right', over: 'too stiff' },
  salt: { short: 'short of salt', right: 'salt right', over: 'too salty' },
  sour: { short: 'not sour enough', right: 'sour right', over: 'too sour' },
};

/** A side of a sense, as it is said: `too loose`, `salt right`. */
export const sideWord = (sense: Sense, side: Verdict): string => words[sense][side];

/** Several things in a sentence: `a, b and c`. */
export const listed = (list: readonly string[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} and ${list.at(-1) ?? ''}`;

/** The address of a bowl for someone else: it says which it is and nothing of what is in it. */
export function bowlAddress(bowl: BowlRef): string {
  return 'written' in bowl
    ? `/practice?bowl=${encodeURIComponent(bowl.written)}`
    : `/practice?level=${bowl.level}&bowl=${bowl.seed}`;
}

/**
 * Which bowl an address means.
 *
 * @returns null where it means none
 */
export function askedBowl(asked: URLSearchParams): BowlRef | null {
  const bowl = asked.get('bowl');
  if (bowl === null || bowl === '') return null;
  const level = Number(asked.get('level'));
  if (level === 1 || level === 2 || level === 3) return { level, seed: Number(bowl) };
  return { written: bowl };
}
