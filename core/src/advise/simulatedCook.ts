import { usualMethod } from '../body/conditions';
import { bodyWord, yieldStressPa } from '../body/words';
import type { TasteMarks, Verdict } from '../book/trial';
import type { Part } from '../bowl/part';
import { type Correction, priorSd } from '../calibration/correction';
import type { Ingredient } from '../larder/ingredient';
import type { Larder } from '../larder/larder';
import type { LinearSolver } from '../landing/linearProgram';
import { type Band, missOf, type Targets } from '../landing/targets';
import { measuredFactor } from '../odds/measuredFactor';
import { normal, seeded } from '../odds/random';
import { pressedDiameterMm } from '../reading/pressTest';
import { eyeSd, pressRange, pressSd, type ReadingTaken } from '../reading/takeReading';
import { advise } from './advise';
import { bowlCorrection, type BowlReading } from './bowlReadings';
import { type BowlFigures, bowlFigures } from './figures';
import type { Addition } from './solveAdditions';

/** How one simulated dip went. */
export interface SimulatedRun {
  /** Every true figure inside its band when the cook stopped. */
  inside: boolean;
  additions: number;
  /** A true figure went past the far end of its band at some time. */
  overshot: boolean;
  /** What the cook believed of the body at the end, less what it was. */
  bodyError: number;
  readings: number;
}

const bases = [
  'chickpeas-cooked',
  'cannellini-cooked',
  'butter-beans-cooked',
  'black-beans-cooked',
];
const pastes = ['tahini-hulled', 'sunflower-butter', 'cashew-butter'];
const reach = [
  'water',
  'lemon-juice',
  'olive-oil-extra-virgin',
  'sea-salt-fine',
  'tahini-hulled',
] as const;
/** Half widths of the bands that are asked for. */
const halfWidth = { chilledBody: 0.5, saltG: 0.12, acidG: 0.06 } as const;
/** What a mouth is off by, g per 100 g (judgement). */
const mouthSd = { saltG: 0.05, acidG: 0.025 } as const;
const mostAdditions = 8;
const middle = (band: Band | undefined) => ((band?.low ?? 0) + (band?.high ?? 0)) / 2;
/** With more risk than this the cook takes the first step only. */
const carefulFrom = 0.02;
const press = { loadG: 500, volumeMl: 5, coarse: false } as const;

/** A way back is taken by halves too. */
const halved = (add: readonly Addition[]) => add.map((one) => ({ ...one, massG: one.massG / 2 }));

/**
 * A cook who follows the first suggestion each time, in a kitchen whose offset, slope and formula nobody knows: reads,
 * tastes, adds the first step, reads again. The same seed gives the same kitchen.
 *
 * @param seed of the kitchen and of everything that is off in it
 */
