import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { usualSeasoning } from '../mix/families';
import type { TasteMarks } from '../readings/tastes';
import { newTasting } from '../taste/newTasting';
import { withMark } from '../taste/tastingEdits';
import type { Batch } from './batch';
import { type Book, defaultSettings } from './book';
import { guestGroups, houseSeasoning, houseVerdicts, usualHere } from './houseTaste';
import type { TrialRow } from './trialRow';

const kitchen = kitchenOf();
const row = (ingredientId: string, massG: number): TrialRow => ({
  ...{ ingredientId, planned: `${massG} g`, amount: `${massG} g`, massG, cv: 0.01, place: 'bowl' },
});
/** Water with so much salt in 100 g. */
const salted = (id: string, saltG: number, tastes: TasteMarks, extra = {}) =>
  trial(id, 'd1', {
    rows: [row('water', 100 - saltG), row('sea-salt-fine', saltG)],
    tastes,
    ...extra,
  });

const pulse = { family: 'pulse' as const };
const trials = [
  salted('t1', 1.1, { salt: 'over' }),
  salted('t2', 0.9, { salt: 'over', sour: 'right' }),
  salted('t3', 0.7, { salt: 'right' }, { madeAt: '2026-05-20T10:00:00.000Z' }),
];
const book = bookOf([dip('d1', pulse), dip('d2', { family: 'yogurt' })], trials);

const withSettings = (from: Book, change: Partial<typeof defaultSettings>): Book => ({
  ...from,
  settings: new Map([['settings', { ...defaultSettings, ...change }]]),
});

/** Two children find trial 1 right. */
function children(): Book {
  const plan = newTasting({
    ...{ id: 'c', name: 'Juniors', kind: 'each', blind: true, eatenWith: '', atC: null, seed: 1 },
    asks: { liking: false, jar: ['salt'], words: [], note: false },
    samples: [{ id: 's', of: { kind: 'trial', id: 't1' }, name: 'trial 1' }],
    ...{ tasters: ['One', 'Two'], twice: null, guests: 'children' },
    createdAt: '2026-05-21T10:00:00.000Z',
  });
  const code = plan.pots[0]?.code ?? '';
  const said = ['1', '2'].reduce((now, id) => withMark(now, id, code, { jar: { salt: 3 } }), plan);
  const closed = { ...said, closedAt: '2026-05-21T11:00:00.000Z' };
  return { ...book, tastings: new Map([['c', closed]]) };
}

