import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { isThisRight } from './isThisRight';

const base = [
  part('chickpeas-canned-drained', 300),
  part('tahini-hulled', 60),
  part('lemon-juice', 35),
  part('water', 50),
];

test('everyday dips are not asked about', () => {
  fc.assert(fc.property(pulseDip, (parts) => void expect(isThisRight(parts)).toEqual([])));
});

test.each<[string, number, number]>([
  // a tablespoon where a teaspoon is usual
  ['sea-salt-fine', 17, 3],
  ['cumin-ground', 20, 1.2],
  ['cayenne', 7, 0.4],
  ['garlic-raw', 60, 6],
  ['garlic-granulated', 12, 1.2],
])('%s at %d g is asked about, at %d g it is not', (id, tooMuch, usual) => {
  const doubts = isThisRight([...base, part(id, tooMuch)]);
  expect(doubts.map(({ index }) => index)).toEqual([4]);
  expect(doubts[0]?.message).toMatch(/times the most/);
  expect(isThisRight([...base, part(id, usual)])).toEqual([]);
});

test('rows of one thing count together, and the largest is asked about', () => {
  const split = [part('cumin-ground', 7), ...base, part('cumin-ground', 9)];
  expect(isThisRight(split).map(({ index }) => index)).toEqual([5]);
});

test('a dip that has hardly begun, and what goes on top, are left in peace', () => {
  expect(isThisRight([part('lemon-juice', 60), part('sea-salt-fine', 10)])).toEqual([]);
  expect(isThisRight([...base, part('paprika-smoked', 30, 'top')])).toEqual([]);
});

test('a slip of the unit is seen whatever the thing', () => {
  const [doubt] = isThisRight([part('chickpeas-canned-drained', 300_000)]);
  expect(doubt?.message).toContain('300 kg');
});

test.each<[string, [string, number][]]>([
  [
    'an olive paste',
    [
      ['olives-black-brined', 250],
      ['olive-oil-light', 40],
      ['capers', 15],
    ],
  ],
  [
    'a potato cream',
    [
      ['potato-boiled', 400],
      ['olive-oil-light', 90],
      ['garlic-raw', 8],
    ],
  ],
  [
    'a nut butter',
    [
      ['almond', 300],
      ['sea-salt-fine', 2],
    ],
  ],
  [
    'a seed butter, thinned',
    [
      ['sunflower-butter', 200],
      ['water', 60],
    ],
  ],
])('what %s is made of is not asked about', (_, rows) => {
  expect(isThisRight(rows.map(([id, massG]) => part(id, massG)))).toEqual([]);
});

test.each<[string, [string, number][]]>([
  [
    'miso',
    [
      ['miso-white', 200],
      ['chickpeas-cooked', 100],
    ],
  ],
  [
    'salt',
    [
      ['sea-salt-fine', 200],
      ['chickpeas-cooked', 100],
    ],
  ],
  [
    'garlic',
    [
      ['garlic-raw', 200],
      ['olive-oil-light', 60],
    ],
  ],
  [
    'cayenne',
    [
      ['cayenne', 200],
      ['water', 60],
    ],
  ],
])('%s leads no dip, however much of it there is', (_, rows) => {
  const [first] = isThisRight(rows.map(([id, massG]) => part(id, massG)));
  expect(first?.index).toBe(0);
});
