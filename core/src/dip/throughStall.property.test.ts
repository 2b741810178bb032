import { conditionsOf } from '../../test/kitchenOf';
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { pulseDip } from '../../test/recipes';
import { analyse } from './analyse';
import { type Machine, stallsOn } from '../kitchen/machines';
import { defaultKit, kitMachine } from '../kitchen/kit';
import type { Part } from '../mix/part';
import { calibrate, correctionOf } from '../readings/calibrate';
import { throughStall, type WayStep } from './throughStall';

const conditions = conditionsOf();
const weakMachine: fc.Arbitrary<Machine> = fc
  .record({
    stallBody: fc.double({ min: 7.6, max: 10, noNaN: true }),
    worksCrumbs: fc.boolean(),
  })
  .map((own) => ({ ...kitMachine(defaultKit, 'jug-blender'), ...own }));

/** The parts of a way as they go in. */
const along = (parts: readonly Part[], way: readonly WayStep[]): Part[] =>
  way.flatMap(({ index, share }) => {
    const one = parts[index];
    return one ? [{ ...one, massG: one.massG * share }] : [];
  });

test('on any everyday dip and any machine, every way found stalls nowhere and holds everything', () => {
  let found = 0;
  fc.assert(
    fc.property(pulseDip, weakMachine, (parts, machine) => {
      const answer = throughStall({ parts, machine, conditions });
      const inBowl = parts.filter(({ massG }) => massG > 0);
      for (const way of [answer.order, answer.split]) {
        if (!way) continue;
        found += 1;
        const ordered = along(parts, way);
        const mass = ordered.reduce((sum, { massG }) => sum + massG, 0);
        expect(mass).toBeCloseTo(
          inBowl.reduce((sum, { massG }) => sum + massG, 0),
          6,
        );
        const { path } = analyse(ordered, conditionsOf());
        for (const { body, state } of path) {
          expect(stallsOn(machine, body, state === 'crumbs')).toBe(false);
        }
      }
      // where the present order gets through there is nothing to say
      if (answer.stallsAt.length === 0) expect([answer.order, answer.split]).toEqual([null, null]);
    }),
    { numRuns: 150 },
  );
  expect(found).toBeGreaterThan(5);
});

test('what a kitchen has learned counts: a stiffer kitchen stalls where the model does not', () => {
  const parts = [part('water', 40), part('chickpeas-cooked', 300), part('tahini-hulled', 40)];
  const machine = kitMachine(defaultKit, 'jug-blender');
  const { path } = analyse(parts, conditionsOf());
  const most = Math.max(...path.map(({ body }) => body ?? 0));
  const tight = { ...machine, stallBody: most + 0.2, worksCrumbs: true };
  expect(throughStall({ parts, machine: tight, conditions }).stallsAt).toEqual([]);
  const read = { formulaId: 'a', modelBody: 7, waterOutside: 1, difference: 1, variance: 0.05 };
  const correction = correctionOf(calibrate([read, read, read]), 'a');
  const learned = throughStall({ parts, machine: tight, conditions: conditionsOf({ correction }) });
  expect(learned.stallsAt.length).toBeGreaterThan(0);
  const seen = analyse(parts, conditionsOf({ correction })).path;
  learned.stallsAt.forEach((index) => {
    expect(stallsOn(tight, seen[index]?.body ?? null, seen[index]?.state === 'crumbs')).toBe(true);
  });
});
