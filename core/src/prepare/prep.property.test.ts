import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { allRoutes, kitchenRoutes } from '../../test/allRoutes';
import { prepareRequest } from '../api/prepRequests';
import { shippedLarder } from '../larder/larder';
import { coolingWays, minutesTo, temperatureAfter } from './cool';
import { learnedYield } from './ownYield';
import { prepare, routesTo } from './prepare';
import { usualPulseMethod } from './pulseMethod';
import { pulses } from './pulses';
import { readRaw } from './rawAmount';
import { soakCurve, soakedVolumeRatio } from './soak';
import { usualWay } from './usualWay';

const anyRoute = fc.constantFrom(...allRoutes());

describe('from raw to ready', () => {
  test('twice as much raw is twice as much ready and left over, and takes longer hands but no less waiting', () => {
    fc.assert(
      fc.property(anyRoute, fc.double({ min: 20, max: 4000, noNaN: true }), (route, rawG) => {
        const once = prepare(route, rawG);
        const twice = prepare(route, 2 * rawG);
        expect(twice.readyG.typical).toBeCloseTo(2 * once.readyG.typical, 6);
        once.leftovers.forEach((leftover, i) => {
          expect(twice.leftovers[i]?.typical).toBeCloseTo(2 * leftover.typical, 6);
          expect(leftover.low).toBeLessThanOrEqual(leftover.typical);
          expect(leftover.typical).toBeLessThanOrEqual(leftover.high);
        });
        once.steps.forEach((step, i) => {
          expect(twice.steps[i]?.handsOnMin).toBeGreaterThanOrEqual(step.handsOnMin);
          expect(twice.steps[i]?.waitMin).toBe(step.waitMin);
        });
      }),
    );
  });

  test('what goes in comes out: ready and left over weigh no more than raw and its water', () => {
    for (const route of kitchenRoutes()) {
      const { readyG, leftovers } = prepare(route, 1000);
      const out = leftovers.reduce((sum, { typical }) => sum + typical, readyG.typical);
      expect([route.to, route.from, out < 1060]).toEqual([route.to, route.from, true]);
    }
  });

  test('an amount in pieces is so many times one piece', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kitchenRoutes().filter(({ pieceG }) => Object.keys(pieceG).length > 0)),
        fc.integer({ min: 1, max: 12 }),
        (route, count) => {
          const [word] = Object.keys(route.pieceG);
          if (word === undefined || word.includes(' ')) return;
          const read = readRaw(`${count} ${word}`, route, 'us');
          const one = readRaw(`1 ${word}`, route, 'us');
          if (!read.ok || !one.ok) throw new Error(`${count} ${word} can't be read`);
          expect(read.value.massG).toBeCloseTo(count * one.value.massG, 6);
        },
      ),
    );
  });

  test('the usual way of every ingredient that has one leads to it', () => {
    let ways = 0;
    for (const one of shippedLarder.values()) {
      const { id } = one;
      const way = usualWay(one);
      if (!way) continue;
      ways += 1;
      expect(routesTo(one).some(({ from }) => from === way.from)).toBe(true);
      const made = prepareRequest({ ingredient: id, from: way.from, want: '300 g' });
      expect(made.readyG.typical).toBeCloseTo(300, 4);
    }
    expect(ways).toBeGreaterThan(40);
  });

  test('no pulse that can harm is without its caution, whatever the way', () => {
    for (const soak of ['overnight', 'hot', 'none'] as const) {
      for (const pressure of [true, false]) {
        const routes = allRoutes({ ...usualPulseMethod, soak, pressure });
        for (const { to, from, cautions } of routes) {
          if (to === 'kidney-beans-red-cooked' && from === 'dried') {
            expect(cautions.join(' ')).toMatch(/poisonous.*boil hard/);
          }
          if (/^broad-beans/.test(to)) expect(cautions.join(' ')).toMatch(/favism/i);
        }
      }
    }
  });
});

describe('cooling', () => {
  const way = fc.constantFrom(...coolingWays);
  const depth = fc.double({ min: 5, max: 150, noNaN: true });

  test('never warms, and is slower the deeper', () => {
    fc.assert(
      fc.property(
        way,
        depth,
        fc.double({ min: 0, max: 900, noNaN: true }),
        (how, depthMm, minutes) => {
          const cooling = { depthMm, startC: 90, ambientC: 4, how };
          const now = temperatureAfter(cooling, minutes);
          expect(temperatureAfter(cooling, minutes + 10)).toBeLessThanOrEqual(now + 1e-9);
          expect(now).toBeLessThanOrEqual(90);
          const deeper = { ...cooling, depthMm: depthMm * 1.3 };
          expect(minutesTo(deeper, 30) ?? NaN).toBeGreaterThan(minutesTo(cooling, 30) ?? NaN);
        },
      ),
    );
  });

  test('ice is quicker than the fridge, and the fridge than the air', () => {
    fc.assert(
      fc.property(depth, (depthMm) => {
        const to30 = (how: (typeof coolingWays)[number]) =>
          minutesTo({ depthMm, startC: 90, ambientC: 4, how }, 30) ?? NaN;
        expect(to30('ice-bath')).toBeLessThan(to30('fridge'));
        expect(to30('fridge')).toBeLessThan(to30('air'));
      }),
    );
  });
});

test('soaked pulses swell two to three times, never less than they were', () => {
  for (const pulse of pulses) {
    if (!soakCurve(pulse)) continue;
    expect(soakedVolumeRatio(pulse, 0)).toBe(1);
    expect(soakedVolumeRatio(pulse, 1)).toBeGreaterThan(1.9);
    expect(soakedVolumeRatio(pulse, 1)).toBeLessThan(3);
  }
});

test('one’s own yields lie between the table and the results, whatever the order they came in', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.1, max: 0.9, noNaN: true }), { minLength: 1, maxLength: 20 }),
      (results) => {
        const table = { low: 0.3, typical: 0.4, high: 0.5 };
        const { low, typical, high, n } = learnedYield(table, results);
        const mean = Math.exp(results.map(Math.log).reduce((a, b) => a + b, 0) / results.length);
        expect(typical).toBeGreaterThanOrEqual(Math.min(0.4, mean) - 1e-9);
        expect(typical).toBeLessThanOrEqual(Math.max(0.4, mean) + 1e-9);
        expect(low).toBeLessThan(typical);
        expect(high).toBeGreaterThan(typical);
        expect(n).toBe(results.length);
        expect(learnedYield(table, [...results].reverse()).high).toBeCloseTo(high, 9);
      },
    ),
  );
});
