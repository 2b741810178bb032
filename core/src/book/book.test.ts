import { conditionsOf, kitchenOf } from '../../test/kitchenOf';
import { describe, expect, test } from '@jest/globals';
import { bookOf, dip, trial } from '../../test/bookOf';
import { shippedLarder } from '../larder/larder';
import { settingsOf } from './book';
import { type Command, put, remove, replacing, undoing, withChanges } from './change';
import { emptyDip, variantOf } from '../dip/dip';
import { analyseDip } from '../dip/analyseDip';
import { analyseTrialRows, trialRowOf } from './trialParts';
import { readRow } from '../dip/readRow';
import { defaultKit, kitMachine, kitMachines } from '../kitchen/kit';
import { bookVersion } from './bookVersion';
import { migrateRecord, migrations } from './migrations';
import { type KeptReading, momentOf, readingAt, withReading } from '../readings/keptReading';
import { runSchema } from './recordSchemas';
import { finishRun, type Run, startRun, withMaker } from './run';
import { entriesOf, loggedRows } from './runEvents';
import { withAdditions, withLogged, withSkipped } from './runEdits';
import { nextTrialNumber } from './trial';
import type { TrialRow } from './trialRow';

describe('changes', () => {
  const before = bookOf([dip('a'), dip('b')], [trial('t', 'a')]);

  test('put and take away leave the old book as it was', () => {
    const after = withChanges(before, [put('dips', dip('c')), remove('dips', 'a')]);
    expect([...after.dips.keys()]).toEqual(['b', 'c']);
    expect([...before.dips.keys()]).toEqual(['a', 'b']);
    expect(after.trials).toBe(before.trials);
  });

  test('undoing puts back what stood there, in reverse', () => {
    const renamed = { ...dip('a'), name: 'Renamed' };
    const command: Command = {
      label: 'test',
      at: '2026-05-04T10:00:00.000Z',
      changes: [
        { table: 'dips', id: 'a', before: dip('a'), after: renamed },
        { table: 'dips', id: 'new', before: null, after: dip('new') },
      ],
    };
    const done = withChanges(before, [put('dips', renamed), put('dips', dip('new'))]);
    const undone = withChanges(done, undoing(command));
    expect(undone.dips.get('a')?.name).toBe('Dip a');
    expect(undone.dips.has('new')).toBe(false);
  });

  test('replacing turns one book into the other', () => {
    const other = bookOf([dip('b'), dip('z')]);
    const turned = withChanges(before, replacing(before, other));
    expect([...turned.dips.keys()].sort()).toEqual(['b', 'z']);
    expect(turned.trials.size).toBe(0);
    expect(replacing(other, other)).toEqual([]);
  });

  test('settings have defaults until they are stored', () => {
    expect(settingsOf({ ...before, settings: new Map() })).toMatchObject({
      measures: 'us',
      began: null,
    });
  });
});

describe('dips', () => {
  test('a variant has everything of its parent but its own name and rows of its own', () => {
    const parent = { ...dip('a'), nextThing: 'less salt' };
    const variant = variantOf(parent, 'v', 'A variant', '2026-05-05T10:00:00.000Z');
    expect(variant).toMatchObject({ id: 'v', parentId: 'a', name: 'A variant', nextThing: '' });
    expect(variant.rows).toEqual(parent.rows);
    expect(variant.rows[0]).not.toBe(parent.rows[0]);
  });

  test('reads its rows to grams and is analysed', () => {
    const { rows, analysis } = analyseDip(dip('a'), kitchenOf());
    expect(rows.map(({ massG }) => Math.round(massG))).toEqual([312, 59]);
    expect(analysis.path.length).toBe(2);
    expect(analysis.freshBody).toBeGreaterThan(5);
  });

  test('a row that can’t be read says why and counts as nothing, in its place', () => {
    const bad = dip('a');
    bad.rows.push({
      id: 'x',
      ingredientId: 'water',
      amount: '3 cloves',
      place: 'bowl',
      prep: '',
      hold: false,
    });
    bad.rows.push({
      id: 'y',
      ingredientId: 'gone',
      amount: '3 g',
      place: 'bowl',
      prep: '',
      hold: false,
    });
    const { rows, analysis } = analyseDip(bad, kitchenOf());
    expect(rows[2]?.error).toContain('cloves');
    expect(rows[3]?.error).toContain('not in the larder');
    expect(analysis.path.length).toBe(4);
    expect(analysis.massG).toBeCloseTo((rows[0]?.massG ?? 0) + (rows[1]?.massG ?? 0), 6);
  });
});

