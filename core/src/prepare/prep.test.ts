import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { refusal } from '../../test/refusal';
import { allRoutes, kitchenRoutes } from '../../test/allRoutes';
import { ingredient } from '../../test/larderIngredient';
import { pulsesFromCsv, yieldsFromCsv } from '../../../scripts/prepFromCsv';
import { coolRequest, prepareRequest, soakRequest } from '../api/prepRequests';
import { shippedLarder } from '../larder/larder';
import { type CoolingWay, iceFor, minutesTo, temperatureAfter, twoStages } from './cool';
import { kitchenWork } from './kitchenWork';
import { learnedYield } from './ownYield';
import { prepare, rawFor, routesTo } from './prepare';
import { usualPulseMethod } from './pulseMethod';
import { pulseOfIngredient, pulses } from './pulses';
import { potMinutes, soakMinutes } from './pulseWork';
import { wayKey } from './route';
import { needsFridge, pelegK1, readyAfterH, soakCurve, uptake } from './soak';
import { ratioOf, yieldOf } from './yields';

const table = (name: string) => readFileSync(join(__dirname, '../../data', name), 'utf8');
const chickpea = pulses.find(({ id }) => id === 'chickpea');
if (!chickpea) throw new Error('no chickpea');
const curve = soakCurve(chickpea);
if (!curve) throw new Error('no curve');

test('the shipped tables are what the CSV says', () => {
  const yields = yieldsFromCsv(table('yields.csv'));
  for (const [id, row] of Object.entries(yields)) expect(yieldOf(id)).toEqual(row);
  const { kinds, cooking } = pulsesFromCsv(table('soak-cook.csv'));
  expect(pulses).toEqual(kinds.map((kind) => ({ ...kind, ...cooking[kind.id] })));
});

describe('soaking', () => {
  test('chickpeas at 20 °C, by hand', () => {
    // M(8) = 8 / (1.1 + 0.95 · 8); nine tenths at 9 k1 / k2
    expect(uptake(curve, 20, 8)).toBeCloseTo(8 / 8.7, 9);
    expect(readyAfterH(curve, 20)).toBeCloseTo((9 * 1.1) / 0.95, 9);
    expect(readyAfterH(curve, 20)).toBeGreaterThan(9.5);
    expect(readyAfterH(curve, 20)).toBeLessThan(10.6);
    expect(pelegK1(curve, 80)).toBeCloseTo(1.1 * Math.exp(-2.04), 9);
    expect(readyAfterH(curve, 80)).toBeLessThan(2);
  });

  test('takes up more with time and warmth, never more than all', () => {
    const hours = fc.double({ min: 0, max: 100, noNaN: true });
    const warmth = fc.double({ min: 0, max: 99, noNaN: true });
    fc.assert(
      fc.property(hours, hours, warmth, (a, b, waterC) => {
        const [early, late] = a < b ? [a, b] : [b, a];
        // The last bit of a double may go the other way where both are all but full.
        const rounding = 1e-12;
        expect(uptake(curve, waterC, early)).toBeLessThanOrEqual(
          uptake(curve, waterC, late) + rounding,
        );
        expect(uptake(curve, waterC, late)).toBeLessThanOrEqual(
          uptake(curve, waterC + 1, late) + rounding,
        );
        expect(uptake(curve, waterC, late) * curve.k2).toBeLessThan(1);
      }),
    );
  });

  test('every pulse that is soaked is ready when practice says, at 20 °C', () => {
    for (const pulse of pulses) {
      const own = soakCurve(pulse);
      if (!own || pulse.id === 'chickpea') continue;
      expect(readyAfterH(own, 20)).toBeCloseTo(pulse.soakH, 6);
    }
    expect(soakCurve(pulses.find(({ id }) => id === 'red-lentil') ?? chickpea)).toBeNull();
  });

  test('as a request, with its cautions', () => {
    const soaked = soakRequest({ pulse: 'chickpea', waterC: 20, hours: 8 });
    expect(soaked.uptake).toBeCloseTo(0.9195, 4);
    expect(soaked.ofFull).toBeCloseTo(0.8736, 4);
    expect(soaked.volumeRatio).toBeCloseTo(1 + 1.25 * 0.8736, 3);
    const long = soakRequest({ pulse: 'chickpeas-cooked', waterC: 24, hours: 16 });
    expect(long.cautions.join(' ')).toContain('fridge');
    expect(soakRequest({ pulse: 'red-kidney', hours: 8 }).cautions.join(' ')).toContain(
      'poisonous',
    );
    expect(refusal(() => soakRequest({ pulse: 'pebbles', hours: 3 })).field).toBe('pulse');
    expect(refusal(() => soakRequest({ pulse: 'red-lentil', hours: 3 })).message).toContain(
      'no soak',
    );
    expect(refusal(() => soakRequest({ pulse: 'chickpea', hours: -1 })).field).toBe('hours');
  });
});

