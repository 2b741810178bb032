import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { ingredient } from '../../test/larderIngredient';
import { pulseDip } from '../../test/recipes';
import { usualMethod as method } from '../mix/method';
import type { Part } from '../mix/part';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import type { Rule } from '../mix/rule';
import type { TargetName, Targets } from '../mix/targets';
import type { TasteMarks } from '../readings/tastes';
import { shippedLarder } from '../larder/larder';
import { advise } from './advise';
import type { AdviseInput } from './adviseInput';
import { bowlEvidence, bowlFormula, type BowlReading } from '../readings/bowlReadings';
import { calibrate, correctionOf } from '../readings/calibrate';
import { bodySd, type Figures, missed } from '../mix/figures';
import { mixOf } from '../mix/mix';
import { conditionsOf, endOf } from '../../test/kitchenOf';
import { chanceInside } from './justInside';
import { overshootChance } from './overshoot';
import { normals } from '../statistics/random';
import { simulatedCook } from '../../test/simulatedCook';
import { usualSeasoning } from '../mix/families';
import { goalsOf } from './wanted';
import { type Said, whyWords } from './whyWords';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const hand = ['water', 'lemon-juice', 'olive-oil-extra-virgin', 'sea-salt-fine', 'tahini-hulled'];
const hummus = [
  part('tahini-hulled', 80),
  part('lemon-juice', 20),
  part('chickpeas-canned-drained', 330),
  part('water', 40),
];
const band = (low: number, high: number) => ({ low, high });
/** The hummus with other seasoning, as far as marks go. */
const tasting = (seasoning: { saltG: number; acidG: number; garlicG: number }): Figures => {
  const now = endOf(hummus);
  return { ...now, per100g: { ...now.per100g, ...seasoning } };
};
const wantedOf = (wanted: Targets, tastes: TasteMarks, now: Figures): Targets =>
  goalsOf(wanted, tastes, now, usualSeasoning.pulse)[0]?.targets ?? {};
const targets: Targets = {
  chilledBody: band(7, 7.6),
  saltG: band(1, 1.2),
  acidG: band(0.3, 0.4),
};
const input = (parts: readonly Part[], more: Partial<AdviseInput> = {}): AdviseInput => ({
  parts,
  targets,
  tastes: {},
  atHand: hand.map(ingredient),
  machine: { mostMl: 1500 },
  conditions: conditionsOf(),
  family: 'pulse',
  ...more,
});
const ask = (parts: readonly Part[], more: Partial<AdviseInput> = {}) =>
  advise(input(parts, more), solver);

