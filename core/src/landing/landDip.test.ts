import { beforeAll, describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { kitchenOf } from '../../test/kitchenOf';
import { readDip } from '../dip/analyseDip';
import { type Dip, plainRow } from '../dip/dip';
import { figuresOf, missed, targetFigure } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { isBody, targetNames } from '../mix/targets';
import { highsSolver } from './highsSolver';
import { amountEdits, landingQuestion, proposeLanding } from './landDip';
import { landParts } from './landParts';
import type { LinearSolver } from './linearProgram';

const kitchen = kitchenOf();
const hummus: Dip = dip('a', {
  rows: [
    { ...plainRow('t', 'tahini-hulled', '80 g'), hold: true },
    { ...plainRow('w', 'water', '60 g'), min: '1 tbsp', max: '  ' },
    { ...plainRow('c', 'chickpeas-canned-drained', '320 g'), max: '350 g', min: 'some' },
  ],
});

describe('a dip as the solver is asked about it', () => {
  test('carries its holds and its limits, in grams', () => {
    const parts = landingQuestion(readDip(hummus, kitchen), false)?.parts ?? [];
    expect(parts.map(({ hold }) => hold)).toEqual([true, false, false]);
    expect(parts[1]?.minG).toBeCloseTo(14.8, 1);
    // an empty limit is none, and neither is one that can't be read
    expect(parts[1]).not.toHaveProperty('maxG');
    expect(parts[2]).toMatchObject({ maxG: 350 });
    expect(parts[2]).not.toHaveProperty('minG');
    expect(parts[0]).not.toHaveProperty('minG');
  });

  test('is not asked about while a row can’t be read', () => {
    const broken = { ...hummus, rows: [...hummus.rows, plainRow('x', 'water', 'three clouds')] };
    expect(landingQuestion(readDip(broken, kitchen), false)).toBeNull();
  });

  test('only amounts that changed become edits', () => {
    expect(amountEdits(hummus, ['80 g', '75 g', undefined])).toEqual([
      { kind: 'amount', rowId: 'w', amount: '75 g' },
    ]);
    const proposal = proposeLanding(hummus, kitchen, [
      { amount: '80 g' },
      { amount: '75 g' },
      { amount: '320 g' },
    ]);
    expect(proposal.after.massG - proposal.before.massG).toBeCloseTo(15, 6);
    expect(proposal.after.freshBody).toBeLessThan(proposal.before.freshBody ?? NaN);
  });
});

describe('any figure can be aimed at', () => {
  const rows = [
    ['t', 'tahini-hulled', '80 g'],
    ['l', 'lemon-juice', '30 g'],
    ['g', 'garlic-raw', '4 g'],
    ['s', 'sea-salt-fine', '4 g'],
    ['p', 'chilli-flakes', '2 g'],
    ['m', 'miso-white', '12 g'],
    ['h', 'honey', '6 g'],
    ['c', 'chickpeas-canned-drained', '320 g'],
    ['w', 'water', '60 g'],
  ] as const;
  const spiced = dip('a', {
    rows: rows.map(([id, what, amount]) => plainRow(id, what, amount)),
  });
  const now = readDip(spiced, kitchen);
  const start = figuresOf(mixOf(now.parts), now.conditions);

  let solver: LinearSolver;
  beforeAll(async () => {
    solver = await highsSolver();
  });
  const landed = (one: Dip) => {
    const question = landingQuestion(readDip(one, kitchen), false);
    if (!question) throw new Error('it can’t be read');
    return landParts(question, solver);
  };

  test.each(targetNames)('%s: landed a little above where it is, inside its band', (name) => {
    const value = targetFigure(name, start) ?? NaN;
    const low = isBody(name) ? value + 0.2 : value * 1.06;
    const wanted = {
      ...spiced,
      targets: { [name]: { low, high: low + (isBody(name) ? 0.4 : value * 0.2) } },
    };
    const answer = landed(wanted);
    expect(answer.feasible).toBe(true);
    const figures = answer.feasible ? answer.analysis : null;
    expect(figures && missed(figures, wanted.targets)).toEqual([]);
  });

  test('how warm it is at the table changes what is landed on', () => {
    const targets = { servedBody: { low: 6.8, high: 6.9 } };
    const fresh = (servedAtC: number) => {
      const answer = landed({ ...spiced, servedAtC, targets });
      return answer.feasible ? (answer.analysis.freshBody ?? NaN) : NaN;
    };
    // the warmer it is eaten, the stiffer it must leave the machine
    expect(fresh(60) - fresh(5)).toBeGreaterThan(0.8);
  });
});
