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

type More = Parameters<typeof designQuestion>[2];
function chosen(of: Dip, n = 8, more: Partial<More> = {}) {
  const question = designQuestion(readDip(of, kitchen), components, {
    ...{ n, seed: 5, varies: [] },
    ...more,
  });
  if (!question) throw new Error('it can’t be read');
  return chooseDesign(question, solver, (place) => `t${place}`);
}
function trialsOf(of: Dip, n?: number, more?: Partial<More>): DesignChosen {
  const told = chosen(of, n, more);
  if ('why' in told) throw new Error(told.why);
  return told;
}

describe('trials of a dip on purpose', () => {
  test('a liquid keeps within its own limit: what would need more of it is cut out', () => {
    const waterG = (of: Dip) =>
      trialsOf(of, 8).trials.map(({ amounts: written }) =>
        Number((written.find(({ rowId }) => rowId === 'r3')?.amount ?? '').replace(' g', '')),
      );
    const free = waterG(hummus);
    const most = Math.round((Math.min(...free) + Math.max(...free)) / 2);
    const limited = waterG({
      ...hummus,
      rows: hummus.rows.map((row) => (row.id === 'r3' ? { ...row, max: `${most} g` } : row)),
    });
    expect(Math.max(...free)).toBeGreaterThan(most);
    expect(Math.max(...limited)).toBeLessThanOrEqual(most + 0.01);
  });

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
    const line = [0.2, 0.3, 0.4, 0.5, 0.6].map((a) => ({ shares: [a, 0.8 - a, 0.2] }));
    expect(chooseTrials(line, 8, 1)).toBeNull();
    const plane = [...line, { shares: [0.3, 0.3, 0.4] }];
    expect(chooseTrials(plane, 8, 1)?.model).toBe('linear');
  });

  test('what is kept of it is taken by the book, and a response is said and taken back', () => {
    const design = {
      ...{ id: 'x', dipId: 'd1', name: 'Tahini, chickpeas, oil', components },
      responses: [{ name: 'liking', goal: 'more' as const }],
      ...trialsOf(hummus, 6),
      createdAt: '2027-06-12T10:30:00.000Z',
    };
    expect(tables.designs.schema.validate(design).error).toBeUndefined();
    const [first] = design.trials;
    const said = withResponse(design, first?.id ?? '', 'liking', 7);
    expect(said.trials.map(({ marks }) => marks)).toEqual([{ liking: 7 }, {}, {}, {}, {}, {}]);
    expect(withResponse(said, first?.id ?? '', 'liking', null).trials[0]?.marks).toEqual({});
    const short = { ...design, cut: [{ shares: [0.5, 0.5] }] };
    expect(tables.designs.schema.validate(short).error?.message).toContain('no share for each');
  });

  test('a component that is in no row is no question', () => {
    const gone = components.map((one) => ({ ...one, rowId: `${one.rowId}x` }));
    expect(
      designQuestion(readDip(hummus, kitchen), gone, { n: 8, seed: 1, varies: [] }),
    ).toBeNull();
  });
});

describe('figures varied on purpose beside the mixture', () => {
  const salt = { figure: 'saltG', low: 0.6, high: 1.4 } as const;
  const written = (amountsOf: DesignChosen['trials'][number]['amounts']) => {
    const rows = hummus.rows.map((row) => ({
      ...row,
      amount: amountsOf.find(({ rowId }) => rowId === row.id)?.amount ?? '',
    }));
    return analyseDip({ ...hummus, rows }, kitchen).analysis;
  };

  test('each trial has it where it is set, and the other targets still hold', () => {
    const { trials, model } = trialsOf(hummus, 12, { varies: [salt] });
    expect(model).toBe('quadratic');
    const seen = new Set<number>();
    for (const { levels = [], amounts: of } of trials) {
      const [level = NaN] = levels;
      seen.add(level);
      const analysis = written(of);
      // 0.6 to 1.4, and within half of what counts as missing it
      expect(Math.abs(analysis.per100g.saltG - (0.6 + 0.8 * level))).toBeLessThan(0.051);
      expect(analysis.chilledBody).toBeGreaterThan(6.59);
      expect(analysis.per100g.acidG).toBeLessThan(0.451);
    }
    expect([...seen].sort()).toEqual([0, 0.5, 1]);
  });

  test('body that is varied goes where it is set, and what was wanted of it stands aside', () => {
    const varies = [{ figure: 'chilledBody', low: 5.5, high: 8 } as const];
    for (const { levels = [], amounts: of } of trialsOf(hummus, 10, { varies }).trials) {
      const body = written(of).chilledBody ?? NaN;
      expect(Math.abs(body - (5.5 + 2.5 * (levels[0] ?? NaN)))).toBeLessThan(0.16);
    }
  });

  test('the book takes it, and refuses a mixture without a level', () => {
    const design = {
      ...{ id: 'x', dipId: 'd1', name: 'Tahini and salt', components, varies: [salt] },
      responses: [{ name: 'liking', goal: 'more' as const }],
      ...trialsOf(hummus, 6, { varies: [salt] }),
      createdAt: '2027-06-12T10:30:00.000Z',
    };
    const fault = (one: object) => tables.designs.schema.validate(one).error?.message;
    expect(fault(design)).toBeUndefined();
    const [first] = design.trials;
    expect(fault({ ...design, trials: [{ ...first, levels: undefined }] })).toContain('no level');
    expect(fault({ ...design, varies: [{ ...salt, high: 0.6 }] })).toContain('high');
    expect(fault({ ...design, varies: [salt, salt] })).toContain('varies');
  });
});

describe('how trials are planned', () => {
  test('small: each makes what is asked, and is the same bowl', () => {
    const [as, small] = [trialsOf(hummus), trialsOf(hummus, 8, { eachG: 150 })];
    small.trials.forEach(({ massG, amounts: written, shares }, i) => {
      expect(massG).toBeCloseTo(150, 9);
      expect(shares).toEqual(as.trials[i]?.shares);
      const sum = written.reduce((all, { amount }) => all + Number(amount.replace(' g', '')), 0);
      expect(sum).toBeCloseTo(150, 0);
      const tahini = (of: typeof written) => Number((of[0]?.amount ?? '').replace(' g', ''));
      const factor = 150 / (as.trials[i]?.massG ?? 1);
      expect(tahini(written)).toBeCloseTo(tahini(as.trials[i]?.amounts ?? []) * factor, 0);
    });
  });

  test('some are done twice, within the number that was asked', () => {
    const { trials } = trialsOf(hummus, 9, { repeats: 2 });
    expect(trials).toHaveLength(9);
    const times = new Map<string, number>();
    for (const { shares } of trials) times.set(shares.join(), (times.get(shares.join()) ?? 0) + 1);
    expect([...times.values()].filter((n) => n > 1).length).toBeGreaterThanOrEqual(2);
    expect(new Set(trials.map(({ id }) => id)).size).toBe(9);
  });

  test('over days: as many a day as fit, in the order they are made', () => {
    const { trials } = trialsOf(hummus, 8, { perDay: 3 });
    expect(trials.map(({ day }) => day)).toEqual([1, 1, 1, 2, 2, 2, 3, 3]);
    expect(trialsOf(hummus).trials.some(({ day }) => day !== undefined)).toBe(false);
  });
});
