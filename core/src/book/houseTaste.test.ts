import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { usualSeasoning } from '../mix/families';
import type { TasteMarks } from '../readings/tastes';
import { newTasting } from '../taste/newTasting';
import { withMark } from '../taste/tastingEdits';
import { type Book, defaultSettings } from './book';
import { guestGroups, houseVerdicts, usualHere } from './houseTaste';
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
    expect(saltG.ideal).toBeLessThan(0.9);
    expect(garlicG).toMatchObject({ ...usualSeasoning.pulse.garlicG, n: 0 });
    expect(houseVerdicts(book, kitchen, 'yogurt')).toEqual([]);
  });

  test('can be begun afresh, and old verdicts can fade', () => {
    const since = withSettings(book, { tasteSince: '2026-05-10T00:00:00.000Z' });
    expect(houseVerdicts(since, kitchen, 'pulse').map(({ of }) => of)).toEqual(['Dip d1, trial 1']);
    const fading = withSettings(book, { tasteFades: true });
    const later = Date.parse('2026-05-04T10:00:00.000Z') + 180 * 86_400_000;
    const [first] = houseVerdicts(fading, kitchen, 'pulse', null, later);
    expect(first?.weight).toBeCloseTo(0.5, 9);
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

  test('a tasting that goes on says nothing yet', () => {
    const both = children();
    const [open] = [...both.tastings.values()].map((one) => ({ ...one, closedAt: null }));
    const going = { ...both, tastings: new Map(open ? [['c', open]] : []) };
    expect(houseVerdicts(going, kitchen, 'pulse', 'children')).toEqual([]);
  });
});