describe('what next', () => {
  test('a stiff, dull, flat bowl wants liquid, lemon and salt, in amounts that meet every band', () => {
    const { met, suggestions, misses } = ask(hummus);
    expect(met).toBe(false);
    expect(misses.map(({ name }) => name).sort()).toEqual(['acidG', 'chilledBody', 'saltG']);
    const [first] = suggestions;
    const added = first?.add.map(({ ingredient: id, massG }) => part(id, massG)) ?? [];
    expect(added.map(({ ingredient: one }) => one.id)).toEqual(
      expect.arrayContaining(['sea-salt-fine']),
    );
    const after = endOf([...hummus, ...added]);
    expect(missed(after, targets)).toEqual([]);
    expect(after.massG).toBeCloseTo(first?.proposal.after.massG ?? NaN, 6);
    expect(first?.proposal.why).toMatch(/too stiff .*short of salt.*dull/);
  });

  test('the first step is about half of each addition', () => {
    for (const { add, firstStep } of ask(hummus).suggestions) {
      firstStep.forEach(({ ingredient: id, massG }) => {
        const whole = add.find((one) => one.ingredient === id)?.massG ?? NaN;
        expect(massG / whole).toBeGreaterThan(0.2);
        expect(massG / whole).toBeLessThan(0.65);
      });
    }
  });

  test('only what is at hand, never less of anything, at most three, all meeting or one nearest', () => {
    fc.assert(
      fc.property(pulseDip, fc.subarray(hand, { minLength: 1 }), (parts, within) => {
        const { suggestions } = ask(parts, { atHand: within.map(ingredient) });
        expect(suggestions.length).toBeLessThanOrEqual(3);
        for (const { add, proposal } of suggestions) {
          for (const one of add) {
            expect(within).toContain(one.ingredient);
            expect(one.massG).toBeGreaterThan(0);
          }
          expect(proposal.after.massG).toBeGreaterThanOrEqual(
            parts.reduce((sum, one) => sum + one.massG, 0) - 1e-6,
          );
        }
        const meeting = suggestions.filter(({ proposal }) => proposal.misses.length === 0).length;
        expect(meeting === suggestions.length || suggestions.length === 1).toBe(true);
      }),
      { numRuns: 25 },
    );
  });

  test('met, the answer is to stop; a lean mouth is given fat', () => {
    const now = endOf(hummus);
    const wide: Targets = {
      chilledBody: band((now.chilledBody ?? 0) - 1, (now.chilledBody ?? 0) + 1),
    };
    const stop = ask(hummus, { targets: wide });
    expect(stop.met).toBe(true);
    expect(stop.suggestions).toHaveLength(1);
    expect(stop.suggestions[0]).toMatchObject({ add: [], proposal: { misses: [] } });
    const cold = now.chilledBody ?? NaN;
    const looser = { chilledBody: band(cold - 1.2, cold - 0.6) };
    const lean = ask(hummus, { tastes: { lean: 'over' }, targets: looser });
    expect(lean.suggestions.length).toBeGreaterThan(0);
    for (const { proposal } of lean.suggestions) {
      expect(proposal.after.per100g.fatG).toBeGreaterThan(now.per100g.fatG + 2);
    }
  });

  test('only just inside, a small step makes it surer, and stopping is offered beside it', () => {
    const now = endOf(hummus);
    const body = now.chilledBody ?? NaN;
    // a twentieth of the band from its stiff end
    const edgy = ask(hummus, { targets: { chilledBody: band(body - 0.95, body + 0.05) } });
    expect(edgy.met).toBe(true);
    expect(edgy.suggestions).toHaveLength(2);
    const [further, stop] = edgy.suggestions;
    expect(further?.proposal.why).toContain('only just');
    expect(further?.firstStep).toEqual(further?.add);
    expect(further?.proposal.after.chilledBody).toBeLessThan(body - 0.05);
    expect((further?.proposal.after.massG ?? NaN) / now.massG).toBeLessThan(1.06);
    expect(stop?.add).toEqual([]);
    // one-sided bands have no middle to be surer towards
    const open: Targets = { chilledBody: { low: null, high: body + 0.05 } };
    expect(ask(hummus, { targets: open }).suggestions).toHaveLength(1);
  });

  test('what is strong is never what a bowl is stretched with', () => {
    const seasoned = [...hummus, part('garlic-raw', 5), part('cumin-ground', 1.5)];
    const salty = [...seasoned, part('sea-salt-fine', 12)];
    const { rescue } = ask(salty, {
      atHand: [...hand, 'garlic-raw', 'cumin-ground', 'chickpeas-canned-rinsed'].map(ingredient),
      targets: { saltG: band(0.9, 1.2), chilledBody: band(6, 8.5) },
    });
    expect(rescue?.meets).toBe(true);
    const added = (id: string) => rescue?.add.find((one) => one.ingredient === id)?.massG ?? 0;
    // twice the bowl at most is put around it, so little more than twice what is in; spices go in by taste
    expect(added('garlic-raw')).toBeLessThanOrEqual(2 * 5 * 1.3);
    expect(added('cumin-ground')).toBe(0);
  });

  test('too salty can only be diluted: a rescue with its new yield, or another use', () => {
    const salty = [...hummus, part('sea-salt-fine', 12)];
    const { suggestions, rescue } = ask(salty, {
      atHand: [...hand, 'chickpeas-canned-rinsed'].map(ingredient),
      targets: { saltG: band(0.9, 1.2), chilledBody: band(6, 8.5) },
    });
    // a step that falls short is not offered beside a way back that leads there
    expect(suggestions).toEqual([]);
    expect(rescue?.meets).toBe(true);
    // 12 g and what is in the rest, at 1.2 g in 100 g at most
    expect(rescue?.proposal.after.massG).toBeGreaterThan((12 / 1.2) * 100);
    expect(rescue?.add.map(({ ingredient: id }) => id)).not.toContain('sea-salt-fine');
    expect(rescue?.otherUse).not.toBe('');
  });
});

