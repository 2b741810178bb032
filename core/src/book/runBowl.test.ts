import { describe, expect, test } from '@jest/globals';
import { dip } from '../../test/bookOf';
import { runOf } from '../../test/runOf';
import { conditionsOf, kitchenOf } from '../../test/kitchenOf';
import { type Dip, plainRow } from '../dip/dip';
import { bodyNames } from '../mix/bodyMoments';
import { aimOfTargets, asTheDip, targetsOfAim } from './aim';
import { type Run, withMark } from './run';
import { entriesOf } from './runEvents';
import { adviceQuestion, aimOff, runBowl, withinReach } from './runBowl';
import { runHeat, settledRun } from './runHeat';
import { mergeRecords } from './mergeRecords';
import { runSchema } from './recordSchemas';
import {
  atStep,
  nextOpen,
  withAdditions,
  withHappening,
  withLogged,
  withSkipped,
} from './runEdits';
import type { TrialRow } from './trialRow';
import { analyseTrialRows } from './trialParts';

const now = '2026-06-01T10:00:00.000Z';
const kitchen = kitchenOf();
const hummus: Dip = dip('a', {
  rows: [
    plainRow('t', 'tahini-hulled', '80 g'),
    plainRow('w', 'water', '60 g'),
    plainRow('c', 'chickpeas-canned-drained', '320 g'),
    plainRow('s', 'sea-salt-fine', '4 g'),
  ],
});
/** The run with its first additions in. */
const after = (count: number): Run => runOf(hummus, count, kitchen);
const begun = after(0);
const planned = begun.plan.map((entry) => entry.planned);

describe('a run’s bowl', () => {
  const plainDip = dip('a');
  const run = runOf(plainDip, 0, kitchen);

  test('is empty at first, with what it will be after the step in hand', () => {
    const { now, next } = runBowl(run, plainDip, kitchen);
    expect(now.massG).toBe(0);
    expect(next?.massG).toBeCloseTo(run.plan[0]?.planned.massG ?? NaN, 9);
  });

  test('follows what really went in', () => {
    const done = { amount: '1 cup', massG: 156, cv: 0.1, at: '2026-05-06T09:01:00.000Z' };
    const after = withLogged(run, run.plan[0]?.rowId ?? '', done);
    const { now, next } = runBowl(after, plainDip, kitchen);
    expect(now.massG).toBe(156);
    expect(next?.freshBody).toBeLessThan(now.freshBody ?? NaN);
    expect(runBowl({ ...after, step: 2 }, plainDip, kitchen).next).toBeNull();
  });
});

describe('a mark of a run', () => {
  const at = '2026-06-01T10:30:00.000Z';

  test('is of what was in by then; taken away it leaves nothing', () => {
    const marked = withMark(after(2), 'salt', 'short', at);
    expect([marked.tastes, marked.tastedAfter]).toEqual([{ salt: 'short' }, { salt: 2 }]);
    expect(adviceQuestion(marked, hummus, kitchen).tastedAfter).toEqual({ salt: 2 });
    const again = withMark(
      { ...after(3), tastes: marked.tastes, tastedAfter: { salt: 2 } },
      'salt',
      'right',
      at,
    );
    expect([again.tastes, again.tastedAfter]).toEqual([{ salt: 'right' }, { salt: 3 }]);
    const gone = withMark(again, 'salt', null, at);
    expect([gone.tastes, gone.tastedAfter]).toEqual([{}, {}]);
    expect(runSchema.validate(again).error).toBeUndefined();
  });
});