describe('cooling', () => {
  test('a stirred bowl on ice is Newton’s law, by hand', () => {
    // 40 mm, h 400: rate 400 / (3.6e6 · 0.04) per second; ln(90 / 30) of it
    const bath = { depthMm: 40, startC: 90, ambientC: 0, how: 'ice-bath' as const };
    expect(minutesTo(bath, 30)).toBeCloseTo(Math.log(3) / (400 / 144_000) / 60, 9);
  });

  test('a thin slab in still air loses heat as one lump would', () => {
    // Bi = 8 · 0.004 / 0.5 is far under 0.1: T falls as exp(−h t / ρ c L)
    const thin = { depthMm: 4, startC: 80, ambientC: 20, how: 'air' as const };
    const lump = (Math.log(60 / 10) * 3.6e6 * 0.004) / 8 / 60;
    expect((minutesTo(thin, 30) ?? NaN) / lump).toBeCloseTo(1, 1);
  });

  test('the first root solves its equation, so that twice as deep takes between two and four times', () => {
    const at = (depthMm: number) =>
      minutesTo({ depthMm, startC: 90, ambientC: 20, how: 'air' }, 30) ?? NaN;
    for (const depth of [10, 20, 40, 80]) {
      expect(at(2 * depth) / at(depth)).toBeGreaterThan(2);
      expect(at(2 * depth) / at(depth)).toBeLessThan(4);
    }
  });

  test('temperature and time are each other’s inverse, and it never gets past the ambient', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 120, noNaN: true }),
        fc.double({ min: 6, max: 50, noNaN: true }),
        (depthMm, targetC) => {
          const cooling = { depthMm, startC: 80, ambientC: 4, how: 'fridge' as const };
          const minutes = minutesTo(cooling, targetC) ?? NaN;
          expect(temperatureAfter(cooling, minutes)).toBeCloseTo(targetC, 6);
          expect(temperatureAfter(cooling, 1e6)).toBeGreaterThanOrEqual(4);
        },
      ),
    );
    const room = { depthMm: 40, startC: 80, ambientC: 20, how: 'air' as const };
    expect(minutesTo(room, 5)).toBeNull();
    expect(minutesTo(room, 90)).toBe(0);
  });

  test('an open pan that steams cools sooner, most of all while it is hot; a thin one as vapour tables say', () => {
    const pan = (open: boolean, startC = 90) =>
      minutesTo({ depthMm: 2, startC, ambientC: 20, how: 'air', open }, startC - 5) ?? NaN;
    expect(pan(false) / pan(true)).toBeGreaterThan(pan(false, 40) / pan(true, 40));
    // at 60 °C saturated air holds 0.1304 kg/m³, at 20 °C 0.0173: 5 / (1.2 · 1006 · 0.9) m/s of it evaporates
    const perSecond = 5 / (1.2 * 1006 * 0.9);
    const extra = (perSecond * (0.1304 - 0.5 * 0.0173) * 2.4e6) / 40;
    const seconds = (3.6e6 * 0.0002 * 1) / ((8 + extra) * 40);
    const thin = { depthMm: 0.2, startC: 60.5, ambientC: 20, how: 'air', open: true } as const;
    expect((minutesTo(thin, 59.5) ?? NaN) / (seconds / 60)).toBeCloseTo(1, 1);
    const bath = { depthMm: 40, startC: 90, ambientC: 0, how: 'ice-bath' } as const;
    expect(minutesTo({ ...bath, open: true }, 30)).toBe(minutesTo(bath, 30));
    const after = temperatureAfter(thin, minutesTo(thin, 40) ?? NaN);
    expect(after).toBeCloseTo(40, 3);
  });

  test('stirred now and then is a good deal slower than stirred all the time, and quicker than left alone', () => {
    const to30 = (how: CoolingWay) =>
      minutesTo({ depthMm: 60, startC: 90, ambientC: 0, how }, 30) ?? NaN;
    expect(to30('ice-now-and-then')).toBeGreaterThan(2 * to30('ice-bath'));
    expect(to30('ice-now-and-then')).toBeLessThan(to30('fridge') / 3);
  });

  test('ice by the heat it takes: a kilo from 90 to 5 °C', () => {
    // 306 kJ by 379 J/g of ice, a third to spare
    expect(iceFor(1000, 90, 5)).toBeCloseTo((85 * 3600 * 1.3) / (36.9 + 333.6 + 8.36), 6);
    expect(iceFor(1000, 4, 5)).toBe(0);
    expect(
      coolRequest({ depthMm: 40, startC: 90, how: 'ice-now-and-then', massG: 500 }).iceG,
    ).toBeCloseTo(iceFor(500, 90, 5), 9);
    expect(coolRequest({ depthMm: 40, startC: 90, how: 'air', massG: 500 }).iceG).toBeUndefined();
  });

  test('the two stages, met by a shallow ice bath and missed by a deep pot', () => {
    expect(twoStages({ depthMm: 30, startC: 90, ambientC: 0, how: 'ice-bath' }).met).toBe(true);
    const pot = coolRequest({ depthMm: 150, startC: 90, how: 'air' });
    expect(pot.minutesTo['5']).toBeNull();
    expect(pot.cautions.join(' ')).toMatch(/more than the usual 2 h.*never gets to 5 °C/);
    const fridge = coolRequest({ depthMm: 40, startC: 61, ambientC: 4, how: 'fridge' });
    expect(fridge.minutesTo['5'] ?? 0).toBeGreaterThan(fridge.minutesTo['21'] ?? Infinity);
    expect(fridge.cautions.join(' ')).toContain('takes very long');
    expect(refusal(() => coolRequest({ depthMm: 0, startC: 60 })).field).toBe('depthMm');
  });
});

