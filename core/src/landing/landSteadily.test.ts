import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { part } from '../../test/bowlOf';
import { landing, landRequestOf } from '../../test/landingOf';
import { readGrams } from '../amounts/toGrams';
import { analyse } from '../dip/analyse';
import { missOf } from '../mix/targets';
import { highsSolver } from './highsSolver';
import { prepareLanding } from './landing';
import { landingOdds, oddsDeviates } from './landingOdds';
import { type LandAnswer, type LandPartsRequest, landParts } from './landParts';
import { landSteadily } from './landSteadily';
import type { LinearSolver } from './linearProgram';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

const spoons = (waterG: number, band: { low: number; high: number }, kitchenMeasures = true) =>
  landRequestOf(
    [
      landing(part('tahini-hulled', 80), { hold: true, amountText: '1/3 cup' }),
      landing(part('lemon-juice', 30), { amountText: '2 tbsp' }),
      landing(part('water', waterG), { amountText: `${Math.round(waterG / 14.8)} tbsp` }),
      landing(part('sea-salt-fine', 3), { amountText: '1/2 tsp' }),
      landing(part('chickpeas-canned-drained', 320), { hold: true, amountText: '2 cups' }),
    ],
    { freshBody: band, saltG: { low: 0.7, high: 1.3 } },
    { kitchenMeasures },
  );

/** How often an answer's amounts land, drawn as often as a cook asks for. */
function oddsOf(request: LandPartsRequest, answer: LandAnswer): number {
  const landed = answer.feasible ? answer.parts : answer.nearest.parts;
  const cvs = landed.map(({ amount }, i) => {
    const { ingredient } = request.parts[i] ?? part('water', 1);
    const read = readGrams(amount, ingredient, 'us');
    return read.ok ? read.value.cv : NaN;
  });
  const prepared = prepareLanding({ ...request, rows: request.parts });
  const masses = landed.map(({ massG }) => massG);
  return landingOdds(prepared, masses, cvs, oddsDeviates(landed.length, 6000)).measured;
}

describe('landing with amounts that land more often', () => {
  test('takes the steadier measures near by, and leaves what is held', () => {
    const request = spoons(120, { low: 6.6, high: 7.6 });
    const once = landParts(request, solver);
    const steady = landSteadily(request, solver);
    expect(steady.feasible).toBe(true);
    if (!steady.feasible) return;
    expect(steady.parts[0]?.amount).toBe('1/3 cup');
    expect(steady.parts[4]?.amount).toBe('2 cups');
    expect(oddsOf(request, steady)).toBeGreaterThanOrEqual(oddsOf(request, once) - 0.01);
    expect(steady.odds?.measured).toBeCloseTo(oddsOf(request, steady), 1);
  });

  test('in grams there is nothing to step, and nothing is said', () => {
    const request = spoons(120, { low: 6.6, high: 7.6 }, false);
    expect(landSteadily(request, solver)).toEqual(landParts(request, solver));
  });

  test('whatever is asked, it lands inside as written and never less often than the plain landing', () => {
    const better: number[] = [];
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 12 }),
        fc.double({ min: 5, max: 8, noNaN: true }),
        fc.double({ min: 0.4, max: 1.4, noNaN: true }),
        (water, low, wide) => {
          const request = spoons(water * 14.8, { low, high: low + wide });
          const once = landParts(request, solver);
          const steady = landSteadily(request, solver);
          expect(steady.feasible).toBe(once.feasible);
          if (!steady.feasible) return;
          const again = analyse(
            steady.parts.map(({ massG }, i) => ({
              ...(request.parts[i] ?? part('water', 1)),
              massG,
            })),
            request.conditions,
          );
          expect(missOf(again.freshBody ?? NaN, { low, high: low + wide })).toBeCloseTo(0, 2);
          const gain = oddsOf(request, steady) - oddsOf(request, once);
          // a thousand draws against six thousand
          expect(gain).toBeGreaterThan(-0.03);
          better.push(gain);
        },
      ),
      { numRuns: 25 },
    );
    expect(Math.max(...better)).toBeGreaterThan(0.02);
  });
});