export function simulatedCook(seed: number, larder: Larder, solver: LinearSolver): SimulatedRun {
  const random = seeded(seed);
  const z = () => normal(random);
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const between = (low: number, high: number) => low + (high - low) * random();
  const thing = (id: string): Ingredient => {
    const found = larder.get(id);
    if (!found) throw new Error(`the larder has no ${id}`);
    return found;
  };
  const method = usualMethod;
  const hidden: Correction = {
    mean: [z() * priorSd.water, z() * priorSd.oil, z() * priorSd.slope, z() * priorSd.formula],
    covariance: new Array<number>(16).fill(0),
  };
  const baseG = between(250, 600);
  const part = (id: string, massG: number, cv: number): Part => ({
    ingredient: thing(id),
    massG,
    cv,
    place: 'bowl',
  });
  const paste = pick(pastes);
  const written = [
    part(paste, baseG * between(0.08, 0.28), 0.08),
    part('lemon-juice', baseG * between(0.04, 0.08), 0.08),
    part('water', baseG * between(0.08, 0.2), 0.04),
    part('sea-salt-fine', baseG * between(0.003, 0.006), 0.08),
    part(pick(bases), baseG, 0.04),
  ];
  const measured = (one: Part): Part => ({
    ...one,
    massG: one.massG * measuredFactor(one.cv, z()),
  });
  const said = [...written];
  const truth = written.map(measured);
  const known = { method, measures: 'us' as const };
  const really = (parts: readonly Part[]) => bowlFigures(parts, { ...known, correction: hidden });
  const wanted = really([
    ...truth,
    part('water', baseG * between(0.06, 0.22), 0),
    part('lemon-juice', baseG * between(0, 0.05), 0),
    part('sea-salt-fine', baseG * between(0.002, 0.006), 0),
  ]);
  const about = (value: number, by: number): Band => ({ low: value - by, high: value + by });
  const targets: Targets = {
    chilledBody: about(wanted.chilledBody ?? 7, halfWidth.chilledBody),
    saltG: about(wanted.saltG, halfWidth.saltG),
    acidG: about(wanted.acidG, halfWidth.acidG),
  };
  const names = ['chilledBody', 'saltG', 'acidG'] as const;
  const missIn = (figures: BowlFigures, name: (typeof names)[number]) => {
    const band = targets[name];
    const value = figures[name];
    return band && value !== null ? missOf(value, band) : 0;
  };
  const from = really(truth);
  const side = names.map((name) => Math.sign(missIn(from, name)));
  const read = (): BowlReading => {
    const warm = really(truth).warmBody ?? 9;
    const off = warm + pressSd.smooth * z();
    const tau = yieldStressPa(off);
    const taken: ReadingTaken =
      tau > pressRange.low && tau < pressRange.high
        ? { press: { ...press, diameterMm: pressedDiameterMm(tau, press) } }
        : { eye: bodyWord(warm + eyeSd * z()) };
    return { taken, after: said.length };
  };
  const verdict = (name: 'saltG' | 'acidG'): Verdict => {
    const band = targets[name];
    const tasted = really(truth)[name] + mouthSd[name] * z();
    if (!band) return 'right';
    const miss = missOf(tasted, band);
    return miss > 0 ? 'short' : miss < 0 ? 'over' : 'right';
  };
  const atHand = [...new Set<string>([...reach, paste])].map(thing);
  const readings: BowlReading[] = [];
  let additions = 0;
  let overshot = false;
  let believed = 0;
  let looked = false;
  for (;;) {
    readings.push(read());
    const correction = bowlCorrection(said, readings, method);
    const tastes: TasteMarks = {};
    const marks = { salt: verdict('saltG'), sour: verdict('acidG') };
    const reckoned = bowlFigures(said, { ...known, correction });
    believed = reckoned.body ?? 0;
    // a mouth is believed where the reckoning does not speak against it
    const lowerHalf = (name: 'saltG' | 'acidG') =>
      missIn(reckoned, name) === 0 && reckoned[name] < middle(targets[name]);
    if (lowerHalf('saltG') && marks.salt === 'short') tastes.salt = 'short';
    if (lowerHalf('acidG') && marks.sour === 'short') tastes.sour = 'short';
    const input = { parts: said, targets, tastes, atHand, mostMl: null, ...known, correction };
    const { suggestions, rescue } = advise(input, solver);
    const [first] = suggestions;
    const stop = first?.add.length === 0;
    // told to stop, a careful cook looks once more before the bowl is emptied
    if (stop && !looked) {
      looked = true;
      continue;
    }
    if (stop || additions >= mostAdditions) break;
    looked = false;
    const whole = additions > 0 && (first?.overshootChance ?? 1) < carefulFrom;
    const step: Addition[] = (whole ? first?.add : first?.firstStep) ?? halved(rescue?.add ?? []);
    if (step.length === 0) break;
    for (const { ingredient, massG } of step) {
      const one = part(ingredient, massG, 0.08);
      said.push(one);
      truth.push(measured(one));
    }
    additions += 1;
    const now = really(truth);
    names.forEach((name, i) => {
      const miss = Math.sign(missIn(now, name));
      if (miss !== 0 && miss !== (side[i] ?? 0)) overshot = true;
    });
  }
  const end = really(truth);
  return {
    inside: names.every((name) => missIn(end, name) === 0),
    additions,
    overshot,
    bodyError: believed - (end.body ?? 0),
    readings: readings.length,
  };
}