describe('a body that is not known well', () => {
  const at = (chilledBody: number): Figures => ({ ...endOf(hummus), chilledBody });
  const wanted = { chilledBody: band(7, 8) };

  test('is inside by the odds of a normal spread, by hand', () => {
    // one standard deviation from either end
    expect(chanceInside(at(7.5), wanted, 0.5)).toBeCloseTo(0.6827, 3);
    // on the end: half below it, and two from the other
    expect(chanceInside(at(7), wanted, 0.5)).toBeCloseTo(0.4772, 3);
    expect(chanceInside(at(9), { saltG: band(1, 2) }, 0.5)).toBe(1);
    expect(chanceInside(at(9), { chilledBody: { low: 7, high: null } }, 1)).toBeCloseTo(0.9772, 3);
  });

  test('is measured before anything goes in where it may be right already, and not once it was', () => {
    const chilled = endOf(hummus).chilledBody ?? 0;
    const only: Targets = { chilledBody: band(chilled + 0.1, chilled + 1) };
    const unread = advise(input(hummus, { targets: only }), solver);
    expect(unread.met).toBe(false);
    expect(unread.measure).toBeGreaterThan(0.3);
    expect(unread.suggestions[0]?.add).toEqual([]);
    expect(unread.suggestions[0]?.proposal.why).toMatch(/may be right already: 4 in 10/);
    expect(unread.suggestions.slice(1).every(({ add }) => add.length > 0)).toBe(true);
    expect(unread.suggestions.length).toBeGreaterThan(1);
    const press = { press: { diameterMm: 34, loadG: 500, volumeMl: 5, coarse: false } };
    const readings: BowlReading[] = Array.from({ length: 4 }, () => ({ taken: press }));
    const { method: how, blending } = conditionsOf();
    const evidence = bowlEvidence(hummus, readings, { method: how, blending });
    const correction = correctionOf(calibrate(evidence), bowlFormula);
    const read = advise(
      input(hummus, { targets: only, conditions: { ...conditionsOf(), correction } }),
      solver,
    );
    expect(read.measure).toBeNull();
  });

  test('a taste that is off is mended whatever the body may be', () => {
    const chilled = endOf(hummus).chilledBody ?? 0;
    const only: Targets = { chilledBody: band(chilled + 0.1, chilled + 1), saltG: band(1, 1.2) };
    expect(advise(input(hummus, { targets: only }), solver).measure).toBeNull();
  });
});

describe('the chance of going too far', () => {
  const figures = (chilledBody: number) => ({ ...endOf(hummus), chilledBody });
  const chance = (from: number, to: number) =>
    overshootChance(figures(from), figures(to), 0.3, { chilledBody: band(7, 7.6) });

  test('is a half when the step ends on the edge, and nothing when it moves away from it', () => {
    expect(chance(9, 7)).toBeCloseTo(0.5, 6);
    // two standard deviations from the edge: 2.3 %
    const sd = Math.hypot(0.3, 0.08 * (9 - 7.6));
    expect(chance(9, 7 + 2 * sd)).toBeLessThan(0.03);
    expect(chance(6, 5)).toBe(0);
    expect(chance(9, 9)).toBe(0);
  });
});

