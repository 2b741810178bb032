import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Amount, Measure, Unit } from './amount';
import { parseAmount } from './parseAmount';
import { printAmount } from './printAmount';

/** The first term of a readable amount. */
function term(text: string): Measure {
  const read = parseAmount(text);
  if (!read.ok) throw new Error(`${text}: ${read.error.message}`);
  if (read.value.kind === 'toTaste') throw new Error(`${text} is to taste`);
  const [first] = read.value.terms;
  if (!first) throw new Error(`${text} has no terms`);
  return first;
}

describe('numbers', () => {
  test.each([
    ['2 cups', 2],
    ['1.5 cups', 1.5],
    ['1,5 cups', 1.5],
    ['.5 l', 0.5],
    ['1/3 cup', 1 / 3],
    ['½ cup', 0.5],
    ['1½ cups', 1.5],
    ['1 ½ cups', 1.5],
    ['1 1/2 cups', 1.5],
    ['1-1/2 cups', 1.5],
    ['1 and 1/2 cups', 1.5],
    ['1-½ cups', 1.5],
    ['1\u00a01/2\u2009cups', 1.5],
    ['a third of a cup', 1 / 3],
    ['1⁄4 cup', 0.25],
    ['one and a half cups', 1.5],
    ['two thirds of a cup', 2 / 3],
    ['half a cup', 0.5],
    ['a cup', 1],
    ['1/2 a cup', 0.5],
    ['3/4 of a cup', 0.75],
    ['1/2 of a lemon', 0.5],
    ['2 lemons, juiced', 2],
    ['4 oz (115 g)', 4],
    ['1 1/2 cups (about 360 ml)', 1.5],
    ['a dozen leaves', 12],
    ['a couple of cloves', 2],
    ['about 3 tbsp', 3],
    ['1,000 g', 1000],
    ['1,250 kg', 1.25],
  ])('%s is %f', (text, value) => {
    expect(term(text).value).toBeCloseTo(value, 9);
  });

  test.each([
    ['3–4 cloves', 3, 4],
    ['3-4 cloves', 3, 4],
    ['3 to 4 cloves', 3, 4],
    ['2 or 3 cloves', 2, 3],
    ['1/2 to 3/4 cup', 0.5, 0.75],
    ['1/2 cup to 3/4 cup', 0.5, 0.75],
    ['1 - 1 1/2 cups', 1, 1.5],
    ['1–1½ tsp', 1, 1.5],
    ['¼–½ tsp', 0.25, 0.5],
  ])('%s is a range and its middle', (text, low, high) => {
    const { value, low: from, high: to } = term(text);
    expect([from, to]).toEqual([low, high]);
    expect(value).toBeCloseTo((low + high) / 2, 9);
  });
});

describe('units', () => {
  test.each<[string, Unit]>([
    ['2 T', 'tbsp'],
    ['2 t', 'tsp'],
    ['2 c', 'cup'],
    ['2 Tbsp.', 'tbsp'],
    ['2 tablespoonfuls', 'tbsp'],
    ['2 fl oz', 'floz'],
    ['2 fluid ounces', 'floz'],
    ['3 lbs', 'lb'],
    ['5 dl', 'dl'],
    ['400g', 'g'],
    ['a pinch', 'pinch'],
    ['splash', 'splash'],
    ['a handful', 'handful'],
    ['1 tin', 'can'],
    ['1 bunch', 'bunch'],
  ])('%s is measured in %s', (text, unit) => {
    expect(term(text).unit).toBe(unit);
  });

  test.each([
    ['2 heaped tbsp', 'heaped'],
    ['1 packed cup', 'packed'],
    ['1 firmly packed cup', 'packed'],
    ['1 cup packed', 'packed'],
    ['1 cup, packed', 'packed'],
    ['1 scant tsp', 'scant'],
  ])('%s is %s', (text, fill) => {
    expect(term(text).fill).toBe(fill);
  });

  test.each([
    ['2 x 400 g cans', 2, 400, 'g'],
    ['2x400g cans', 2, 400, 'g'],
    ['1 (15 oz) can', 1, 15, 'oz'],
    ['1 15-oz can', 1, 15, 'oz'],
    ['a 400 g can', 1, 400, 'g'],
    ['400 g can', 1, 400, 'g'],
    ['1 can (400 g)', 1, 400, 'g'],
    ['2 cans (400 g each)', 2, 400, 'g'],
    ['1 15 oz can', 1, 15, 'oz'],
  ])('%s is a package of its size', (text, count, size, unit) => {
    const read = term(text);
    expect(read).toMatchObject({ unit: 'can', value: count, packageSize: { value: size, unit } });
  });

  test('so many of a size without a package is one mass', () => {
    expect(term('2 x 240 g')).toMatchObject({ unit: 'g', value: 480 });
  });

  test.each([
    ['juice of 2 lemons', 2, 'lemon', 'juice'],
    ['juice of half a lemon', 0.5, 'lemon', 'juice'],
    ['the zest of 1 lime'.slice(4), 1, 'lime', 'zest'],
    ['juice from 1 large orange', 1, 'orange', 'juice'],
    ['the juice of 1/2 a lime', 0.5, 'lime', 'juice'],
  ])('%s', (text, count, piece, partOf) => {
    expect(term(text)).toMatchObject({ unit: 'piece', value: count, piece, part: partOf });
  });

  test('sums keep their terms', () => {
    const read = parseAmount('1 lb 4 oz');
    expect(
      read.ok && read.value.kind === 'measured' && read.value.terms.map((t) => t.unit),
    ).toEqual(['lb', 'oz']);
    const cup = parseAmount('1 cup + 2 tbsp');
    expect(cup.ok && cup.value.kind === 'measured' && cup.value.terms.length).toBe(2);
  });

  test('to taste is no amount, and allowed', () => {
    expect(parseAmount('to taste')).toEqual({ ok: true, value: { kind: 'toTaste' } });
  });
});

