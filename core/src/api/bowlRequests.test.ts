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