describe('short within a band that is met', () => {
  const bowl = tasting({ saltG: 1.02, acidG: 0.35, garlicG: 0.5 });
  test('is taken to its middle, or by what can be tasted where that is more', () => {
    const to = (low: number, high: number) =>
      wantedOf({ saltG: band(low, high) }, { salt: 'short' }, bowl).saltG?.low;
    expect(to(1, 1.2)).toBeCloseTo(1.1, 9);
    // half of a tenth above what is there
    expect(to(0.9, 1.1)).toBeCloseTo(1.07, 9);
    expect(to(1.5, 1.7)).toBeCloseTo(1.5, 9);
  });
});

describe('the chance, drawn', () => {
  const only: Targets = { chilledBody: band(7, 7.6) };
  const at = (chilledBody: number, saltG = 1.1) => {
    const now = endOf(hummus);
    return { ...now, chilledBody, per100g: { ...now.per100g, saltG } };
  };

  test('agrees with twenty thousand draws of doubt and spoon, whichever way it goes', () => {
    const z = normals(40_000, 5);
    for (const [from, to, sd] of [
      [9, 7.2, 0.3],
      [8, 7.1, 0.2],
      [6, 7.4, 0.25],
      [5, 7.5, 0.4],
    ] as const) {
      let past = 0;
      for (let i = 0; i < 20_000; i += 1) {
        const end = to + sd * (z[2 * i] ?? 0) + 0.08 * (to - from) * (z[2 * i + 1] ?? 0);
        if (to > from ? end > 7.6 : end < 7) past += 1;
      }
      const drawn = past / 20_000;
      expect(Math.abs(overshootChance(at(from), at(to), sd, only) - drawn)).toBeLessThan(0.012);
    }
  });

  test('two bands at risk are riskier than either', () => {
    const both: Targets = { chilledBody: band(7, 7.6), saltG: band(1, 1.2) };
    const now = at(9, 0.5);
    const then = at(7.2, 1.18);
    const each = [only, { saltG: band(1, 1.2) }].map((one) => overshootChance(now, then, 0.3, one));
    expect(overshootChance(now, then, 0.3, both)).toBeGreaterThan(Math.max(...each));
    expect(overshootChance(now, then, 0.3, both)).toBeLessThan(
      each.reduce((sum, one) => sum + one, 0),
    );
  });
});

describe('why', () => {
  const words = (
    lacks: { name: TargetName; miss: number }[],
    ids: string[],
    solves: number[],
    more: Partial<Said> = {},
  ) =>
    whyWords({
      ...{ lacks, added: ids.map(ingredient), solves, tastes: {}, by: null, gives: [] },
      proposal: { misses: [] },
      ...more,
    });
  const dull = { name: 'acidG' as const, miss: 0.1 };
  const stiff = { name: 'freshBody' as const, miss: -1 };

  test('says what it lacks and what does it', () => {
    expect(words([dull, stiff], ['lemon-juice'], [2])).toBe(
      'It is dull and too stiff: lemon juice does both.',
    );
    expect(words([stiff], ['water'], [1])).toBe('It is too stiff: water puts it right.');
    const cold = { name: 'chilledBody' as const, miss: -1 };
    expect(words([stiff, cold], ['water'], [1])).toBe('It is too stiff: water puts it right.');
    expect(words([cold], ['water'], [1])).toContain('too stiff once it is cold');
  });

  test('says what is given up before anything else, and no more than it keeps', () => {
    const gives = [{ name: 'acidG' as const, before: 0.45, after: 0.83, times: 7.6 }];
    expect(words([stiff], ['lemon-juice'], [1], { gives })).toBe(
      'It will be sourer: 0.45 → 0.83. It is too stiff: lemon juice puts it right.',
    );
    const still = { proposal: { misses: [{ name: 'freshBody' as const, miss: -0.4 }] } };
    expect(words([stiff], ['water'], [1], still)).toBe(
      'It is too stiff: water makes it better; it stays too stiff.',
    );
    expect(
      words([], ['honey'], [0], { tastes: { bitter: 'over' }, by: 'sweetness hides it' }),
    ).toBe('It is bitter: honey; sweetness hides it.');
  });
});