describe('a run', () => {
  const plainDip = dip('a');
  const planned = plainDip.rows.flatMap((row): TrialRow[] => {
    const read = trialRowOf(readRow(row, kitchenOf()));
    return read ? [read] : [];
  });
  const run = startRun('r', plainDip, planned, '2026-05-06T09:00:00.000Z');

  test('starts with every addition planned and none in', () => {
    expect(run.plan.map(({ planned: row }) => row.planned)).toEqual(['2 cups', '1/4 cup']);
    expect(loggedRows(run)).toEqual([]);
  });

  test('keeps whose hands it was, until nobody is said', () => {
    const said = withMaker(run, '  Cox ');
    const at = '2026-05-06T09:30:00.000Z';
    expect(finishRun(said, 't', 1, at).madeBy).toBe('Cox');
    expect(finishRun(withMaker(said, ' '), 't', 1, at)).not.toHaveProperty('madeBy');
  });

  test('keeps what really went in', () => {
    const at = '2026-05-06T09:01:00.000Z';
    const [first, second] = run.plan.map(({ rowId }) => rowId);
    const oneIn = withLogged(run, first ?? '', { amount: '1 1/2 cups', massG: 234, cv: 0.1, at });
    const logged = {
      ...withSkipped(oneIn, second ?? '', at),
      tastes: { salt: 'short' as const },
      yieldG: 220,
    };
    const made = finishRun(logged, 't', 4, at);
    expect(made).toMatchObject({
      id: 't',
      dipId: 'a',
      number: 4,
      yieldG: 220,
      tastes: { salt: 'short' },
    });
    expect(made.rows).toEqual([{ ...planned[0], amount: '1 1/2 cups', massG: 234, cv: 0.1 }]);
    const analysis = analyseTrialRows(made.rows, shippedLarder, conditionsOf());
    expect(analysis.massG).toBe(234);
  });

  test('an ingredient no longer known is left out of what is predicted', () => {
    const rows = [...planned, { ...(planned[0] as TrialRow), ingredientId: 'gone' }];
    expect(analyseTrialRows(rows, shippedLarder, conditionsOf()).path.length).toBe(2);
  });

  test('trials count up within their dip', () => {
    const trials = [trial('1', 'a', { number: 3 }), trial('2', 'b', { number: 9 })];
    expect(nextTrialNumber(trials, 'a')).toBe(4);
    expect(nextTrialNumber(trials, 'c')).toBe(1);
  });
});

describe('a reading', () => {
  const kept = (
    taken: KeptReading['taken'],
    when: KeptReading['when'],
    leftOut = false,
  ): KeptReading => ({ taken, atC: null, when, takenAt: '2026-05-06T10:00:00.000Z', leftOut });

  test('takes the place of an earlier one of the same way at the same moment only', () => {
    const warm = withReading(trial('t', 'a'), kept({ eye: 'slumps' }, 'machine'));
    const both = withReading(warm, kept({ eye: 'scoops' }, 'chilled'));
    const pressed = kept(
      { press: { diameterMm: 50, loadG: 500, volumeMl: 5, coarse: false } },
      'chilled',
    );
    const again = withReading(withReading(both, kept({ eye: 'spreads' }, 'chilled')), pressed);
    expect(again.readings.map(({ when, taken }) => [when, Object.keys(taken)[0]])).toEqual([
      ['machine', 'eye'],
      ['chilled', 'eye'],
      ['chilled', 'press'],
    ]);
    expect(warm.readings.length).toBe(1);
    // a test says more than a look, and what is left out says nothing
    expect(readingAt(again, 'chilled')).toBe(pressed);
    expect(
      readingAt({ readings: [kept({ eye: 'packs' }, 'chilled', true)] }, 'chilled'),
    ).toBeNull();
  });

  test('is of the paste as warm and as rested as it was', () => {
    const method = { grind: 'normal', blendC: 30, overrunPct: 0 } as const;
    expect(momentOf({ when: 'machine', atC: null }, method)).toEqual({
      atC: 30,
      restedForMinutes: 0,
    });
    expect(momentOf({ when: 'machine', atC: 22 }, method).atC).toBe(22);
    expect(momentOf({ when: 'chilled', atC: 9 }, method)).toEqual({
      atC: 9,
      restedForMinutes: 240,
    });
    expect(momentOf({ when: 'chilled', atC: null }, method).atC).toBe(5);
  });
});

