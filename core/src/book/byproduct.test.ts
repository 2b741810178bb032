import { describe, expect, test } from '@jest/globals';
import { type Byproduct, byproductOf, keptByproducts } from './byproduct';
import { dateAfter } from '../safety/localDates';
import { secondsLeft, startTimer } from './timer';

const leftover = {
  what: 'can liquid',
  ingredient: 'chickpea-can-liquid',
  unit: 'ml' as const,
  low: 130,
  typical: 149.6,
  high: 170,
  keepDays: 3,
  nextUse: 'loosen this dip or the next',
};

describe('the ledger of by-products', () => {
  test('dates run over months and leap days', () => {
    expect(dateAfter('2026-06-29', 3)).toBe('2026-07-02');
    expect(dateAfter('2028-02-28', 1)).toBe('2028-02-29');
  });

  test('keeps what is left over with its date and next use', () => {
    const kept = byproductOf(leftover, 'b1', 'Regatta', '2026-06-11');
    expect(kept).toMatchObject({ amount: 150, useBy: '2026-06-14', gone: null, from: 'Regatta' });
  });

  test('shows what must be used first at the top, and not what is gone', () => {
    const on = (id: string, today: string, gone: Byproduct['gone'] = null) => ({
      ...byproductOf(leftover, id, 'a day', today),
      gone,
    });
    const all = [
      on('late', '2026-06-12'),
      on('used', '2026-06-09', { how: 'used', on: '2026-06-10' }),
      on('soon', '2026-06-10'),
    ];
    expect(keptByproducts(all).map(({ id }) => id)).toEqual(['soon', 'late']);
  });
});

describe('a timer', () => {
  test('keeps only its end, so that it runs on whatever is open', () => {
    const timer = startTimer('t', 'Simmer', 52, '2026-06-12T06:00:00.000Z', 'plan task');
    expect(timer.endsAt).toBe('2026-06-12T06:52:00.000Z');
    expect(secondsLeft(timer, Date.parse('2026-06-12T06:51:30Z'))).toBe(30);
    expect(secondsLeft(timer, Date.parse('2026-06-12T06:53:00Z'))).toBe(-60);
  });
});