describe('tastes', () => {
  const now = tasting({ saltG: 0.9, acidG: 0.3, garlicG: 0.4 });

  test('short lifts a band above what is there, over puts it below, right holds it', () => {
    expect(wantedOf({}, { salt: 'short' }, now).saltG?.low).toBeCloseTo(1, 9);
    expect(wantedOf({}, { sour: 'over' }, now).acidG?.high).toBeCloseTo(0.25, 9);
    const held = wantedOf({}, { garlic: 'right' }, now).garlicG;
    expect(held?.low).toBeLessThan(0.4);
    expect(held?.high).toBeGreaterThan(0.4);
    expect(wantedOf(targets, {}, now)).toEqual(targets);
  });

  test('right outranks the band, however far off it is', () => {
    const strong = tasting({ saltG: 0.9, acidG: 0.3, garlicG: 2.6 });
    const garlic = wantedOf({ garlicG: band(0.2, 1.8) }, { garlic: 'right' }, strong).garlicG;
    expect(garlic?.low).toBeGreaterThan(2.3);
    expect(garlic?.high).toBeLessThan(2.9);
  });

  test('far from what is usual, where nothing else is asked for, a step goes further', () => {
    const salty = tasting({ saltG: 2.3, acidG: 0.3, garlicG: 0.4 });
    // four tenths of the way back to 1.3
    expect(wantedOf({}, { salt: 'over' }, salty).saltG?.high).toBeCloseTo(2.3 - 0.4, 9);
    expect(wantedOf({ saltG: band(1, 2.4) }, { salt: 'over' }, salty).saltG?.high).toBeCloseTo(
      2.2,
      9,
    );
  });

  test('flat wants salt and sour, unless they were judged; lean wants fat; bitter may be answered in several ways', () => {
    const flat = wantedOf({}, { flat: 'over' }, now);
    expect(flat.saltG?.low).toBeGreaterThan(0.9);
    expect(flat.acidG?.low).toBeGreaterThan(0.3);
    expect(wantedOf({}, { flat: 'over', salt: 'right' }, now).saltG?.low).toBeLessThan(0.9);
    expect(wantedOf({}, { lean: 'over' }, now).fatG?.low).toBeGreaterThan(now.per100g.fatG + 2);
    const ways = goalsOf({}, { bitter: 'over', salt: 'right' }, now, usualSeasoning.pulse).map(
      ({ means }) => means.join(),
    );
    expect(ways).toEqual(
      expect.arrayContaining(['bitter,sugarsG', 'bitter,fatG', 'bitter,bitter']),
    );
    expect(ways).not.toContain('bitter,saltG');
  });
});

describe('a reading of the bowl', () => {
  test('pulls the body towards itself, not past it, and narrows the band; one before later parts counts', () => {
    const alone = endOf(hummus);
    const sdOf = (conditions = conditionsOf()) => bodySd(hummus, mixOf(hummus), conditions);
    const learned = (readings: BowlReading[]) =>
      correctionOf(
        calibrate(bowlEvidence(hummus, readings, conditionsOf({ method }))),
        bowlFormula,
      );
    for (const eye of ['slumps', 'packs'] as const) {
      const corrected = conditionsOf({ correction: learned([{ taken: { eye }, after: 4 }]) });
      const read = endOf(hummus, corrected);
      expect(sdOf(corrected)).toBeLessThan(sdOf());
      const target = eye === 'slumps' ? 5.35 : 9.5;
      const [from, to] = [alone.warmBody ?? NaN, read.warmBody ?? NaN];
      expect(Math.abs(target - to)).toBeLessThan(Math.abs(target - from));
      expect(Math.sign(target - to)).toBe(Math.sign(target - from));
    }
    const early = learned([{ taken: { eye: 'shapes' }, after: 3 }]);
    const late = learned([{ taken: { eye: 'shapes' } }]);
    expect(late.mean[3]).toBeGreaterThan(early.mean[3] ?? NaN);
  });
});

