import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { inSeason, readSeason, seasonText } from './season';

test.each([
  ['May to September', { from: 5, to: 9 }],
  ['nov–feb', { from: 11, to: 2 }],
  ['6-9', { from: 6, to: 9 }],
  ['June', { from: 6, to: 6 }],
  ['sept. to oct.', { from: 9, to: 10 }],
])('%s', (text, season) => expect(readSeason(text)).toEqual(season));

test.each(['summer', '0-3', '13', 'ma', 'May to', 'May to June to July', ''])(
  '“%s” is no season',
  (text) => expect(readSeason(text)).toBeNull(),
);

const month = fc.integer({ min: 1, max: 12 });

test('what is written is read again', () => {
  fc.assert(
    fc.property(month, month, (from, to) => {
      expect(readSeason(seasonText({ from, to }))).toEqual({ from, to });
    }),
  );
});

test('a season has its months and no others, over the new year too', () => {
  const inIt = (from: number, to: number) =>
    Array.from({ length: 12 }, (_, i) => i + 1).filter((one) => inSeason({ from, to }, one));
  expect(inIt(5, 7)).toEqual([5, 6, 7]);
  expect(inIt(11, 2)).toEqual([1, 2, 11, 12]);
  expect(inIt(6, 6)).toEqual([6]);
  expect(inSeason(undefined, 1)).toBe(true);
});