describe('what is usual here', () => {
  test('is moved by what was said of the family’s dips, at what they really had', () => {
    const verdicts = houseVerdicts(book, kitchen, 'pulse');
    expect(verdicts.map(({ taste, side }) => [taste, side])).toEqual([
      ['salt', 'high'],
      ['salt', 'high'],
      ['sour', 'right'],
      ['salt', 'right'],
    ]);
    // fine sea salt is all salt but for a trace
    expect(verdicts[0]?.level).toBeCloseTo(1.1, 1);
    const { saltG, garlicG } = usualHere('pulse', verdicts);
    expect(saltG.n).toBe(3);
    expect(saltG.ideal).toBeLessThan(0.95);
    expect(garlicG).toMatchObject({ ...usualSeasoning.pulse.garlicG, n: 0 });
    expect(houseVerdicts(book, kitchen, 'yogurt')).toEqual([]);
  });

  test('can be begun afresh, and old verdicts can fade', () => {
    const since = withSettings(book, { tasteSince: '2026-05-10T00:00:00.000Z' });
    expect(houseVerdicts(since, kitchen, 'pulse').map(({ of }) => of)).toEqual(['Dip d1, trial 1']);
    const fading = withSettings(book, { tasteFades: true });
    const later = Date.parse('2026-05-04T10:00:00.000Z') + 180 * 86_400_000;
    const [first] = houseVerdicts(fading, kitchen, 'pulse', null, later);
    const [fresh] = houseVerdicts(book, kitchen, 'pulse');
    expect((first?.weight ?? 0) / (fresh?.weight ?? 1)).toBeCloseTo(0.5, 9);
  });

  test('guests of a kind are kept by themselves', () => {
    const both = children();
    expect(guestGroups(both.tastings.values())).toEqual(['children']);
    expect(houseVerdicts(both, kitchen, 'pulse')).toHaveLength(4);
    const theirs = houseVerdicts(both, kitchen, 'pulse', 'children');
    expect(theirs).toMatchObject([{ side: 'right' }, { side: 'right' }]);
    const { saltG } = usualHere('pulse', theirs);
    expect(saltG.ideal).toBeGreaterThan(
      usualHere('pulse', houseVerdicts(both, kitchen, 'pulse')).saltG.ideal,
    );
  });

  test('what was said cold with bread counts for more than a spoon out of the machine', () => {
    const gate = {
      ...{
        when: 'chilled' as const,
        eatenWith: 'flatbread',
        atC: 5,
        tastes: { salt: 'short' as const },
      },
      at: '2026-05-22T10:00:00.000Z',
    };
    const one = salted('t9', 0.9, { salt: 'over' }, { gates: [gate] });
    const of = bookOf([dip('d1', { ...pulse, servedAtC: 5 })], [one]);
    const [warm, cold] = houseVerdicts(of, kitchen, 'pulse');
    expect(cold?.weight).toBe(1);
    expect(warm?.weight).toBeLessThan(0.6);
    // one says over, the other short, of the same bowl: the one that is eaten like that is heard
    const { saltG } = usualHere(
      'pulse',
      [warm, cold].flatMap((said) => said ?? []),
    );
    const { low, high } = usualSeasoning.pulse.saltG;
    expect(saltG.ideal).toBeGreaterThan((low + high) / 2);
  });

  test('a batch that is wanted again was right in what it had, half as sure; one that is not says nothing of which', () => {
    const batch = (again: Batch['again']): Batch => ({
      ...{ id: 'b', code: 'B-1', dipId: 'd1', name: 'Dip d1', trialId: null, family: 'pulse' },
      ...{ machineId: 'food-processor', madeAt: '2026-05-20T10:00:00.000Z', madeOn: '2026-05-20' },
      ...{ rows: [row('water', 99.1), row('sea-salt-fine', 0.9)], inG: 100, yieldG: 100 },
      ...{ weighed: false, losses: [], portionG: 50, uses: [], pots: [], kept: null },
      ...(again ? { again } : {}),
    });
    const of = (again: Batch['again']) =>
      houseVerdicts(
        { ...bookOf([dip('d1', pulse)], []), batches: new Map([['b', batch(again)]]) },
        kitchen,
        'pulse',
      );
    const [salt] = of('again');
    expect(salt).toMatchObject({ taste: 'salt', side: 'right', weight: 0.5, of: 'Dip d1, B-1' });
    expect(salt?.level).toBeCloseTo(0.9, 1);
    expect(of('not again')).toEqual([]);
    expect(of(undefined)).toEqual([]);
  });

  test('a tasting that goes on says nothing yet', () => {
    const both = children();
    const [open] = [...both.tastings.values()].map((one) => ({ ...one, closedAt: null }));
    const going = { ...both, tastings: new Map(open ? [['c', open]] : []) };
    expect(houseVerdicts(going, kitchen, 'pulse', 'children')).toEqual([]);
  });
});

describe('what is usual here, to be aimed at', () => {
  test('is nothing where nothing was said: the family’s own holds', () => {
    expect(houseSeasoning('pulse', [])).toBeNull();
  });

  test('moves to where verdicts say, to two places, and what was not said of stays near the family’s', () => {
    const said = Array.from({ length: 12 }, (_, i) => ({
      ...{
        taste: 'salt' as const,
        level: 0.7 + 0.05 * i,
        at: `2026-05-${10 + i}T09:00:00.000Z`,
        of: 'a',
      },
      // here 0.7 to 0.95 is right and more is too salty
      side: 0.7 + 0.05 * i > 0.95 ? ('high' as const) : ('right' as const),
    }));
    const usual = houseSeasoning('pulse', said);
    const { saltG: family, acidG } = usualSeasoning.pulse;
    expect(usual?.saltG.low).toBeLessThan(family.low);
    expect(usual?.saltG.high).toBeLessThan(family.high);
    expect(usual?.acidG).toEqual(acidG);
    expect(String(usual?.saltG.low)).toMatch(/^\d(\.\d{1,2})?$/);
  });
});