describe('a simulated cook who follows the first suggestion', () => {
  test('in thirty kitchens nobody knows ends inside nearly always, in few additions', () => {
    const runs = Array.from({ length: 30 }, (_, i) => simulatedCook(i + 1, shippedLarder, solver));
    const share = (holds: (run: (typeof runs)[number]) => boolean) =>
      runs.filter(holds).length / runs.length;
    // of 500 kitchens 96.2 % end inside and 3.0 % go past a band: of thirty, all but two and no more than two
    expect(runs.filter(({ inside }) => inside).length).toBeGreaterThanOrEqual(28);
    expect(share(({ additions }) => additions <= 5)).toBeGreaterThanOrEqual(0.9);
    expect(runs.filter(({ overshot }) => overshot).length).toBeLessThanOrEqual(2);
    const late = runs.filter(({ readings }) => readings >= 5);
    expect(late.length).toBeGreaterThan(3);
    const rms = Math.sqrt(
      late.reduce((sum, { bodyError }) => sum + bodyError ** 2, 0) / late.length,
    );
    expect(rms).toBeLessThan(0.35);
  });

  test('the same kitchen goes the same way again', () => {
    expect(simulatedCook(7, shippedLarder, solver)).toEqual(
      simulatedCook(7, shippedLarder, solver),
    );
  });
});

describe('a bowl by rules', () => {
  const rowIds = hummus.map((_, i) => String(i));
  const rule: Rule = {
    ...{ id: 'a', said: 'a quarter as much lemon as tahini', times: 0.25, by: 'weight' },
    ...{ sense: 'equal', of: { rows: ['1'] }, to: { rows: ['0'] } },
  };
  const atHand = hand.flatMap((id) => ingredient(id));
  const loose = { parts: hummus, conditions: conditionsOf(), machine: { mostMl: 1800 }, atHand };
  const bowl: AdviseInput = { ...loose, family: 'pulse', targets, tastes: {} };

  test('what goes in keeps them where it can', () => {
    const free = advise({ ...bowl, targets: { chilledBody: band(8, 8.6) } }, solver);
    const ruled = advise(
      { ...bowl, targets: { chilledBody: band(8, 8.6) }, ruled: { rules: [rule], rowIds } },
      solver,
    );
    expect(free.suggestions.length).toBeGreaterThan(0);
    expect(ruled.suggestions.length).toBeGreaterThan(0);
    for (const { add, breaks, proposal } of ruled.suggestions) {
      if (proposal.misses.length > 0) continue;
      const of = (id: string) => add.find((one) => one.ingredient === id)?.massG ?? 0;
      const off = Math.abs(20 + of('lemon-juice') - 0.25 * (80 + of('tahini-hulled')));
      if (breaks.length === 0) expect(off).toBeLessThan(0.06 * 30);
    }
  });

  test('what can only be mended by breaking one is told so', () => {
    // sourer, with nothing but lemon to hand and a rule that allows no more of it
    const sour: Targets = { acidG: band(0.42, 0.5) };
    const lemonOnly = [ingredient('lemon-juice')];
    const asked = { ...bowl, targets: sour, atHand: lemonOnly };
    const ruled = advise({ ...asked, ruled: { rules: [rule], rowIds } }, solver);
    const best = ruled.suggestions.find(({ proposal }) => proposal.misses.length === 0);
    expect(advise(asked, solver).suggestions[0]?.breaks).toEqual([]);
    expect(best?.breaks).toEqual(['a quarter as much lemon as tahini']);
    expect(best?.proposal.why).toContain('“a quarter as much lemon as tahini” no longer holds');
  });
});

test('how far a step goes is what is usual here, where that is known', () => {
  const here = { ...usualSeasoning.pulse, saltG: { low: 1.5, high: 1.8 } };
  const salty = tasting({ saltG: 1, acidG: 0.3, garlicG: 0.5 });
  const want = (usual: typeof here) =>
    goalsOf({}, { salt: 'short' }, salty, usual)[0]?.targets.saltG?.low ?? 0;
  // far below what is right here it goes back there at once, and by a plain step where only the family's is known
  expect(want(here)).toBeCloseTo(1.5, 6);
  expect(want(usualSeasoning.pulse)).toBeLessThan(1.4);
});
