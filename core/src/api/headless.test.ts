import { beforeAll, describe, expect, test } from '@jest/globals';
import { refusal } from '../../test/refusal';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import { analyseRequest, convert, landRequest } from './headless';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const parts = [
  { ingredient: 'tahini-hulled', amount: '1/3 cup' },
  { ingredient: 'lemon-juice', amount: 'juice of 1 lemon' },
  { ingredient: 'chickpeas-canned-drained', amount: '2 x 240 g' },
  { ingredient: 'water', amount: '1/3 cup' },
  { ingredient: 'salt', amount: '1/2 tsp' },
];

describe('analyse', () => {
  test('answers everything the format promises', () => {
    const answer = analyseRequest({ parts });
    expect(answer.massG).toBeCloseTo(81.2285 + 46 + 480 + 78.704 + 2.834, 2);
    expect(Object.keys(answer.body)).toEqual(
      expect.arrayContaining([
        'fresh',
        'chilled',
        'served',
        'sd',
        'word',
        'chilledWord',
        'state',
        'yieldStressPa',
        'continuous',
      ]),
    );
    expect(Object.keys(answer.per100g)).toEqual(
      expect.arrayContaining(['saltG', 'acidG', 'garlicG', 'fatG', 'waterG', 'kcal']),
    );
    expect(answer.allergens).toEqual(['sesame']);
    expect(answer.path.map(({ ingredient }) => ingredient)).toEqual([
      'tahini-hulled',
      'lemon-juice',
      'chickpeas-canned-drained',
      'water',
      'sea-salt-fine',
    ]);
    expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
  });

  test('measures change the cup', () => {
    const askedIn = (measures: string) =>
      analyseRequest({ measures, parts: [{ ingredient: 'water', amount: '1 cup' }] }).massG;
    expect(askedIn('us')).toBeCloseTo(236.588 * 0.998, 6);
    expect(askedIn('british')).toBeCloseTo(284 * 0.998, 6);
  });

  test('own ingredients, whole and like another', () => {
    const own = {
      id: 'own-paste',
      name: 'Our paste',
      role: 'nut-butter',
      structure: 'nut-butter',
      waterG: 2,
      fatG: 50,
      proteinG: 20,
      starchG: 5,
      sugarsG: 5,
      fibreG: 8,
      saltG: 0,
      acidG: 0,
      densityGPerMl: 1.05,
    };
    const answer = analyseRequest({
      larder: [own, { id: 'own-lemon', like: 'lemon-juice', acidG: 7 }],
      parts: [
        { ingredient: 'own-paste', amount: '50 g' },
        { ingredient: 'own-lemon', amount: '50 g' },
      ],
    });
    expect(answer.per100g.acidG).toBeCloseTo(3.5, 6);
    expect(answer.per100g.fatG).toBeCloseTo(25.1, 6);
  });

  test('nudges come when asked for, and only then', () => {
    const request = {
      parts: [
        { ingredient: 'chickpeas', amount: '300 g' },
        { ingredient: 'water', amount: '60 g' },
      ],
    };
    expect('nudges' in analyseRequest(request)).toBe(false);
    const { nudges = [] } = analyseRequest({ ...request, nudges: true });
    const water = nudges.find(({ ingredient }) => ingredient === 'water');
    expect(water).toMatchObject({ amount: '1 tbsp', inDip: true });
    expect(water?.freshBody).toBeLessThan(0);
    expect(nudges.find(({ ingredient }) => ingredient === 'sea-salt-fine')?.inDip).toBe(false);
    expect(refusal(() => analyseRequest({ ...request, nudges: 'yes' })).field).toBe('nudges');
  });

  test('an amount that can hardly be right is asked about', () => {
    const { warnings } = analyseRequest({
      parts: [
        { ingredient: 'chickpeas', amount: '300 g' },
        { ingredient: 'cumin', amount: '3 tbsp' },
      ],
    });
    const doubt = warnings.find(({ id }) => id === 'is-this-right');
    expect(doubt?.message).toMatch(/^parts\[1\], Cumin.*Is this right\?$/);
  });

  test('to taste counts as nothing, and says so', () => {
    const answer = analyseRequest({
      parts: [...parts, { ingredient: 'cumin', amount: 'to taste' }],
    });
    expect(answer.path.at(-1)?.massG).toBe(0);
    expect(answer.warnings.find(({ id }) => id === 'to-taste')?.message).toContain('Cumin');
  });

  test('served at, grind and air are taken', () => {
    const plain = analyseRequest({ parts });
    const other = analyseRequest({
      parts,
      servedAtC: 20,
      method: { grind: 'silky', overrunPct: 10 },
    });
    expect(other.body.fresh).toBeCloseTo((plain.body.fresh ?? NaN) + 0.35, 9);
    expect(other.body.served).toBeLessThan(other.body.chilled ?? NaN);
  });
});