describe('from raw to ready', () => {
  test('shares and losses multiply, low with low', () => {
    const both = ratioOf(yieldOf('garlic-peel-loss'), yieldOf('garlic-roast-loss'));
    expect(both.typical).toBeCloseTo(0.87 * 0.8, 9);
    expect(both.low).toBeCloseTo(0.8 * 0.65, 9);
    expect(both.high).toBeCloseTo(0.9 * 0.88, 9);
  });

  test('every route leads to something in the larder, gives less than it can, and says its steps', () => {
    for (const route of allRoutes()) {
      expect([route.to, shippedLarder.has(route.to)]).toEqual([route.to, true]);
      const { low, typical, high } = route.ratio;
      expect(low).toBeLessThanOrEqual(typical);
      expect(typical).toBeLessThanOrEqual(high);
      expect(route.steps.length).toBeGreaterThan(0);
      const made = prepare(route, 500);
      expect(made.steps.every(({ handsOnMin }) => handsOnMin >= 1)).toBe(true);
      for (const { ingredient: id } of made.leftovers) {
        if (id !== null) expect(shippedLarder.has(id)).toBe(true);
      }
    }
  });

  test('what is said of a way belongs to one that gives something', () => {
    const given = new Set(kitchenRoutes().map(wayKey));
    expect(Object.keys(kitchenWork).filter((key) => !given.has(key))).toEqual([]);
  });

  test('so much wanted needs so much raw, and that gives it again', () => {
    for (const route of kitchenRoutes()) {
      expect(prepare(route, rawFor(route, 300)).readyG.typical).toBeCloseTo(300, 6);
    }
  });

  test('150 g of dried chickpeas, by hand', () => {
    const made = prepareRequest({ ingredient: 'chickpeas-cooked', from: 'dried', amount: '150 g' });
    expect(made.readyG).toEqual({
      low: expect.closeTo(300, 6),
      typical: expect.closeTo(330, 6),
      high: expect.closeTo(367.5, 6),
    });
    expect(made.leftovers[0]?.ingredient).toBe('bean-cooking-liquid');
    const soak = made.steps.find(({ label }) => /^Soak/.test(label));
    expect(soak?.waitMin).toBe(Math.round((60 * 9 * 1.1) / 0.95));
    const back = prepareRequest({ ingredient: 'chickpeas-cooked', from: 'dried', want: '330 g' });
    expect(back.rawG).toBeCloseTo(150, 6);
  });

  test.each<[string, string, string, number]>([
    ['lemon-juice', 'lemon', '3 lemons', (3 * 45 * 1.03) as number],
    ['chickpeas', 'can', '2 x 400 g cans', 480],
    ['aubergine', 'aubergine', '2 aubergines', 270],
    ['parsley', 'bunch', '1 bunch', 44],
    ['garlic-roasted', 'bulb', '1 bulb', 50 * 0.87 * 0.8],
    ['labneh', 'yogurt', '1 kg', 500],
  ])('%s from %s: %s', (id, from, amount, grams) => {
    const made = prepareRequest({ ingredient: id, from, amount });
    expect(made.readyG.typical).toBeCloseTo(grams, 1);
    expect(made.readyG.low).toBeLessThan(made.readyG.typical);
  });

  test('soak, soda and pressure change the time, kidney beans say their boil', () => {
    const at = (method: Partial<typeof usualPulseMethod>) =>
      potMinutes(chickpea, { ...usualPulseMethod, ...method });
    expect(at({ pressure: true })).toBeLessThan(at({}));
    expect(at({ soda: false })).toBeGreaterThan(at({}));
    expect(at({ soak: 'none' })).toBeGreaterThan(at({}));
    expect(soakMinutes(chickpea, { ...usualPulseMethod, soak: 'hot' })).toBeLessThan(120);
    const kidney = prepareRequest({
      ingredient: 'kidney-beans-red-cooked',
      from: 'dried',
      amount: '200 g',
    });
    expect(kidney.cautions.join(' ')).toContain('poisonous');
    expect(kidney.steps.some(({ label }) => label.startsWith('Boil hard 10 minutes'))).toBe(true);
    expect(pulseOfIngredient(ingredient('kidney-beans-red-cooked'))?.id).toBe('red-kidney');
  });

  const everyDried = pulses.filter(({ ingredientIds, frozen }) =>
    ingredientIds.some((id) => !frozen && routesTo(ingredient(id)).some((r) => r.from === 'dried')),
  );
  test.each(everyDried.map((pulse) => [pulse.name, pulse] as const))(
    '%s boils hard first where its beans hold lectin, pressure or not',
    (_, pulse) => {
      const id = pulse.ingredientIds[0] ?? '';
      const lectin = ingredient(id).hazards.some((hazard) => hazard.startsWith('lectin'));
      for (const pressure of [true, false]) {
        const route = routesTo(ingredient(id), { ...usualPulseMethod, pressure }).find(
          ({ from }) => from === 'dried',
        );
        const boils = route?.steps.some(({ label }) => label.startsWith('Boil hard')) ?? false;
        expect(boils).toBe(lectin);
      }
    },
  );

  test.each<[string, unknown, string]>([
    ['no such thing', { ingredient: 'moon dust', from: 'dried', amount: '1 g' }, 'ingredient'],
    ['bought as it is', { ingredient: 'water', from: 'tap', amount: '1 g' }, 'ingredient'],
    ['no such way', { ingredient: 'lemon-juice', from: 'dried', amount: '1 g' }, 'from'],
    ['both', { ingredient: 'lemon-juice', from: 'lemon', amount: '1', want: '2 g' }, ''],
    ['neither', { ingredient: 'lemon-juice', from: 'lemon' }, ''],
    ['by the cup', { ingredient: 'lemon-juice', from: 'lemon', amount: '1 cup' }, 'amount'],
    ['nothing wanted', { ingredient: 'lemon-juice', from: 'lemon', want: '0 g' }, 'want'],
  ])('%s is refused by field', (_, value, field) => {
    expect(refusal(() => prepareRequest(value)).field).toBe(field);
  });

  test('a route is found for what is in the larder and only for that', () => {
    expect(routesTo(ingredient('lemon-juice')).map(({ from }) => from)).toEqual(['lemon']);
    expect(routesTo(ingredient('water'))).toEqual([]);
  });
});

