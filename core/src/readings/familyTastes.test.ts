import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { families } from '../mix/families';
import { tastesFor } from './familyTastes';
import { type Taste, tastes } from './tastes';

test('six are asked at a glance, salt first, and every other taste is one step away', () => {
  for (const family of families) {
    const { first, more } = tastesFor(family, {}, false);
    expect(first.length).toBe(6);
    expect(first[0]).toBe('salt');
    expect([...first, ...more].sort()).toEqual([...tastes].sort());
  }
});

test('what is marked is never hidden, and a hot dip is asked for its heat', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...families),
      fc.subarray([...tastes]),
      fc.boolean(),
      (family, marked, hot) => {
        const marks = Object.fromEntries(marked.map((taste: Taste) => [taste, 'right' as const]));
        const { first } = tastesFor(family, marks, hot);
        for (const taste of marked) expect(first).toContain(taste);
        if (hot) expect(first).toContain('heat');
        expect(new Set(first).size).toBe(first.length);
      },
    ),
  );
});
