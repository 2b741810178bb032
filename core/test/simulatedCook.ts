import { servedMoment } from '../src/mix/bodyMoments';
import { usualBlending } from '../src/mix/blending';
import { usualBlendC, usualMethod } from '../src/mix/method';
import { bodyWord } from '../src/mix/bodyWords';
import type { TasteMarks, Verdict } from '../src/readings/tastes';
import type { Part } from '../src/mix/part';
import { type Correction, priorSd } from '../src/mix/correction';
import type { Ingredient } from '../src/larder/ingredient';
import type { Larder } from '../src/larder/larder';
import type { LinearSolver } from '../src/landing/linearProgram';
import { type Band, missOf, type Targets } from '../src/mix/targets';
import { measuredFactor } from '../src/statistics/logNormal';
import { normal, seeded } from '../src/statistics/random';
import { pressShowing } from './testShowing';
import { eyeSd, pressSd } from '../src/readings/takeReading';
import { advise } from '../src/advise/advise';
import type { KeptReading } from '../src/readings/keptReading';
import { type Figures, figuresOf, targetFigure } from '../src/mix/figures';
import { mixOf } from '../src/mix/mix';
import { emptyBook } from '../src/book/book';
import { bookKitchen } from '../src/book/bookKitchen';
import { type Run, startRun } from '../src/book/run';
import type { RunEvent } from '../src/book/runEvents';
import { type Dip, emptyDip } from '../src/dip/dip';
import { conditionsFor } from '../src/kitchen/kitchen';

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

const when = (minutes: number) => new Date(Date.UTC(2026, 4, 6, 9, minutes)).toISOString();

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
  const method = { ...usualMethod, blendC: usualBlendC };
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
  const dip: Dip = { ...emptyDip('d', 'A dip', when(0)), method };
  const conditions = {
    method,
    blending: usualBlending,
    served: servedMoment(dip),
    measures: 'us' as const,
  };
  const really = (parts: readonly Part[]) =>
    figuresOf(mixOf(parts), { ...conditions, correction: hidden });
  const wanted = really([
    ...truth,
    part('water', baseG * between(0.06, 0.22), 0),
    part('lemon-juice', baseG * between(0, 0.05), 0),
    part('sea-salt-fine', baseG * between(0.002, 0.006), 0),
  ]);
  const about = (value: number, by: number): Band => ({ low: value - by, high: value + by });
  const targets: Targets = {
    chilledBody: about(wanted.chilledBody ?? 7, halfWidth.chilledBody),
    saltG: about(wanted.per100g.saltG, halfWidth.saltG),
    acidG: about(wanted.per100g.acidG, halfWidth.acidG),
  };
  const names = ['chilledBody', 'saltG', 'acidG'] as const;
  const missIn = (figures: Figures, name: (typeof names)[number]) => {
    const band = targets[name];
    const value = targetFigure(name, figures);
    return band && value !== null ? missOf(value, band) : 0;
  };
  const from = really(truth);
  const side = names.map((name) => Math.sign(missIn(from, name)));
  const read = (): KeptReading => {
    const warm = really(truth).warmBody ?? 9;
    const pressed = pressShowing(warm + pressSd.smooth * z());
    return {
      taken: pressed ?? { eye: bodyWord(warm + eyeSd * z()) },
      atC: null,
      when: 'machine',
      takenAt: when(readings.length),
      leftOut: false,
      after: said.length,
    };
  };
  const verdict = (name: 'saltG' | 'acidG'): Verdict => {
    const band = targets[name];
    const tasted = really(truth).per100g[name] + mouthSd[name] * z();
    if (!band) return 'right';
    const miss = missOf(tasted, band);
    return miss > 0 ? 'short' : miss < 0 ? 'over' : 'right';
  };
  const atHand = [...new Set<string>([...reach, paste])].map(thing);
  const readings: KeptReading[] = [];
  /** The run as the application keeps it: what it has learned of this bowl comes from there. */
  const kitchen = () => {
    const events = said.map(({ ingredient, massG, cv, place }, i): RunEvent => ({
      kind: 'added',
      entry: String(i),
      row: { ingredientId: ingredient.id, planned: null, amount: '', massG, cv, place },
      before: null,
      at: when(i),
    }));
    const run: Run = { ...startRun('r', dip, [], when(0)), events, readings };
    return bookKitchen({ ...emptyBook(), runs: new Map([[run.id, run]]) });
  };
  let additions = 0;
  let overshot = false;
  let believed = 0;
  let looked = false;
  for (;;) {
    readings.push(read());
    const known = conditionsFor({ ...dip, dipId: dip.id }, kitchen());
    const tastes: TasteMarks = {};
    const marks = { salt: verdict('saltG'), sour: verdict('acidG') };
    const predicted = figuresOf(mixOf(said), known);
    believed = predicted.freshBody ?? 0;
    // a mouth is believed where the prediction does not speak against it
    const lowerHalf = (name: 'saltG' | 'acidG') =>
      missIn(predicted, name) === 0 && predicted.per100g[name] < middle(targets[name]);
    if (lowerHalf('saltG') && marks.salt === 'short') tastes.salt = 'short';
    if (lowerHalf('acidG') && marks.sour === 'short') tastes.sour = 'short';
    const { suggestions, rescue } = advise(
      {
        parts: said,
        conditions: known,
        machine: { mostMl: Infinity },
        family: dip.family,
        targets,
        tastes,
        atHand,
      },
      solver,
    );
    const [first] = suggestions;
    const stop = first?.add.length === 0;
    // told to stop, a careful cook looks once more before the bowl is emptied
    if (stop && !looked) {
      looked = true;
      continue;
    }
    if (stop || additions >= mostAdditions) break;
    looked = false;
    const whole = additions > 0 && (first?.proposal.sure.overshoot ?? 1) < carefulFrom;
    const step = (whole ? first?.add : first?.firstStep) ?? rescue?.firstStep ?? [];
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
    bodyError: believed - (end.freshBody ?? 0),
    readings: readings.length,
  };
}