describe('the cook’s own yields', () => {
  const lemon = { low: 0.29, typical: 0.386, high: 0.48 };

  test('without results are the table’s', () => {
    expect(learnedYield(lemon, [])).toEqual({ ...lemon, n: 0 });
  });

  test('move towards the results and never past them, more with each', () => {
    let last = lemon.typical;
    for (let n = 1; n <= 12; n += 1) {
      const { typical } = learnedYield(lemon, new Array<number>(n).fill(0.3));
      expect(typical).toBeLessThan(last);
      expect(typical).toBeGreaterThan(0.3);
      last = typical;
    }
    // the table counts as two results: ln is (2 ln 0.386 + 6 ln 0.3) / 8
    const six = learnedYield(lemon, new Array<number>(6).fill(0.3));
    expect(Math.log(six.typical)).toBeCloseTo((2 * Math.log(0.386) + 6 * Math.log(0.3)) / 8, 9);
  });

  test('that agree narrow the range, that scatter widen it', () => {
    const width = (results: number[]) => {
      const { low, high } = learnedYield(lemon, results);
      return Math.log(high / low);
    };
    const agreed = new Array<number>(10).fill(0.386);
    expect(width(agreed)).toBeLessThan(width([]));
    expect(width([0.2, 0.7, 0.25, 0.65, 0.3])).toBeGreaterThan(width([]));
  });
});

