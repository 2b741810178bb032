import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { refusal } from '../../test/refusal';
import { type Migration, migrations } from './migrations';
import { readBookFile } from './readBookFile';
import { emptyPlan } from '../day/plan';
import { toBookFile } from './toBookFile';

const at = '2026-06-07T10:30:00.000Z';
const book = bookOf([dip('a'), dip('b', { parentId: 'a' })], [trial('t', 'a')]);
const file = toBookFile(book, at);

type Loose = Record<string, unknown>;

/** The file with something done to a copy of it. */
function changed(edit: (copy: Loose & { dips: Loose[]; trials: Loose[] }) => void): string {
  const copy = structuredClone(file) as unknown as Loose & { dips: Loose[]; trials: Loose[] };
  edit(copy);
  return JSON.stringify(copy);
}

test('a book goes out and comes in as itself', () => {
  expect(readBookFile(JSON.stringify(file))).toEqual(book);
});

test('a byte order mark is no fault', () => {
  expect(readBookFile(`\uFEFF${JSON.stringify(file)}`)).toEqual(book);
});

test('an older file is brought along', () => {
  const text = changed((copy) => {
    copy['version'] = 1;
    for (const one of copy.dips) {
      delete one['targets'];
      one['targetBody'] = [6, 7];
    }
  });
  const read = readBookFile(text);
  expect(read.dips.get('a')?.targets).toEqual({ chilledBody: { low: 6, high: 7 } });
});

test('a step for a table that came later is taken in files too', () => {
  const up: Migration['up'] = migrations.find(({ from }) => from === 6)?.up ?? {};
  up.plans = ({ name, ...plan }) => ({ ...plan, name: `${String(name)}, brought along` });
  try {
    const text = changed((copy) => {
      copy['version'] = 6;
      copy['plans'] = [emptyPlan('p', 'Saturday', '2026-06-13T18:00', at)];
    });
    expect(readBookFile(text).plans.get('p')?.name).toBe('Saturday, brought along');
  } finally {
    delete up.plans;
  }
});

describe('a bad file names the place', () => {
  test.each<[string, string, string, string]>([
    ['no JSON', '{"format":\n oops', '', 'line 2'],
    ['a list', '[]', '', 'not a book file'],
    ['another file', '{"format":"other"}', 'format', 'not a book file'],
    ['no version', '{"format":"cobbet-book"}', 'version', 'which version'],
    ['a newer version', changed((copy) => (copy['version'] = 99)), 'version', 'reads up to 20'],
    ['an unknown key', changed((copy) => (copy['extra'] = 1)), 'extra', 'not known here'],
    [
      'a wrong amount',
      changed((copy) => (((copy.dips[1]?.['rows'] as Loose[])[0] as Loose)['amount'] = 5)),
      'dips[1].rows[0].amount',
      'In the dip Dip b: “amount” must be a text',
    ],
    [
      'the same dip twice',
      changed((copy) => copy.dips.push(copy.dips[0] as Loose)),
      'dips[2].id',
      'twice',
    ],
    [
      'no such parent',
      changed((copy) => ((copy.dips[1] as Loose)['parentId'] = 'gone')),
      'dips[1].parentId',
      'gone',
    ],
    [
      'a dip that descends from itself',
      changed((copy) => ((copy.dips[0] as Loose)['parentId'] = 'b')),
      'dips[0].parentId',
      'descends from itself',
    ],
    [
      'a trial of no dip',
      changed((copy) => ((copy.trials[0] as Loose)['dipId'] = 'gone')),
      'trials[0].dipId',
      'gone',
    ],
    [
      'a ring test that can’t have been',
      changed((copy) => {
        const ring = { diameterMm: 40, ringMm: 50, ringHeightMm: 50, densityGPerMl: 1 };
        const when = { atC: null, when: 'machine', takenAt: '2026-05-04T10:00:00.000Z' };
        (copy.trials[0] as Loose)['readings'] = [{ taken: { ring }, ...when, leftOut: false }];
      }),
      'trials[0].readings[0].taken',
      'less than the ring',
    ],
    [
      'a machine that takes less than it needs',
      changed((copy) => {
        const machine = { id: 'm', name: 'mill', stallBody: 9, streams: false, worksCrumbs: true };
        const kit = (copy['settings'] as Loose)['kit'] as Loose;
        kit['machines'] = [{ ...machine, leastMl: 500, mostMl: 200 }];
      }),
      'settings.kit.machines[0].mostMl',
      'at least “leastMl”',
    ],
    [
      'a row twice',
      changed((copy) => {
        const rows = copy.dips[0]?.['rows'] as Loose[];
        rows.push(rows[0] as Loose);
      }),
      'dips[0].rows[2]',
      'In the dip Dip a',
    ],
    [
      'a day there is not',
      changed((copy) => ((copy.trials[0] as Loose)['madeAt'] = '2026-02-30T10:00:00Z')),
      'trials[0].madeAt',
      'In trial 1 of Dip a: “2026-02-30T10:00:00Z” is no time there is',
    ],
    [
      'the same dip twice in a day',
      changed((copy) => {
        const dips = [
          { dipId: 'a', massG: 100 },
          { dipId: 'a', massG: 200 },
        ];
        copy['plans'] = [{ ...emptyPlan('p', 'Regatta', '2027-06-12T12:30', at), dips }];
      }),
      'plans[0].dips[1]',
      'In the day Regatta',
    ],
    [
      'a serving time there is not',
      changed((copy) => {
        copy['plans'] = [emptyPlan('p', 'Regatta', '9999-99-99T99:99', at)];
      }),
      'plans[0].serveAt',
      'no time there is',
    ],
    [
      'a dip that is no object',
      changed((copy) => (copy.dips[0] = 7 as unknown as Loose)),
      'dips[0]',
      'must be',
    ],
  ])('%s', (_, text, field, words) => {
    const told = refusal(() => readBookFile(text));
    expect(told.field).toBe(field);
    expect(told.message).toContain(words);
  });
});

test('twenty thousand dips in a chain are read in one go', () => {
  const dips = Array.from({ length: 20_000 }, (_, i) =>
    dip(`d${i}`, { parentId: i === 0 ? null : `d${i - 1}` }),
  );
  expect(readBookFile(JSON.stringify(toBookFile(bookOf(dips.reverse()), at))).dips.size).toBe(
    20_000,
  );
});