describe('how warm a run’s bowl is', () => {
  test('with what is in, and once the step in hand is in', () => {
    expect(runHeat(begun, kitchen.larder, false)).toBeNull();
    const tahini = runHeat(after(1), kitchen.larder, false)?.atC ?? NaN;
    const boiling = {
      ...after(1),
      plan: after(1).plan.map((entry) =>
        entry.rowId === 'w' ? { ...entry, planned: { ...entry.planned, atC: 100 } } : entry,
      ),
    };
    expect(runHeat(boiling, kitchen.larder, false)?.atC).toBeCloseTo(tahini, 9);
    expect(runHeat(boiling, kitchen.larder, true)?.atC).toBeGreaterThan(tahini + 30);
  });

  test('is as warm as the cook brought it to, and cools or warms from there', () => {
    const { larder } = kitchen;
    const heated = withHappening(after(3), { kind: 'heated', atC: 70, at: now });
    expect(runHeat(heated, larder, false)?.atC).toBeCloseTo(70, 1);
    // what was said at the bowl comes before what the dip says
    const colder = { ...heated, method: { ...heated.method, blendC: 9 } };
    const { blendC } = settledRun(colder, larder).method;
    expect(blendC).toBeCloseTo(runHeat(heated, larder, true)?.atC ?? NaN, 9);
    // by hand: 460 g of 3.2 and a vessel of 250 J/K at 70 °C, 60 g of water at 21 °C, and a blade's 1,300 J
    const water = { ingredient: 'water', amount: '4 tbsp', massG: 60, place: 'bowl' } as const;
    const added = withAdditions(heated, [water], ['more'], now);
    expect(runHeat(added, larder, false)?.atC).toBeGreaterThan(63.4);
    expect(runHeat(added, larder, false)?.atC).toBeLessThan(65.2);
    // heated before anything was in says nothing of the bowl
    const early = withHappening(begun, { kind: 'heated', atC: 70, at: now });
    expect(runHeat(early, larder, true)).toEqual(runHeat(begun, larder, true));
  });

  test('is kept with the trial as it was worked out, not what was left out of it', () => {
    const whole = settledRun(after(4), kitchen.larder).method.blendC ?? NaN;
    expect(runBowl(after(4), hummus, kitchen).now.blendC).toBeCloseTo(whole, 9);
    const skipped = withSkipped(after(3), 's', now);
    const { blendC } = settledRun(skipped, kitchen.larder).method;
    expect(blendC).toBeCloseTo(runHeat(skipped, kitchen.larder, false)?.atC ?? NaN, 9);
    expect(
      settledRun({ ...begun, method: { ...begun.method, blendC: 9 } }, kitchen.larder).method
        .blendC,
    ).toBe(9);
  });
});

describe('what is still to come', () => {
  const bodyOf = (rows: readonly TrialRow[]) =>
    analyseTrialRows(rows, kitchen.larder, conditionsOf()).freshBody;

  test('is aimed off for by what it will do to the bowl as it then is', () => {
    const next = bodyOf(planned.slice(0, 2));
    const end = bodyOf(planned);
    expect(aimOff(after(1), hummus, kitchen, next)).toBeCloseTo((end ?? NaN) - (next ?? NaN), 9);
    expect(aimOff(after(1), hummus, kitchen, next)).toBeGreaterThan(0.3);
  });

  test('at the last of them, in crumbs, and where it does little there is nothing to aim off for', () => {
    expect(aimOff(after(3), hummus, kitchen, bodyOf(planned))).toBeNull();
    expect(aimOff(after(1), hummus, kitchen, null)).toBeNull();
    expect(aimOff(after(2), hummus, kitchen, bodyOf(planned.slice(0, 3)))).toBeNull();
  });

  test('what is left out does not come', () => {
    const skipped = atStep(withSkipped(after(1), 'c', now), 1);
    const next = bodyOf(planned.slice(0, 2));
    expect(aimOff(skipped, hummus, kitchen, next)).toBeNull();
  });

  test('the first open addition is neither in nor left out', () => {
    expect(nextOpen(entriesOf(begun))).toBe(0);
    expect(nextOpen(entriesOf(after(3)))).toBe(3);
    expect(nextOpen(entriesOf(after(4)))).toBe(4);
  });
});

describe('logging', () => {
  const logged = { amount: '70 g', massG: 70, cv: 0.01, at: now };

  test('goes by the entry and not by the step in hand', () => {
    // the water was on the screen; the run has gone on meanwhile
    const late = withLogged(after(3), 'w', logged);
    expect(entriesOf(late)[1]?.done).toEqual(logged);
    expect(entriesOf(late)[2]).toEqual(entriesOf(after(3))[2]);
    expect(late.step).toBe(2);
    expect(withLogged(after(1), 'gone', logged)).toEqual(after(1));
  });

  test('after leaving it out, or the other way round, the later word counts', () => {
    const skipped = withSkipped(withLogged(after(1), 'w', logged), 'w', now);
    expect(entriesOf(skipped)[1]).toMatchObject({ done: null, skipped: true });
    expect(entriesOf(withLogged(skipped, 'w', logged))[1]).toMatchObject({
      done: logged,
      skipped: false,
    });
  });

  test('a step stays within the entries', () => {
    expect(atStep(begun, -3).step).toBe(0);
    expect(atStep(begun, 99).step).toBe(4);
    expect(atStep(begun, 0)).toBe(begun);
  });
});