describe('bad requests are refused by field', () => {
  test.each<[string, unknown, string, string]>([
    ['no parts', {}, 'parts', 'missing'],
    ['empty parts', { parts: [] }, 'parts', 'at least'],
    ['an unknown key', { parts, foo: 1 }, 'foo', 'not known here'],
    [
      'an unknown key of a part',
      { parts: [{ ...parts[0], colour: 'red' }] },
      'parts[0].colour',
      'not known here',
    ],
    [
      'an amount that is a number',
      { parts: [{ ingredient: 'water', amount: 5 }] },
      'parts[0].amount',
      'a text',
    ],
    [
      'an amount nobody can read',
      { parts: [parts[0], { ingredient: 'water', amount: '3 blorps' }] },
      'parts[1].amount',
      'blorps',
    ],
    [
      'cloves of oil',
      { parts: [{ ingredient: 'olive oil', amount: '3 cloves' }] },
      'parts[0].amount',
      'cloves',
    ],
    [
      'an unknown ingredient',
      { parts: [{ ingredient: 'moonbeam', amount: '1 g' }] },
      'parts[0].ingredient',
      'not in the larder',
    ],
    [
      'a name for several',
      { parts: [{ ingredient: 'beans', amount: '1 g' }] },
      'parts[0].ingredient',
      'several things',
    ],
    [
      'a place there is not',
      { parts: [{ ...parts[0], where: 'under' }] },
      'parts[0].where',
      'must be one of',
    ],
    ['a measure system there is not', { parts, measures: 'uk' }, 'measures', 'must be one of'],
    [
      'an own ingredient half said',
      { parts, larder: [{ id: 'own-x', name: 'X' }] },
      'larder[0].role',
      'missing',
    ],
    [
      'an own ingredient like nothing',
      { parts, larder: [{ id: 'own-x', like: 'nope' }] },
      'larder[0].like',
      'nope',
    ],
    ['no object at all', 7, '', 'must be'],
    ['nothing', null, '', 'must be'],
  ])('%s', (_, request, field, words) => {
    const told = refusal(() => analyseRequest(request));
    expect(told.field).toBe(field);
    expect(told.message).toContain(words);
  });

  test('more than a food weighs', () => {
    const own = {
      id: 'own-x',
      name: 'X',
      role: 'oil',
      structure: 'oil',
      waterG: 60,
      fatG: 60,
      proteinG: 0,
      starchG: 0,
      sugarsG: 0,
      fibreG: 0,
      saltG: 0,
      acidG: 0,
      densityGPerMl: 1,
    };
    expect(refusal(() => analyseRequest({ parts, larder: [own] })).message).toContain(
      'adds up to 120.0',
    );
  });
});

