import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { type Dip, plainRow } from '../dip/dip';
import { shippedLarder as larder } from '../larder/larder';
import type { ReadPart } from '../lines/lineReading';
import { readLine } from '../lines/readLine';
import { withRowRead } from './dipEdits';

const hummus: Dip = dip('a', {
  rows: [
    { ...plainRow('t', 'tahini-hulled', '80 g'), hold: true },
    {
      ...plainRow('l', 'lemon-juice', '2 tbsp'),
      prep: 'fresh',
      hold: true,
      max: '3 tbsp',
      worked: { how: 'pulse', minutes: 1, lookFor: 'smooth' },
    },
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
const partsOf = (line: string): ReadPart[] => readLine(line, { larder, measures: 'us' }).parts;

describe('a row written anew', () => {
  test('as the same thing keeps what was said of it', () => {
    const { rows } = withRowRead(hummus, 'l', partsOf('3 tbsp lemon juice'), []);
    expect(rows[1]).toEqual({ ...hummus.rows[1], amount: '3 tbsp' });
    expect([rows[0], rows[2]]).toEqual([hummus.rows[0], hummus.rows[2]]);
  });

  test('as another thing keeps its place, its hold and how it is worked in', () => {
    const { rows } = withRowRead(hummus, 'l', partsOf('1 tbsp sherry vinegar, aged'), []);
    const { ingredientId, amount, prep, hold, worked, max } = rows[1] ?? {};
    expect(larder.get(ingredientId ?? '')?.role).toBe('acid');
    expect([rows[1]?.id, amount, prep, hold, max]).toEqual([
      'l',
      '1 tbsp',
      'aged',
      true,
      undefined,
    ]);
    expect(worked).toEqual(hummus.rows[1]?.worked);
  });

  test('as several puts the others after it', () => {
    const parts = partsOf('1 tbsp each of chopped mint and parsley');
    const { rows } = withRowRead(hummus, 'l', parts, ['new']);
    expect(rows.map(({ id }) => id)).toEqual(['t', 'l', 'new', 's']);
    expect(rows[2]).toMatchObject({ ingredientId: 'parsley', hold: false });
  });

  test('that is gone, or as nothing, changes nothing', () => {
    expect(withRowRead(hummus, 'gone', partsOf('1 tbsp water'), [])).toBe(hummus);
    expect(withRowRead(hummus, 'l', [], [])).toBe(hummus);
  });
});
