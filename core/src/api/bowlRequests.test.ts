import { beforeAll, describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import { analyseRequest } from './headless';
import { adviseRequest, loadsRequest, stageRequest } from './bowlRequests';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const parts = [
  { ingredient: 'tahini-hulled', amount: '80 g' },
  { ingredient: 'chickpeas-canned-drained', amount: '330 g' },
  { ingredient: 'water', amount: '40 g' },
];
const beans = [
  { ingredient: 'butter-beans-canned-drained', amount: '300 g' },
  { ingredient: 'olive-oil-extra-virgin', amount: '20 g' },
  { ingredient: 'lemon-juice', amount: '10 g' },
  { ingredient: 'water', amount: '50 g' },
  { ingredient: 'sea-salt-fine', amount: '1 g' },
];
const whole = {
  parts,
  kitchen: { machine: 'food-processor' },
  readings: [{ after: 3, eye: 'packs' }],
  tastes: { salt: 'short' },
  target: { chilledBody: [7, 7.6], saltG: [1, 1.2] },
  atHand: ['water', 'lemon-juice', 'sea-salt-fine'],
};

describe('advise, stage and loads as JSON', () => {
  test('advise answers with where it is, what to add and the first step of it', () => {
    const { now, met, suggestions, warnings } = adviseRequest(whole, solver);
    expect(met).toBe(false);
    expect(now.sd).toBeGreaterThan(0);
    expect(suggestions[0]?.add.length).toBeGreaterThan(0);
    expect(suggestions[0]?.firstStep.length).toBe(suggestions[0]?.add.length);
    expect(warnings).toEqual([]);
    const sweet = { ...whole, parts: [...parts, { ingredient: 'honey', amount: '5 g' }] };
    expect(adviseRequest(sweet, solver).warnings).toMatchObject([{ id: 'honey', level: 'care' }]);
  });

  test('marks by list or by taste; one too old to count is said and not counted', () => {
    const salted = [...parts, { ingredient: 'sea-salt-fine', amount: '1/2 tsp' }];
    const asked = (marks: unknown) =>
      adviseRequest({ parts: salted, atHand: ['sea-salt-fine', 'water'], marks }, solver);
    const now = asked([{ taste: 'salt', verdict: 'short' }]);
    expect(now.stale).toEqual([]);
    expect(now.suggestions[0]?.add[0]?.ingredient).toBe('sea-salt-fine');
    expect(asked({ salt: 'short' })).toEqual(now);
    // tasted before the salt went in
    const before = asked({ salt: { verdict: 'short', after: parts.length } });
    expect([before.stale, before.met]).toEqual([['salt'], true]);
    expect(refusal(() => asked([{ taste: 'salt', verdict: 'short', after: 40 }])).field).toBe(
      'marks[0].after',
    );
    expect(refusal(() => asked({ salt: { verdict: 'short', after: 40 } })).field).toBe(
      'marks.salt.after',
    );
  });

  test('the same mark again after something went in asks for a larger step; what is wrong is answered by hand', () => {
    const salted = [...parts, { ingredient: 'sea-salt-fine', amount: '3/4 tsp' }];
    const asked = (marks: unknown, faults: string[] = []) =>
      adviseRequest({ parts: salted, atHand: ['sea-salt-fine', 'water'], marks, faults }, solver);
    const grams = ({ suggestions }: ReturnType<typeof asked>) => suggestions[0]?.add[0]?.massG ?? 0;
    const once = asked([{ taste: 'salt', verdict: 'short' }]);
    const again = asked([
      { taste: 'salt', verdict: 'short', after: parts.length },
      { taste: 'salt', verdict: 'short' },
    ]);
    expect(grams(again)).toBeGreaterThan(1.3 * grams(once));
    const split = asked([], ['split']);
    expect([split.met, split.suggestions]).toEqual([false, []]);
    expect(split.byHand).toMatchObject([{ about: 'split', add: [{ ingredient: 'water' }] }]);
    expect(refusal(() => asked([], ['burnt'])).field).toBe('faults[0]');
  });

  test('what a dip is free of does not go in, said together or apart', () => {
    const dip = {
      parts: beans,
      target: { freshBody: [7, 7.6] },
      atHand: ['tahini-hulled', 'butter-beans-canned-drained'],
    };
    const adds = (more: object) => {
      const { suggestions, rescue } = adviseRequest({ ...dip, ...more }, solver);
      const all = [...suggestions.flatMap(({ add }) => add), ...(rescue?.add ?? [])];
      return all.map(({ ingredient }) => ingredient);
    };
    expect(adds({})).toContain('tahini-hulled');
    for (const free of [['sesame'], { allergens: ['sesame'] }]) {
      expect(adds({ free })).not.toContain('tahini-hulled');
      expect(adds({ free })).toContain('butter-beans-canned-drained');
    }
  });

  test('a suggestion says what it holds, what it gives up and what comes with it', () => {
    const { suggestions } = adviseRequest(
      { parts: beans, marks: { salt: 'short' }, atHand: ['sea-salt-fine', 'feta'] },
      solver,
    );
    const [first] = suggestions;
    expect(first).toMatchObject({ meets: true, gives: [] });
    expect(first?.holds).toEqual(expect.arrayContaining(['freshBody', 'acidG', 'fatG']));
    expect(first?.holds).not.toContain('saltG');
    expect(first?.consequences).toMatchObject({ allergensGained: [], dietsLost: [] });
  });

  test('two readings that can’t both be are asked about, and nothing is built on them', () => {
    const read = (eyes: string[]) =>
      adviseRequest({ ...whole, readings: eyes.map((eye) => ({ eye })) }, solver);
    const answer = read(['packs', 'ribbons']);
    expect(answer).toMatchObject({ met: false, suggestions: [] });
    expect(answer.ask).toEqual([
      { readings: [0, 1], why: expect.stringContaining('packs, another of the same bowl ribbons') },
    ]);
    expect(answer.rescue).toBeUndefined();
    expect(read(['packs', 'spreads']).ask).toBeUndefined();
  });

  test('a reading warm from the machine and one with its temperature are not the same', () => {
    const at = (atC?: number) =>
      adviseRequest(
        { ...whole, readings: [{ eye: 'packs', ...(atC === undefined ? {} : { atC }) }] },
        solver,
      ).now.body;
    expect(at(4)).toBeLessThan(at() ?? NaN);
    // what goes in and the run say how warm it is where nobody does
    expect(at(analyseRequest({ parts }).blendC)).toBeCloseTo(at() ?? NaN, 9);
  });

  test.each([
    [{ readings: [{ after: 9, eye: 'packs' }] }, 'readings[0].after'],
    [{ readings: [{ eye: 'hard' }] }, 'readings[0].eye'],
    [{ atHand: ['moon dust'] }, 'atHand[0]'],
    [{ tastes: { salt: 'much' } }, 'tastes.salt'],
    [{ kitchen: { machine: 'spoon' } }, 'kitchen.machine'],
    [{ target: { saltG: [2, 1] } }, 'target.saltG'],
    [{ parts: [{ ingredient: 'water', amount: 'much' }] }, 'parts[0].amount'],
  ])('%j is refused by name', (wrong, field) => {
    expect(refusal(() => adviseRequest({ ...whole, ...wrong }, solver)).field).toBe(field);
  });

  test('stage and loads take the same parts', () => {
    const staged = stageRequest({ parts, kitchen: { machine: 'jug-blender' } });
    expect(staged.steps.length).toBe(3);
    expect(staged.stallBody).toBe(8.5);
    const made = loadsRequest({ parts, leastMl: 50, mostMl: 150 });
    expect(made.count).toBe(Math.ceil(made.volumeMl / 150));
    expect(refusal(() => loadsRequest({ parts, leastMl: 300, mostMl: 150 })).field).toBe('leastMl');
  });
});