describe('land', () => {
  const target = { chilledBody: [7, 7.8], saltG: [0.9, 1.1] };

  test('a feasible dip comes back as parts and an analysis', () => {
    const answer = landRequest({ parts, target }, solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts.map(({ ingredient }) => ingredient)).toContain('sea-salt-fine');
    expect(answer.analysis.body.chilled).toBeGreaterThanOrEqual(7);
    expect(answer.analysis.per100g.saltG).toBeLessThanOrEqual(1.1);
  });

  test('a single number means ± 1 %', () => {
    const answer = landRequest({ parts, target: { massG: 1000 } }, solver);
    if (!answer.feasible) throw new Error('should land');
    expect(Math.abs(answer.analysis.massG - 1000)).toBeLessThanOrEqual(10.001);
  });

  test('open ends, holds and limits are taken', () => {
    const limited = parts.map((one, i) =>
      i === 0 ? { ...one, hold: true } : i === 3 ? { ...one, min: '1/4 cup', max: '1/2 cup' } : one,
    );
    const answer = landRequest({ parts: limited, target: { chilledBody: [null, 7.8] } }, solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts[0]?.amount).toBe('1/3 cup');
    expect(answer.parts[3]?.massG).toBeGreaterThanOrEqual(59.02);
    expect(answer.parts[3]?.massG).toBeLessThanOrEqual(118.1);
  });

  test('kitchen measures are answered in them', () => {
    const answer = landRequest({ parts, target, kitchenMeasures: true }, solver);
    if (!answer.feasible) throw new Error('should land');
    expect(answer.parts[3]?.amount).toMatch(/cup|tbsp/);
  });

  test('what can’t be met has conflicts and a nearest', () => {
    const held = parts.map((one) => ({ ...one, hold: true }));
    const answer = landRequest({ parts: held, target: { saltG: [3, null] } }, solver);
    if (answer.feasible) throw new Error('should not land');
    expect(answer.conflicts[0]).toMatchObject({ targets: ['saltG'] });
    expect(answer.nearest.parts.length).toBe(parts.length);
  });

  test('rules in words are kept, and named where they fight', () => {
    const rules = ['as much lemon as tahini by weight'];
    const answer = landRequest({ parts, target, rules }, solver);
    if (!answer.feasible) throw new Error('should land');
    const of = (id: string) => answer.parts.find(({ ingredient }) => ingredient === id)?.massG;
    expect(of('lemon-juice')).toBeCloseTo(of('tahini-hulled') ?? NaN, 0);
    const twice = [...rules, 'twice as much lemon as tahini'];
    const fights = landRequest({ parts, target, rules: twice }, solver);
    if (fights.feasible) throw new Error('should not land');
    expect(fights.conflicts.flatMap((one) => one.rules)).toEqual(expect.arrayContaining(rules));
  });

  test.each<[string, object, string]>([
    ['a rule that is none', { target, rules: ['2 tbsp lemon juice'] }, 'rules[0]'],
    ['a rule of what is not there', { target, rules: ['as much cheese as lemon'] }, 'rules[0]'],
    ['no target', {}, 'target'],
    ['an empty target', { target: {} }, 'target'],
    ['an unknown target', { target: { colour: 5 } }, 'target.colour'],
    ['ends the wrong way round', { target: { saltG: [2, 1] } }, 'target.saltG'],
    ['both ends open', { target: { saltG: [null, null] } }, 'target.saltG'],
    [
      'a least above the most',
      { target, parts: [{ ...parts[0], min: '1 cup', max: '1 tbsp' }] },
      'parts[0].min',
    ],
    [
      'a limit nobody can read',
      { target, parts: [{ ...parts[0], max: '3 blorps' }] },
      'parts[0].max',
    ],
  ])('%s is refused by field', (_, extra, field) => {
    expect(refusal(() => landRequest({ parts, ...extra }, solver)).field).toBe(field);
  });
});

describe('convert', () => {
  test('a third of a cup of tahini', () => {
    const answer = convert('1/3 cup', 'tahini-hulled');
    expect(answer.massG).toBeCloseTo((236.588 / 3) * 1.03, 6);
    expect(answer.volumeMl).toBeCloseTo(236.588 / 3, 6);
    expect(answer.low).toBeLessThan(answer.massG);
    expect(answer.high).toBeGreaterThan(answer.massG);
  });
  test('in another system', () => {
    expect(convert('1 tbsp', 'water', 'australian').volumeMl).toBeCloseTo(20, 6);
  });
  test.each([
    ['3 blorps', 'water', 'us', 'amount'],
    ['1 cup', 'moonbeam', 'us', 'ingredient'],
    ['1 cup', 'water', 'uk', 'measures'],
  ])('%s of %s in %s is refused by %s', (amount, ingredient, measures, field) => {
    expect(refusal(() => convert(amount, ingredient, measures)).field).toBe(field);
  });
});
