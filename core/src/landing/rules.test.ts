import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { landing, landRequestOf } from '../../test/landingOf';
import { pulseDip } from '../../test/recipes';
import { linearRule, type LinearRule, type Rule, ruleOff } from '../mix/rule';
import type { Targets } from '../mix/targets';
import { highsSolver } from './highsSolver';
import { massesKeeping, timesToHold } from './keepRules';
import type { LandingPart } from './landParts';
import { landSteadily } from './landSteadily';
import type { LinearSolver } from './linearProgram';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

/** Rows are called by their place. */
function rulesOver(parts: readonly LandingPart[], rules: readonly Partial<Rule>[]): LinearRule[] {
  const ruled = parts.map((one, i) => ({ ...one, rowId: String(i) }));
  return rules.flatMap((rule, i) => {
    const whole: Rule = {
      ...{ id: String(i), said: `rule ${i}`, sense: 'equal', times: 1, by: 'weight' },
      ...{ of: { rows: ['0'] }, to: { rows: ['1'] } },
      ...rule,
    };
    return linearRule(whole, ruled) ?? [];
  });
}
const hummus = [
  landing(part('tahini-hulled', 80)),
  landing(part('lemon-juice', 40)),
  landing(part('chickpeas-cooked', 300)),
  landing(part('water', 60)),
  landing(part('sea-salt-fine', 5)),
];
const scoops: Targets = { chilledBody: { low: 6.8, high: 7.6 } };
const massesIn = (answer: ReturnType<typeof landSteadily>) =>
  (answer.feasible ? answer.parts : answer.nearest.parts).map(({ massG }) => massG);

describe('landing by rules', () => {
  test('as much of one as of the other, in grams', () => {
    const rules = rulesOver(hummus, [{}]);
    const answer = landSteadily(landRequestOf(hummus, scoops, { rules }), solver);
    expect(answer.feasible).toBe(true);
    const [tahiniG = 0, lemonG = 0] = massesIn(answer);
    expect(Math.abs(tahiniG - lemonG)).toBeLessThan(0.3);
  });

  test('in spoons too, to what a spoon can tell', () => {
    const rules = rulesOver(hummus, [
      {},
      { of: { rows: ['4'] }, times: 0.012, to: { whole: true } },
    ]);
    const spoons = hummus.map((one, i) => ({
      ...one,
      amountText: ['⅓ cup', '2½ tbsp', '300 g', '¼ cup', '¾ tsp'][i] ?? '',
    }));
    const request = landRequestOf(spoons, scoops, { rules, kitchenMeasures: true });
    const answer = landSteadily(request, solver);
    expect(answer.feasible).toBe(true);
    for (const rule of rules) {
      expect(Math.abs(ruleOff(rule, massesIn(answer)))).toBeLessThanOrEqual(rule.slack + 1e-9);
    }
  });

  test('rules alone are landed on too, and what holds already is left alone', () => {
    const kept = rulesOver(hummus, [{ times: 2 }]);
    const still = landSteadily(landRequestOf(hummus, scoops, { rules: kept }), solver);
    const free = landSteadily(landRequestOf(hummus, scoops), solver);
    if (massesIn(free)[0] === 80) expect(massesIn(still).slice(0, 2)).toEqual([80, 40]);
    const alone = landSteadily(
      landRequestOf(hummus, {}, { rules: rulesOver(hummus, [{}]) }),
      solver,
    );
    const [tahiniG = 0, lemonG = 0] = massesIn(alone);
    expect(alone.feasible).toBe(true);
    expect(tahiniG).toBeCloseTo(lemonG, 1);
  });

  test('the lead keeps its floor, whatever is asked for', () => {
    const rules = rulesOver(hummus, [
      { of: { rows: ['2'] }, sense: 'atLeast', times: 0.6, to: { whole: true } },
    ]);
    const loose: Targets = { chilledBody: { low: 5.2, high: 5.8 } };
    const answer = landSteadily(landRequestOf(hummus, loose, { rules }), solver);
    const masses = massesIn(answer);
    const share = (masses[2] ?? 0) / masses.reduce((sum, one) => sum + one, 0);
    expect(answer.feasible).toBe(true);
    expect(share).toBeGreaterThanOrEqual(0.6 * 0.95);
  });

  test('what fights is named: rule against rule, rule against hold, rule against target', () => {
    const both = rulesOver(hummus, [
      { said: 'as much tahini as lemon' },
      { said: 'twice as much tahini as lemon', times: 2 },
    ]);
    const rules = landSteadily(landRequestOf(hummus, {}, { rules: both }), solver);
    if (rules.feasible) throw new Error('two rules that fight both hold');
    expect(rules.conflicts[0]?.message).toContain('“as much tahini as lemon”; “twice as much');
    const held = hummus.map((one, i) => (i < 2 ? { ...one, hold: true } : one));
    const stuck = landSteadily(
      landRequestOf(held, {}, { rules: rulesOver(held, [{ said: 'as much of both' }]) }),
      solver,
    );
    if (stuck.feasible) throw new Error('what is held moved');
    expect(stuck.conflicts[0]?.message).toContain('let go of');
    const salty: Targets = { saltG: { low: 2, high: 2.4 } };
    const mild = rulesOver(hummus, [
      { said: 'salt 9 g a kilo', of: { rows: ['4'] }, times: 0.009, to: { whole: true } },
    ]);
    const target = landSteadily(landRequestOf(hummus, salty, { rules: mild }), solver);
    if (target.feasible) throw new Error('more salt than its rule allows');
    expect(target.conflicts[0]?.rules).toEqual(['salt 9 g a kilo']);
    expect(target.conflicts[0]?.message).toContain('without the rule “salt 9 g a kilo”');
  });

  test('any dip that lands by a rule keeps it, and what is held never moves', () => {
    const low = fc.double({ min: 5.5, max: 8, noNaN: true });
    const times = fc.double({ min: 0.3, max: 2.5, noNaN: true });
    fc.assert(
      fc.property(pulseDip, low, times, fc.boolean(), (dip, from, ratio, kitchen) => {
        const parts = dip.map((one, i) => landing(one, { hold: i === 5 }));
        const rules = rulesOver(parts, [{ times: ratio }]);
        const targets = { chilledBody: { low: from, high: from + 0.8 } };
        const request = landRequestOf(parts, targets, { rules, kitchenMeasures: kitchen });
        const answer = landSteadily(request, solver);
        const masses = massesIn(answer);
        expect(masses[5]).toBe(parts[5]?.massG);
        if (!answer.feasible) return;
        for (const rule of rules) {
          expect(Math.abs(ruleOff(rule, masses))).toBeLessThanOrEqual(rule.slack + 1e-6);
        }
      }),
      { numRuns: 25 },
    );
  });
});

