import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { copiesToDrop, copyName } from './datedCopies';

const dayMs = 86_400_000;
const first = Date.parse('2026-01-01T00:00Z');
const day = (i: number) => new Date(first + i * dayMs).toISOString().slice(0, 10);

test('a copy a day for a year and a half thins to days, weeks and months', () => {
  let names: string[] = [];
  for (let i = 0; i < 550; i += 1) {
    names = [...names, copyName(day(i), 'json')];
    const drop = new Set(copiesToDrop(names, day(i)));
    names = names.filter((name) => !drop.has(name));
  }
  const days = names.map((name) => name.slice(12, 22)).sort();
  // the last seven, the ends of four weeks before, and the ends of twelve months
  expect(days.slice(-7)).toEqual(Array.from({ length: 7 }, (_, i) => day(543 + i)));
  expect(days.length).toBeGreaterThanOrEqual(18);
  expect(days.length).toBeLessThanOrEqual(24);
  const months = new Set(days.map((one) => one.slice(0, 7)));
  expect(months.size).toBe(12);
});

test('nothing but dated copies goes, and what was written today never does', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(400), { maxLength: 60 }), fc.nat(400), (days, now) => {
      const names = [
        ...new Set(days.map((i) => copyName(day(i), i % 2 === 0 ? 'json' : 'zip'))),
        'cobbet-book.json',
        'notes.txt',
        'cobbet-book-of-mine.json',
      ];
      const drop = copiesToDrop(names, day(now));
      for (const name of drop) expect(name).toMatch(/^cobbet-book-\d{4}-\d\d-\d\d\.(json|zip)$/);
      expect(drop).not.toContain(copyName(day(now), 'json'));
      // the latest there is always stays
      const last = names
        .filter((name) => /\d\d\.(json|zip)$/.test(name))
        .sort()
        .at(-1);
      if (last !== undefined) expect(drop).not.toContain(last);
    }),
  );
});
