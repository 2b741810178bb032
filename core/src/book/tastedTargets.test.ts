import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { newTasting } from '../taste/newTasting';
import type { Tasting } from '../taste/tasting';
import { withMark } from '../taste/tastingEdits';
import { tastingResult } from '../taste/tastingResult';
import { tastedBowl } from './tastedBowl';
import { tastedTargets } from './tastedTargets';
import type { TrialRow } from './trialRow';

const kitchen = kitchenOf();

const row = (ingredientId: string, massG: number): TrialRow => ({
  ...{ ingredientId, planned: `${massG} g`, amount: `${massG} g`, massG, cv: 0.01, place: 'bowl' },
});

/** 500 g of rinsed chickpeas and water with so much salt added. */
const salted = (id: string, saltG: number) =>
  trial(id, 'd1', {
    rows: [row('chickpeas-cooked', 400), row('water', 100 - saltG), row('sea-salt-fine', saltG)],
  });

const book = bookOf([dip('d1')], [salted('thin', 2), salted('full', 6)]);

function tasted(says: Record<string, [liking: number, salt: number][]>): Tasting {
  const samples = Object.keys(says).map((id) => ({
    id,
    name: id,
    of: { kind: 'trial' as const, id },
  }));
  const tasters = (Object.values(says)[0] ?? []).map((_, i) => `Seat ${i + 1}`);
  const plan = newTasting({
    ...{
      id: 't',
      name: 't',
      kind: 'each',
      blind: false,
      eatenWith: '',
      atC: null,
      samples,
      tasters,
    },
    asks: { liking: true, jar: ['salt', 'smoke'], words: [], note: false },
    ...{ createdAt: '2027-06-12T10:30:00.000Z', twice: null, seed: 1 },
  });
  return Object.entries(says).reduce((now, [id, marks]) => {
    const code = plan.pots.find(({ sampleId }) => sampleId === id)?.code ?? '';
    return marks.reduce(
      (then, [liking, salt], i) => withMark(then, String(i + 1), code, { liking, jar: { salt } }),
      now,
    );
  }, plan);
}

function targetsOf(tasting: Tasting) {
  const { panel } = tastingResult(tasting);
  if (!panel) throw new Error('nobody tasted');
  return tastedTargets(tasting, panel, (sample) => tastedBowl(sample, book, kitchen));
}

describe('a tasting becomes targets', () => {
  test('what is short and liked less for it is aimed up, by what a mark is worth', () => {
    // six of eight a mark short and two points less liked
    const [target, ...others] = targetsOf(
      tasted({ thin: [...Array(6).fill([5, 2]), [7, 3], [7, 3]] as [number, number][] }),
    );
    expect(others).toEqual([]);
    expect(target).toMatchObject({ attribute: 'salt', dipId: 'd1' });
    const [pot] = target?.pots ?? [];
    expect(pot?.direction).toBe('more');
    // 2 g in 500; chickpeas bring a trace of their own
    expect(pot?.from).toBeGreaterThan(0.39);
    expect(pot?.from).toBeLessThan(0.45);
    // three quarters of a mark, a mark twice the 0.08 that is noticed
    expect((target?.aim?.to ?? 0) - (pot?.from ?? 0)).toBeCloseTo(0.75 * 0.16, 9);
    expect(target?.aim?.band.high).toBeCloseTo((target?.aim?.to ?? 0) + 0.08, 9);
  });

  test('two bowls of one dip ask for one thing, between the two', () => {
    const short: [number, number][] = Array.from({ length: 6 }, () => [4, 2]);
    const over: [number, number][] = Array.from({ length: 6 }, () => [5, 4]);
    const right: [number, number][] = Array.from({ length: 2 }, () => [8, 3]);
    const targets = targetsOf(tasted({ thin: [...short, ...right], full: [...over, ...right] }));
    expect(targets).toHaveLength(1);
    expect(targets[0]?.pots.map(({ direction }) => direction).sort()).toEqual(['less', 'more']);
    expect(targets[0]?.aim?.to).toBeGreaterThan(0.5);
    expect(targets[0]?.aim?.to).toBeLessThan(1.1);
  });

  test('what everybody finds short asks for more though nobody finds it right', () => {
    const all: [number, number][] = Array.from({ length: 5 }, () => [5, 2]);
    const [target] = targetsOf(tasted({ thin: all }));
    expect(target?.pots[0]?.why).toContain('100 % find it short, nobody finds it right');
    expect((target?.aim?.to ?? 0) - (target?.pots[0]?.from ?? 0)).toBeCloseTo(0.16, 9);
  });

  test('where liking was not asked most must agree', () => {
    const bowl = (salts: number[]) =>
      salts.reduce(
        (now, salt, i) =>
          withMark(now, String(i + 1), now.pots[0]?.code ?? '', {
            liking: undefined,
            jar: { salt },
          }),
        tasted({ thin: salts.map((): [number, number] => [5, 3]) }),
      );
    expect(targetsOf(bowl([2, 2, 3]))[0]?.pots[0]?.why).toBe(
      '67 % find it short, how it is liked was not asked',
    );
    expect(targetsOf(bowl([2, 2, 3, 3]))).toEqual([]);
  });

  test('what nobody likes less for it asks for nothing, nor what is no longer in the book', () => {
    expect(
      targetsOf(
        tasted({
          thin: [
            [7, 2],
            [7, 2],
            [7, 3],
            [6, 3],
          ],
        }),
      ),
    ).toEqual([]);
    expect(
      targetsOf(
        tasted({
          gone: [
            [4, 2],
            [4, 2],
            [7, 3],
          ],
        }),
      ),
    ).toEqual([]);
  });

  test('what has no figure is said without one', () => {
    let tasting = tasted({
      thin: [
        [4, 3],
        [4, 3],
        [8, 3],
      ],
    });
    const code = tasting.pots[0]?.code ?? '';
    for (const [seat, smoke] of [
      ['1', 1],
      ['2', 2],
      ['3', 3],
    ] as const) {
      tasting = withMark(tasting, seat, code, { jar: { smoke } });
    }
    expect(targetsOf(tasting)).toMatchObject([
      { attribute: 'smoke', pots: [{ direction: 'more', from: null }], aim: null },
    ]);
  });
});

test('a sample is found by what it is of, and its bowl is what really went in', () => {
  const of = (kind: 'dip' | 'trial' | 'run' | 'batch', id: string) =>
    tastedBowl({ of: { kind, id } }, book, kitchen);
  expect(of('trial', 'full')?.parts.map(({ massG }) => massG)).toEqual([400, 94, 6]);
  expect(of('dip', 'd1')?.parts).toHaveLength(2);
  expect(of('run', 'd1')).toBeNull();
  expect(of('batch', 'full')).toBeNull();
});
