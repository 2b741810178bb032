import { describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { tastePlanRequest, tasteRequest } from './tasteRequest';

const marks: [number, number][] = [
  ...[4, 5, 4, 5].map((liking): [number, number] => [liking, 2]),
  ...[7, 8, 7, 8, 7].map((liking): [number, number] => [liking, 3]),
  [6, 4],
];
const answers = marks.map(([liking, salt], i) => ({
  ...{ taster: `seat ${i + 1}`, sample: 'plain', liking, jar: { salt } },
}));

describe('taste', () => {
  test('liking with its interval, by hand', () => {
    const { liking } = tasteRequest({ samples: ['plain'], answers });
    // 61 / 10; squares about it add up to 20.9
    expect(liking['plain']).toEqual({
      ...{ mean: expect.closeTo(6.1, 12), n: 10, sd: expect.closeTo(Math.sqrt(20.9 / 9), 12) },
      low: expect.closeTo(6.1 - (2.262 * Math.sqrt(20.9 / 9)) / Math.sqrt(10), 3),
      high: expect.closeTo(6.1 + (2.262 * Math.sqrt(20.9 / 9)) / Math.sqrt(10), 3),
    });
  });

  test('a penalty counts where a fifth stand, and becomes a shift that names how few they are', () => {
    const { penalties, shifts } = tasteRequest({ samples: ['plain'], answers });
    expect(penalties).toEqual([
      {
        ...{
          sample: 'plain',
          attribute: 'salt',
          side: 'low',
          share: 0.4,
          rightShare: 0.5,
          n: 4,
          rightN: 5,
        },
        drop: expect.closeTo(7.4 - 4.5, 12),
        p: expect.closeTo(1 / 126, 12),
      },
    ]);
    expect(shifts).toEqual([
      {
        ...{ sample: 'plain', attribute: 'salt', direction: 'more' },
        why: '40 % find it short, 4 of them like it 2.9 less (p 0.008); 10 tasters are few',
      },
    ]);
  });

  test('where tasters stand on both sides at the same cost nothing is proposed', () => {
    const both = [2, 2, 4, 4, 3, 3].map((salt, i) => ({
      ...{ taster: `seat ${i}`, sample: 'plain', liking: salt === 3 ? 8 : 5, jar: { salt } },
    }));
    const told = tasteRequest({ samples: ['plain'], answers: both });
    expect(told.penalties).toHaveLength(2);
    expect(told.shifts).toEqual([]);
  });

  test('samples are compared by those who marked both', () => {
    const two = [
      ...[8, 7, 9, 8, 7, 8].map((liking, i) => ({ taster: `${i}`, sample: 'a', liking })),
      ...[7, 6, 8, 7, 6, 7].map((liking, i) => ({ taster: `${i}`, sample: 'b', liking })),
      { taster: 'late', sample: 'b', liking: 9 },
    ];
    const told = tasteRequest({ samples: ['a', 'b'], answers: two });
    expect(told.pairs).toEqual([
      {
        ...{ a: 'a', b: 'b', difference: expect.closeTo(1, 12), n: 6 },
        ...{ p: expect.closeTo(2 / 64, 12), adjusted: expect.closeTo(2 / 64, 12) },
      },
    ]);
    expect(told.friedman?.p).toBeCloseTo(2 / 64, 12);
    expect(JSON.parse(JSON.stringify(told))).toEqual(told);
  });

  test('tests alone, and nothing at all, are answered', () => {
    const told = tasteRequest({ tests: [{ kind: 'triangle', n: 6, correct: 5 }] });
    expect(told.tests[0]?.p).toBeCloseTo(13 / 729, 12);
    expect(told).not.toHaveProperty('friedman');
    expect(tasteRequest({})).toEqual({
      ...{ liking: {}, pairs: [], penalties: [], shifts: [], tests: [] },
    });
  });

  test('what is wrong is named by its field', () => {
    const one = { taster: 'seat 1', sample: 'plain', liking: 5 };
    const crowd = Array.from({ length: 201 }, (_, i) => ({ taster: `${i}`, sample: 'plain' }));
    expect(refusal(() => tasteRequest({ samples: ['plain'], answers: crowd })).field).toBe(
      'answers',
    );
    expect(refusal(() => tasteRequest({ samples: ['green'], answers: [one] })).field).toBe(
      'answers[0].sample',
    );
    expect(refusal(() => tasteRequest({ samples: ['plain'], answers: [one, one] })).field).toBe(
      'answers[1]',
    );
    expect(
      refusal(() => tasteRequest({ tests: [{ kind: 'paired', n: 5, correct: 6 }] })).field,
    ).toBe('tests[0].correct');
    expect(
      refusal(() => tasteRequest({ samples: ['plain'], answers: [{ ...one, liking: 10 }] })).field,
    ).toBe('answers[0].liking');
  });
});

describe('taste-plan', () => {
  test('every taster gets every code once, in a balanced order', () => {
    const { codes, orders } = tastePlanRequest({ samples: 3, tasters: 6, seed: 4 });
    expect(Object.keys(codes)).toEqual(['1', '2', '3']);
    expect(orders).toHaveLength(6);
    for (const order of orders) expect([...order].sort()).toEqual(Object.values(codes).sort());
    for (const code of Object.values(codes)) {
      expect(orders.filter(([first]) => first === code)).toHaveLength(2);
    }
    // five of six right: four of five people have to notice it
    const { shows } = tastePlanRequest({ samples: 3, tasters: 6 });
    expect(shows.triangle.correct).toBe(5);
    expect(shows.triangle.noticing).toBeCloseTo(0.79, 1);
    expect(tastePlanRequest({ samples: 2, tasters: 2 }).shows.triangle).toMatchObject({
      ...{ correct: null, noticing: null },
    });
    expect(refusal(() => tastePlanRequest({ samples: 9, tasters: 2 })).field).toBe('samples');
  });
});