describe('what can’t be read', () => {
  test.each([
    ['3 blorps', 'blorps', 'no measure known'],
    ['1/0 cup', '1 / 0 cup', 'divides by nothing'],
    ['1–2/0 cups', '1 - 2 / 0 cups', 'divides by nothing'],
    ['4-3 cups', '4 - 3 cups', 'from more to less'],
    ['5 g foo', 'foo', "can't be read here"],
    ['cups', 'cups', 'needs a number'],
    ['', '', 'Write an amount'],
    ['1 cup +', '+', 'missing after'],
    ['-5 g', '-', 'less than nothing'],
    ['juice of 2', 'juice', 'Say what the juice is of'],
    ['lots', 'lots', 'not an amount'],
    ['3- cups', '-', 'missing its end'],
  ])('“%s” says which part and why', (text, part, why) => {
    const read = parseAmount(text);
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.error.part).toContain(part);
    expect(read.error.message).toContain(why);
  });

  test('nothing a cook can type throws', () => {
    const pieces = [
      '1',
      '½',
      '/',
      '-',
      'x',
      'cup',
      'juice of',
      '(',
      ')',
      ' ',
      ',',
      'and',
      'half',
      'g',
      'can',
      'T',
      '+',
      '∞',
      'ñ',
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...pieces), { maxLength: 9 }), (words) => {
        const read = parseAmount(words.join(''));
        expect(typeof read.ok).toBe('boolean');
        if (read.ok && read.value.kind === 'measured') {
          for (const one of read.value.terms) expect(Number.isFinite(one.value)).toBe(true);
        } else if (!read.ok) expect(read.error.message.length).toBeGreaterThan(5);
      }),
      { numRuns: 500 },
    );
  });
});

describe('parse and print', () => {
  const kitchenNumber = fc.oneof(
    fc.integer({ min: 1, max: 40 }),
    fc.integer({ min: 1, max: 80 }).map((n) => n / 8),
    fc.integer({ min: 1, max: 30 }).map((n) => n / 3),
    fc.integer({ min: 1, max: 9999 }).map((n) => n / 100),
  );
  const plain = fc
    .record({
      a: kitchenNumber,
      b: fc.option(kitchenNumber),
      unit: fc.constantFrom<Unit>(
        'g',
        'ml',
        'cup',
        'tbsp',
        'tsp',
        'oz',
        'lb',
        'pinch',
        'splash',
        'floz',
        'can',
        'handful',
        'bunch',
      ),
      fill: fc.option(fc.constantFrom('heaped' as const, 'packed' as const, 'scant' as const)),
    })
    .map(({ a, b, unit, fill }): Measure => {
      const low = b === null ? a : Math.min(a, b);
      const high = b === null ? a : Math.max(a, b);
      const spoons = ['cup', 'tbsp', 'tsp'].includes(unit);
      return { value: (low + high) / 2, low, high, unit, ...(fill && spoons ? { fill } : {}) };
    });
  const piece = fc
    .record({
      n: kitchenNumber,
      piece: fc.constantFrom('clove', 'lemon', 'leaf', 'tomato', 'slice'),
      part: fc.option(fc.constantFrom('juice' as const, 'zest' as const)),
    })
    .map(({ n, piece: word, part }): Measure => ({
      value: n,
      low: n,
      high: n,
      unit: 'piece',
      piece: word,
      ...(part ? { part } : {}),
    }));

  test('what is printed is read as the same amount', () => {
    const amount = fc
      .array(fc.oneof(plain, piece), { minLength: 1, maxLength: 3 })
      .map((terms): Amount => ({ kind: 'measured', terms }));
    fc.assert(
      fc.property(amount, (written) => {
        const text = printAmount(written);
        const read = parseAmount(text);
        expect(read).toMatchObject({ ok: true, value: { kind: 'measured' } });
        if (!read.ok || read.value.kind !== 'measured' || written.kind !== 'measured') return;
        expect(read.value.terms.length).toBe(written.terms.length);
        read.value.terms.forEach((one, i) => {
          const same = written.terms[i];
          expect([text, one.unit, one.fill, one.piece, one.part]).toEqual([
            text,
            same?.unit,
            same?.fill,
            same?.piece,
            same?.part,
          ]);
          expect(one.low).toBeCloseTo(same?.low ?? NaN, 3);
          expect(one.high).toBeCloseTo(same?.high ?? NaN, 3);
        });
      }),
      { numRuns: 400 },
    );
  });
});

test.each(['1 cup and 2', '1 cup and a half and', 'and a half'])(
  '“%s” has half a thought too many and is no amount',
  (text) => expect(parseAmount(text).ok).toBe(false),
);