describe('the kit', () => {
  test('own machines come last, corrections in their place', () => {
    const jug = { ...kitMachine(defaultKit, 'jug-blender'), stallBody: 7.9 };
    const mill = { ...jug, id: 'old-mill', name: 'old mill' };
    const kit = { ...defaultKit, machines: [mill, jug] };
    const all = kitMachines(kit);
    expect(all.map(({ id }) => id).indexOf('jug-blender')).toBe(1);
    expect(all.at(-1)).toBe(mill);
    expect(kitMachine(kit, 'jug-blender').stallBody).toBe(7.9);
    expect(kitMachine(kit, 'gone').id).toBe('food-processor');
  });
});

describe('migrations', () => {
  const oldDip = { id: 'a', name: 'Old', targetBody: [7, 7.8] };
  const oldTrial = {
    id: 't',
    readings: [
      {
        kind: 'eye',
        word: 'scoops',
        atC: null,
        when: 'machine',
        takenAt: '2026-05-04T10:00:00.000Z',
      },
    ],
  };

  test('version 1’s one wanted body becomes a cold target', () => {
    expect(migrateRecord('dips', oldDip, 1)).toEqual({
      id: 'a',
      name: 'Old',
      targets: { chilledBody: { low: 7, high: 7.8 } },
    });
    expect(migrateRecord('dips', { id: 'b', targetBody: null }, 1)).toEqual({
      id: 'b',
      targets: {},
    });
  });

  test('version 2’s looks become readings that can be left out, and the kitchen gets its kit', () => {
    const [reading] = migrateRecord('trials', oldTrial, 2)['readings'] as unknown[];
    expect(reading).toEqual({
      taken: { eye: 'scoops' },
      atC: null,
      when: 'machine',
      takenAt: '2026-05-04T10:00:00.000Z',
      leftOut: false,
    });
    expect(migrateRecord('settings', { id: 'settings' }, 2)).toEqual({
      id: 'settings',
      kit: defaultKit,
    });
  });

  test('version 9’s 32 °C was said by nobody; what was said otherwise stays, and a trial keeps what it had', () => {
    const method = (blendC?: number) => ({
      method: { grind: 'normal', overrunPct: 0, ...(blendC === undefined ? {} : { blendC }) },
    });
    expect(migrateRecord('dips', method(32), 9)).toEqual(method());
    expect(migrateRecord('runs', method(32), 9)).toEqual(method());
    expect(migrateRecord('dips', method(60), 9)).toEqual(method(60));
    expect(migrateRecord('trials', method(32), 9)).toEqual(method(32));
    const down = migrations.find(({ from }) => from === 9)?.down;
    const warm = { ...method(), rows: [{ id: 'a', atC: 85 }] };
    expect(down?.dips?.(warm)).toEqual({ ...method(32), rows: [{ id: 'a' }] });
    const run = {
      plan: [{ rowId: 'a', planned: { massG: 1, atC: 5 } }],
      events: [{ kind: 'added', entry: 'b', row: { massG: 2, atC: -18 } }],
    };
    expect(down?.runs?.(run)).toEqual({
      plan: [{ rowId: 'a', planned: { massG: 1 } }],
      events: [{ kind: 'added', entry: 'b', row: { massG: 2 } }],
    });
  });

  test('version 15 knows no moments of use, and none of what can be aimed at since', () => {
    const down = migrations.find(({ from }) => from === 15)?.down;
    const band = { low: 1, high: 2 };
    const targets = { saltG: band, pastaBody: band, heat: band, chilledBody: band };
    const old = { saltG: band, chilledBody: band };
    const method = { grind: 'normal', overrunPct: 0 };
    const atOnce = { method: { ...method, atOnce: true } };
    expect(down?.trials?.({ id: 't', ...atOnce })).toEqual({ id: 't', method });
    expect(down?.runs?.({ id: 'r', ...atOnce })).toEqual({ id: 'r', method });
    const seenAs = { machineId: 'm', targets };
    expect(
      down?.dips?.({ id: 'a', servedAtC: 8, servedAfterMin: 30, moments: [], targets, seenAs }),
    ).toEqual({ id: 'a', servedAtC: 8, targets: old, seenAs: { machineId: 'm', targets: old } });
    expect(down?.runs?.({ id: 'r' })).toEqual({ id: 'r' });
    expect(down?.runs?.({ id: 'r', targets })).toEqual({ id: 'r', targets: old });
  });

  test('down undoes up', () => {
    const records = {
      dips: oldDip,
      trials: oldTrial,
      runs: { ...oldTrial, entries: [] },
      settings: { id: 'settings' },
      designs: { id: 'd', response: 'liking', cut: [], trials: [] },
    };
    for (const { up, down } of migrations) {
      for (const [table, step] of Object.entries(up)) {
        const record = records[table as keyof typeof records];
        expect(down[table as keyof typeof records]?.(step(record))).toEqual(record);
      }
    }
  });

  test('version 19’s one response becomes the first of several, and goes back', () => {
    const old = {
      ...{ id: 'd', response: 'Liking', cut: [[0.2, 0.8]] },
      trials: [
        { id: 'a', shares: [0.5, 0.5], y: 7 },
        { id: 'b', shares: [0.5, 0.5], y: null },
      ],
    };
    const step = migrations.find(({ from }) => from === 19);
    const up = step?.up.designs?.(old) ?? {};
    expect(up).toEqual({
      id: 'd',
      responses: [{ name: 'Liking', goal: 'more', from: 'likings' }],
      cut: [{ shares: [0.2, 0.8] }],
      trials: [
        { id: 'a', shares: [0.5, 0.5], marks: { Liking: 7 } },
        { id: 'b', shares: [0.5, 0.5], marks: {} },
      ],
    });
    expect(step?.down.designs?.(up)).toEqual(old);
    // what is no design is left as it is, for the check to say so
    const spoilt = { ...old, trials: 'none' };
    expect(step?.up.designs?.(spoilt)).toBe(spoilt);
    const colour = step?.up.designs?.({ ...old, response: 'colour' });
    expect(colour?.['responses']).toEqual([{ name: 'colour', goal: 'more' }]);
  });

  test('the present version passes untouched, unknown ones are refused', () => {
    const now = emptyDip('a', 'Now', '2026-05-04T10:00:00.000Z');
    expect(migrateRecord('dips', { ...now }, bookVersion)).toEqual(now);
    expect(() => migrateRecord('dips', oldDip, 0)).toThrow(RangeError);
  });

  test('version 11’s story, reasons and further tastes go when it goes back to 10, and nothing that is in the bowl', () => {
    const down = migrations.find(({ from }) => from === 10)?.down;
    const at = '2026-06-01T10:00:00.000Z';
    const row = { ingredientId: 'water', planned: '30 g', amount: '30 g', massG: 30, cv: 0.01 };
    const went = { amount: '25 g', massG: 25, cv: 0.01, at };
    const run = down?.runs?.({
      id: 'r',
      tastes: { salt: 'short', herb: 'over' },
      tastedAfter: { salt: 2, herb: 2 },
      events: [
        { kind: 'in', entry: 'w', amount: '30 g', massG: 30, cv: 0.01, at },
        { kind: 'kept back', entry: 'w2', of: 'w', row, before: 'c', at },
        { kind: 'because', entry: 'w', why: 'cost', at },
        { kind: 'in', entry: 'w2', ...went },
        { kind: 'added', entry: 'x', row, before: null, instead: 'c', at },
        { kind: 'tasted', taste: 'salt', verdict: 'short', after: 2, at },
        { kind: 'waited', minutes: 4, at },
      ],
    });
    expect(run).toEqual({
      id: 'r',
      tastes: { salt: 'short' },
      tastedAfter: { salt: 2 },
      events: [
        { kind: 'in', entry: 'w', amount: '30 g', massG: 30, cv: 0.01, at },
        {
          kind: 'added',
          entry: 'w2',
          row: { ...row, planned: null, amount: '25 g', massG: 25 },
          before: 'c',
          at,
        },
        { kind: 'added', entry: 'x', row, before: null, at },
      ],
    });
    const trial = { id: 't', tastes: { nut: 'right' }, gates: [{ tastes: { sour: 'over' } }] };
    expect(down?.trials?.({ ...trial, made: { plan: [], events: [] }, expected: {} })).toEqual({
      id: 't',
      tastes: {},
      gates: [{ tastes: { sour: 'over' } }],
    });
  });

  test('version 9’s events of a run become entries with what became of them, and back', () => {
    const at = '2026-05-06T09:01:00.000Z';
    const step = migrations.find(({ from }) => from === 8);
    const rows = dip('a').rows.flatMap((row) => trialRowOf(readRow(row, kitchenOf())) ?? []);
    const begun = startRun('r', dip('a'), rows, '2026-05-06T09:00:00.000Z');
    const [first, second] = begun.plan.map(({ rowId }) => rowId);
    const inOne = withLogged(begun, first ?? '', { amount: '1 cup', massG: 156, cv: 0.1, at });
    const lemon = {
      ingredient: 'lemon-juice',
      massG: 15,
      amount: '1 tbsp',
      place: 'bowl' as const,
    };
    const made = withSkipped(withAdditions(inOne, [lemon], ['l'], at), second ?? '', at);
    const older = step?.down.runs?.({ ...made, method: { ...made.method, streamed: true } });
    expect(older?.['method']).toEqual(made.method);
    expect(older).not.toHaveProperty('plan');
    expect(older).not.toHaveProperty('events');
    expect(older?.['entries']).toMatchObject([
      { rowId: first, done: { amount: '1 cup', massG: 156, cv: 0.1, at }, skipped: false },
      { rowId: 'l', planned: { planned: null }, done: { amount: '1 tbsp', massG: 15 } },
      { rowId: second, done: null, skipped: true },
    ]);
    const again = step?.up.runs?.({ ...older }) as unknown as Run;
    expect(entriesOf(again)).toEqual(entriesOf(made));
    expect(runSchema.validate(again).error).toBeUndefined();
    // nobody kept when it was left out
    expect(again.events.at(-1)).toEqual({ kind: 'left out', entry: second, at: null });
  });

  test('version 6’s habits, ways of working in and a bowl’s own targets go when it goes back to 5', () => {
    const down = migrations.find(({ from }) => from === 5)?.down;
    const worked = { how: 'pulse', minutes: 1, lookFor: 'flecks' };
    expect(
      down?.dips?.({ id: 'a', tasting: 'each', keepDays: 3, rows: [{ id: '1', worked }] }),
    ).toEqual({ id: 'a', rows: [{ id: '1' }] });
    expect(down?.runs?.({ id: 'r', targets: {}, entries: [{ rowId: '1', worked }] })).toEqual({
      id: 'r',
      entries: [{ rowId: '1' }],
    });
  });

  test('version 5’s readings on the way, gates and what was taken up go when it goes back to 4', () => {
    const down = migrations.find(({ from }) => from === 4)?.down;
    const reading = { taken: { eye: 'scoops' }, when: 'machine' };
    expect(
      down?.trials?.({
        id: 't',
        rows: [{ ingredientId: 'parsley', raw: { from: 'bunch', stalkShare: 0.2 } }],
        readings: [{ ...reading, after: 3 }],
        tastes: { salt: 'short', lean: 'over' },
        gates: [],
        base: { trialId: 's', share: 0.5, name: 'green' },
      }),
    ).toEqual({
      id: 't',
      rows: [{ ingredientId: 'parsley' }],
      readings: [reading],
      tastes: { salt: 'short' },
    });
    expect(
      down?.dips?.({
        id: 'a',
        rows: [
          { id: '1', raw: { from: 'dried', soak: 'hot', saltG: 10, skinsOff: true } },
          { id: '2', raw: null },
          { id: '3' },
        ],
      }),
    ).toEqual({
      id: 'a',
      rows: [{ id: '1', raw: { from: 'dried', soak: 'hot' } }, { id: '2', raw: null }, { id: '3' }],
    });
    const run = down?.runs?.({
      id: 'r',
      atHand: ['water'],
      readings: [],
      tastes: {},
      entries: [{ rowId: '1', planned: { ingredientId: 'kale', raw: { from: 'bunch' } } }],
    });
    expect(run).toEqual({
      id: 'r',
      readings: [],
      tastes: {},
      entries: [{ rowId: '1', planned: { ingredientId: 'kale' } }],
    });
  });
});