describe('the advisor is asked', () => {
  test('about what is in, with what is in reach', () => {
    const question = adviceQuestion(after(2), hummus, kitchen);
    expect(question.parts.map(({ ingredient: { id } }) => id)).toEqual(['tahini-hulled', 'water']);
    expect(question.atHand.map(({ id }) => id)).toEqual(withinReach(after(2), hummus));
    expect(withinReach({ ...begun, atHand: ['water'] }, hummus)).toEqual(['water']);
    expect(withinReach(begun, hummus)).toContain('lemon-juice');
    expect(question.machine.mostMl).toBe(1500);
  });
});

describe('what a bowl is to be', () => {
  const salt = { saltG: { low: 1, high: 1.2 } };
  const wanted = dip('a', { targets: { ...salt, freshBody: { low: 6, high: 7 } } });

  test('its own body takes the place of the dip’s, its seasoning stays', () => {
    // ribbons are 3 to 4.6
    expect(targetsOfAim(wanted, { moment: 'chilledBody', word: 'ribbons' })).toEqual({
      ...salt,
      chilledBody: { low: 3, high: 4.6 },
    });
    expect(targetsOfAim(wanted, { moment: null, word: 'ribbons' })).toEqual({
      ...salt,
      freshBody: { low: 3, high: 4.6 },
    });
    expect(targetsOfAim(wanted, asTheDip)).toBeUndefined();
  });

  test('used at another moment it is to be then what it was to be when it is eaten', () => {
    expect(targetsOfAim(wanted, { moment: 'servedBody', word: null })).toEqual({
      ...salt,
      servedBody: { low: 6, high: 7 },
    });
    // but on hot pasta it has to coat, and not to hold a swirl
    expect(targetsOfAim(wanted, { moment: 'pastaBody', word: null })).toEqual({
      ...salt,
      pastaBody: { low: 3, high: 5.4 },
    });
    const both = { ...wanted, targets: { ...wanted.targets, pastaBody: { low: 4, high: 5 } } };
    expect(targetsOfAim(both, { moment: 'pastaBody', word: null })).toEqual({
      ...salt,
      pastaBody: { low: 4, high: 5 },
    });
    // nothing asked for: what is usual of its family
    const open = dip('a', { family: 'pulse', targets: salt });
    expect(targetsOfAim(open, { moment: 'chilledBody', word: null })).toEqual({
      ...salt,
      chilledBody: { low: 6.7, high: 7.8 },
    });
    expect(targetsOfAim(open, { moment: 'pastaBody', word: null })).toEqual({
      ...salt,
      pastaBody: { low: 3, high: 5.4 },
    });
  });

  test('is known again by its targets', () => {
    for (const moment of bodyNames) {
      for (const word of ['pours', 'scoops', 'shapes'] as const) {
        expect(aimOfTargets(targetsOfAim(wanted, { moment, word }))).toEqual({ moment, word });
      }
      // what the dip is for anyway is no aim of the bowl's own
      const kept = targetsOfAim(wanted, { moment, word: null });
      const own = moment === 'freshBody' ? asTheDip : { moment, word: null };
      expect(aimOfTargets(kept)).toEqual(own);
    }
    expect(aimOfTargets(undefined)).toEqual(asTheDip);
  });
});

describe('one run in two tabs', () => {
  const logged = { amount: '70 g', massG: 70, cv: 0.01, at: now };
  const later = '2026-06-01T10:00:05.000Z';

  test('that say opposite things of one addition keeps both, and the later word counts', () => {
    const before = after(1);
    const theirs = withLogged(before, 'w', logged);
    const mine = withSkipped(before, 'w', later);
    const merged = mergeRecords(before, mine, theirs);
    expect(merged && runSchema.validate(merged).error).toBeUndefined();
    expect(merged?.events.slice(-2).map(({ kind }) => kind)).toEqual(['in', 'left out']);
    expect(merged && entriesOf(merged)[1]).toMatchObject({ done: null, skipped: true });
  });

  test('that log two additions has both in', () => {
    const before = after(1);
    const merged = mergeRecords(
      before,
      withLogged(before, 'c', logged),
      withLogged(before, 'w', logged),
    );
    expect(merged && entriesOf(merged).map(({ done }) => done !== null)).toEqual([
      true,
      true,
      true,
      false,
    ]);
  });
});
