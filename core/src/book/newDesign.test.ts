import { beforeAll, describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { chooseTrials } from '../design/chooseTrials';
import { withResponse } from '../design/mixtureDesign';
import { analyseDip, readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import { tables } from './tables';
import { chooseDesign, designQuestion, type DesignChosen } from './newDesign';

const kitchen = kitchenOf();
const amounts: [string, number][] = [
  ['tahini-hulled', 80],
  ['chickpeas-canned-drained', 300],
  ['olive-oil-extra-virgin', 30],
  ['water', 60],
  ['lemon-juice', 30],
  ['sea-salt-fine', 4],
];
const hummus: Dip = dip('d1', {
  rows: amounts.map(([ingredientId, massG], i) => ({
    ...{ id: `r${i}`, ingredientId, amount: `${massG} g`, place: 'bowl' as const },
    ...{ prep: '', hold: false },
  })),
  targets: {
    chilledBody: { low: 6.6, high: 7.6 },
    saltG: { low: 0.85, high: 1.1 },
    acidG: { low: 0.25, high: 0.45 },
  },
});
const components = [
  { rowId: 'r0', ingredientId: 'tahini-hulled', min: 0.1, max: 0.35 },
  { rowId: 'r1', ingredientId: 'chickpeas-canned-drained', min: 0.55, max: 0.85 },
  { rowId: 'r2', ingredientId: 'olive-oil-extra-virgin', min: 0.02, max: 0.15 },
];

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

function chosen(of: Dip, n = 8) {
  const question = designQuestion(readDip(of, kitchen), components, n, 5);
  if (!question) throw new Error('it can’t be read');
  return chooseDesign(question, solver, (place) => `t${place}`);
}
function trialsOf(of: Dip, n?: number): DesignChosen {
  const told = chosen(of, n);
  if ('why' in told) throw new Error(told.why);
  return told;
}

describe('trials of a dip on purpose', () => {
  test('each is a bowl that lands, with its components in their shares and liquid, salt and sour following', () => {
    const { trials, efficiency, model } = trialsOf(hummus);
    expect(trials).toHaveLength(8);
    expect(model).toBe('quadratic');
    expect(efficiency).toBeGreaterThan(0.5);
    for (const { shares, amounts: written, massG } of trials) {
      expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
      const rows = hummus.rows.map((row) => ({
        ...row,
        amount: written.find(({ rowId }) => rowId === row.id)?.amount ?? '',
      }));
      const { analysis } = analyseDip({ ...hummus, rows }, kitchen);
      expect(analysis.chilledBody).toBeGreaterThan(6.59);
      expect(analysis.chilledBody).toBeLessThan(7.61);
      expect(analysis.per100g.saltG).toBeGreaterThan(0.849);
      expect(analysis.per100g.acidG).toBeLessThan(0.451);
      expect(analysis.massG).toBeCloseTo(massG, 0);
      // 410 g of tahini, chickpeas and oil together
      const tahiniG = Number((rows[0]?.amount ?? '').replace(' g', ''));
      expect(tahiniG).toBeCloseTo(410 * (shares[0] ?? 0), 1);
    }
    expect(new Set(trials.map(({ shares }) => shares.join())).size).toBeGreaterThan(5);
  });

  test('what can’t be landed is cut out, and where too little is left it says so', () => {
    const stiff = { ...hummus, targets: { ...hummus.targets, massG: { low: 470, high: 520 } } };
    const told = chosen(stiff);
    const cut = 'why' in told ? 99 : told.cut.length;
    expect(cut).toBeGreaterThan(0);
    const never = { ...hummus, targets: { saltG: { low: 40, high: 50 } } };
    expect(chosen(never)).toMatchObject({ why: expect.stringContaining('Only 0 of') });
  });

  test('mixtures in a line tell no plane, however many they are', () => {
    const line = [0.2, 0.3, 0.4, 0.5, 0.6].map((a) => [a, 0.8 - a, 0.2]);
    expect(chooseTrials(line, 8, 1)).toBeNull();
    const plane = [...line, [0.3, 0.3, 0.4]];
    expect(chooseTrials(plane, 8, 1)?.model).toBe('linear');
  });

  test('what is kept of it is taken by the book, and a response is said and taken back', () => {
    const design = {
      ...{ id: 'x', dipId: 'd1', name: 'Tahini, chickpeas, oil', response: 'liking', components },
      ...trialsOf(hummus, 6),
      createdAt: '2027-06-12T10:30:00.000Z',
    };
    expect(tables.designs.schema.validate(design).error).toBeUndefined();
    const [first] = design.trials;
    const said = withResponse(design, first?.id ?? '', 7);
    expect(said.trials.map(({ y }) => y)).toEqual([7, null, null, null, null, null]);
    expect(withResponse(said, first?.id ?? '', null).trials[0]?.y).toBeNull();
    const short = { ...design, cut: [[0.5, 0.5]] };
    expect(tables.designs.schema.validate(short).error?.message).toContain('no share for each');
  });

  test('a component that is in no row is no question', () => {
    const gone = components.map((one) => ({ ...one, rowId: `${one.rowId}x` }));
    expect(designQuestion(readDip(hummus, kitchen), gone, 8, 1)).toBeNull();
  });
});
