import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { conditionsOf, endOf } from '../../test/kitchenOf';
import { pulseDip } from '../../test/recipes';
import { loads } from '../batch/loads';
import { kitMachine, defaultKit } from '../kitchen/kit';
import { stage } from './stage';

const metric = conditionsOf({ measures: 'metric' });
const jug = kitMachine(defaultKit, 'jug-blender');

describe('staging', () => {
  const dry = [
    part('chickpeas-cooked', 330),
    part('tahini-hulled', 80),
    part('lemon-juice', 40),
    part('water', 120),
    part('sea-salt-fine', 4),
  ];

  test('body after each is that of the parts so far; a jug stalls on dry pulses, and a way through is said', () => {
    const staged = stage(dry, jug, conditionsOf());
    staged.steps.forEach(({ body }, i) => {
      const { freshBody } = endOf(dry.slice(0, i + 1));
      if (body === null || freshBody === null) expect(body).toBe(freshBody);
      else expect(body).toBeCloseTo(freshBody, 6);
    });
    expect(staged.stallsAt[0]).toBe(0);
    expect(staged.wholeStalls).toBe(false);
    const { change } = staged;
    expect(change?.words).toMatch(/^Earlier: /);
    const mass = change?.steps.reduce((sum, { massG }) => sum + massG, 0);
    expect(mass).toBeCloseTo(574, 6);
    // put in that order nothing stalls
    const reordered = change?.steps.map(({ ingredient, massG }) => part(ingredient, massG)) ?? [];
    expect(stage(reordered, jug, conditionsOf()).stallsAt).toEqual([]);
  });

  test('what is still to come brings each step to the end', () => {
    const { steps } = stage(dry, jug, conditionsOf());
    const end = steps.at(-1)?.body ?? NaN;
    for (const { body, stillToCome } of steps) {
      if (body !== null) expect(body + (stillToCome ?? NaN)).toBeCloseTo(end, 9);
    }
    expect(steps.at(-1)?.stillToCome).toBeCloseTo(0, 9);
  });
});

describe('loads', () => {
  test('are the fewest that fit, of equal composition, and together the whole', () => {
    fc.assert(
      fc.property(pulseDip, fc.integer({ min: 200, max: 2000 }), (parts, mostMl) => {
        const made = loads(parts, { name: 'jug', leastMl: 50, mostMl }, metric);
        expect(made.volumeMl / made.count).toBeLessThanOrEqual(mostMl + 1e-9);
        if (made.count > 1) expect(made.volumeMl / (made.count - 1)).toBeGreaterThan(mostMl);
        const whole = parts.reduce((sum, one) => sum + one.massG, 0);
        const together = made.count * (made.load?.massG ?? NaN);
        expect(together).toBeCloseTo(whole, 6);
        const { load } = made;
        const saltOf = (id: string) =>
          (load?.parts.find((one) => one.ingredient === id)?.massG ?? 0) / (load?.massG ?? NaN);
        for (const { ingredient, massG } of parts) {
          if (massG > 0 && parts.filter((one) => one.ingredient === ingredient).length === 1) {
            expect(saltOf(ingredient.id)).toBeCloseTo(massG / whole, 9);
          }
        }
      }),
    );
  });

  test('too little for the blade is said; what is folded in waits', () => {
    const little = loads([part('chickpeas-cooked', 100)], jug, conditionsOf());
    expect(little.warnings[0]).toMatch(/too little for the blade/);
    const folded = loads(
      [part('chickpeas-cooked', 3000), part('capers', 50, 'fold')],
      jug,
      conditionsOf(),
    );
    expect(folded.count).toBeGreaterThan(1);
    expect(folded.load?.parts.map(({ ingredient }) => ingredient)).toEqual(['chickpeas-cooked']);
    expect(folded.recombine).toMatch(/one bowl/);
  });
});