describe('what is poisonous raw', () => {
  const kidney = () => {
    const pulse = pulses.find(({ id }) => id === 'red-kidney');
    if (!pulse) throw new Error('no red kidney beans');
    return pulse;
  };

  test('is soaked whatever is asked', () => {
    const route = routesTo(ingredient('kidney-beans-red-cooked'), {
      ...usualPulseMethod,
      soak: 'none',
    }).find(({ from }) => from === 'dried');
    expect(route?.steps.map(({ label }) => label).join(' ')).toMatch(
      /Soak in .*throw the soaking water/,
    );
  });

  test('boils hard before the pressure, and the time counts both', () => {
    const open = { ...usualPulseMethod, soda: false };
    // 8–12 min under pressure after ten of hard boil
    expect(potMinutes(kidney(), { ...open, pressure: true })).toBe(20);
    expect(potMinutes(kidney(), open)).toBe(75);
  });

  test.each<[number, number, boolean]>([
    [20, 13, true],
    [20, 12, false],
    [26, 5, true],
    [26, 4, false],
    [5, 40, false],
    [75, 5, false],
  ])('a soak at %d °C for %d h is one for the fridge: %s', (waterC, hours, fridge) => {
    expect(needsFridge(waterC, hours)).toBe(fridge);
  });
});