describe('masses brought back to rules', () => {
  const masses = hummus.map(({ massG }) => massG);

  test('what makes the dip moves less than what loosens it', () => {
    const [rule] = rulesOver(hummus, [{}]);
    const kept = massesKeeping(rule ? [rule] : [], hummus, masses);
    expect(kept[0]).toBeCloseTo(kept[1] ?? NaN, 2);
    // by shares of what is there, tahini four times as unwilling as lemon: 80²/4 gives as much way as 40²/1
    expect(80 - (kept[0] ?? 0)).toBeCloseTo((kept[1] ?? 0) - 40, 1);
    expect(kept.slice(2)).toEqual(masses.slice(2));
  });

  test('what is held stays, and rules that hold move nothing', () => {
    const held = hummus.map((one, i) => (i === 0 ? { ...one, hold: true } : one));
    const kept = massesKeeping(rulesOver(held, [{}]), held, masses);
    expect(kept[0]).toBe(80);
    expect(kept[1]).toBeCloseTo(80, 2);
    const holds = rulesOver(hummus, [{ times: 2 }, { sense: 'atLeast' }]);
    expect(massesKeeping(holds, hummus, masses)).toEqual(masses);
  });

  test('so many times one side makes it hold', () => {
    const [rule] = rulesOver(hummus, [{}]);
    const [share] = rulesOver(hummus, [{ of: { rows: ['4'] }, times: 0.02, to: { whole: true } }]);
    if (!rule || !share) throw new Error('no rule');
    expect(timesToHold(rule, masses, [false, true, false, false, false])).toBeCloseTo(2, 9);
    // 5k = 0.02 (480 + 5k)
    const times = timesToHold(share, masses, [false, false, false, false, true]);
    expect(times).toBeCloseTo(9.6 / 4.9, 9);
    expect(timesToHold(rule, masses, [false, false, true, false, false])).toBeNull();
  });
});
