import { type Advice, advise } from '../src/advise/advise';
import type { Suggestion } from '../src/advise/suggestion';
import type { Addition } from '../src/proposal/edit';
import { patterns, type Pattern } from '../src/dip/patterns';
import { alwaysAtHand } from '../src/larder/everyday';
import type { Ingredient } from '../src/larder/ingredient';
import type { Larder } from '../src/larder/larder';
import type { LinearSolver } from '../src/landing/linearProgram';
import { bodyWord, wordMiddle } from '../src/mix/bodyWords';
import { servedMoment } from '../src/mix/bodyMoments';
import { usualBlending } from '../src/mix/blending';
import { type Correction, priorCorrection } from '../src/mix/correction';
import { type Figures, figuresOf } from '../src/mix/figures';
import { usualBlendC, usualMethod } from '../src/mix/method';
import { mixOf } from '../src/mix/mix';
import type { Part } from '../src/mix/part';
import { type Band, missOf } from '../src/mix/targets';
import type { TasteMarks, Verdict } from '../src/readings/tastes';
import { measuredFactor } from '../src/statistics/logNormal';
import { normal, seeded } from '../src/statistics/random';
import { testShowing } from './testShowing';

/** How one bowl went with a cook who tastes. */
export interface TastedRun {
  pattern: string;
  mistake: Mistake;
  inside: boolean;
  /** Inside to within what nobody can tell: a third of what is noticed. */
  insideAsTold: boolean;
  additions: number;
  /** A true figure went past the far end of its band at some time. */
  overshot: boolean;
  /** Suggestions that moved a held figure by over twice what is noticed and did not say so. */
  unsaid: number;
  /** Additions no cook would make to this dip, or nobody could measure. */
  implausible: number;
  /** Suggestions said to put it right that do not. */
  falseWords: number;
}

export const mistakes = ['none', 'salt twice', 'a splash too much', 'no acid', 'no salt'] as const;
type Mistake = (typeof mistakes)[number];

/** What is noticed, kept apart from the table under test: of a figure, or as a share of what is there. */
const noticed = {
  freshBody: [0.3, 0],
  saltG: [0.08, 0],
  acidG: [0.05, 0],
  garlicG: [0.15, 0],
  fatG: [2, 0],
} as const;
type Noticed = keyof typeof noticed;

const bodyHalf = 0.5;
/** How far a mouth’s right range reaches from its middle, g per 100 g. */
const rightHalf = { saltG: 0.16, acidG: 0.1 } as const;
/** Noise of one tasting, and how far off one person’s mouth is, g per 100 g (judgement). */
const mouthSd = { saltG: 0.04, acidG: 0.02 } as const;
const biasSd = { saltG: 0.03, acidG: 0.015 } as const;
const eyeSd = 0.35;
/** A look’s error with the width of its word, and how far off a kitchen is, one standard deviation, body. */
const lookSd = 0.55;
const kitchenSd = 0.4;
/** A third of what is noticed of body, salt and sour: nobody can tell it. */
const told = [0.1, 0.027, 0.017] as const;
const mostAdditions = 5;
const leastMeasuredG = 0.25;
/** With more risk than this the cook takes the first step only. */
const carefulFrom = 0.05;

/** A dip of a pattern as its cook has it: usual shares, each a little their own way. */
function written(pattern: Pattern, thing: (id: string) => Ingredient, vary: () => number): Part[] {
  return pattern.slots.flatMap((slot): Part[] => {
    if (slot.usual <= 0 || slot.name === 'garnish') return [];
    const share = Math.min(slot.most, Math.max(slot.least, slot.usual * vary()));
    return [{ ingredient: thing(slot.first), massG: 5 * share, cv: 0.05, place: 'bowl' }];
  });
}

/**
 * A cook who tastes and looks, with a dip of any pattern, what a kitchen of that dip has at hand, and perhaps a mistake: follows the
 * first suggestion, half of it first, and marks what the tongue says. The same seed gives the same bowl.
 */
export function simulatedTongue(seed: number, larder: Larder, solver: LinearSolver): TastedRun {
  const random = seeded(seed * 7919);
  const z = () => normal(random);
  const pattern = patterns[seed % patterns.length];
  const mistake = mistakes[Math.floor(seed / patterns.length) % mistakes.length];
  if (!pattern || !mistake) throw new Error('there are patterns and mistakes');
  const thing = (id: string): Ingredient => {
    const found = larder.get(id);
    if (!found) throw new Error(`the larder has no ${id}`);
    return found;
  };
  const method = { ...usualMethod, blendC: usualBlendC };
  const conditions = {
    ...{
      method,
      blending: usualBlending,
      served: servedMoment({ servedAtC: 15 }),
      measures: 'us' as const,
    },
  };
  const hidden: Correction = {
    mean: [0.35 * z(), 0.35 * z(), 0.05 * z(), 0.2 * z()],
    covariance: new Array<number>(16).fill(0),
  };
  const really = (parts: readonly Part[]) =>
    figuresOf(mixOf(parts), { ...conditions, correction: hidden });
  const plan = written(pattern, thing, () => Math.exp(0.12 * z()));
  const wanted = really(plan);
  const about = (value: number, by: number): Band => ({
    low: Math.max(0, value - by),
    high: value + by,
  });
  // what this cook likes is not quite what is written
  const likes = {
    saltG: about(wanted.per100g.saltG, rightHalf.saltG),
    acidG: about(wanted.per100g.acidG, rightHalf.acidG),
  };
  const body = about(wanted.freshBody ?? 6, bodyHalf);
  const targets = { freshBody: body };

  const spoilt = plan.flatMap((part): Part[] => {
    const { role } = part.ingredient;
    if (mistake === 'salt twice' && role === 'salt') return [{ ...part, massG: part.massG * 1.6 }];
    if (mistake === 'no salt' && role === 'salt') return [];
    if (mistake === 'no acid' && role === 'acid') return [];
    return [part];
  });
  if (mistake === 'a splash too much') {
    spoilt.push({ ingredient: thing('water'), massG: 20, cv: 0.2, place: 'bowl' });
  }
  const measured = (one: Part): Part => ({
    ...one,
    massG: one.massG * measuredFactor(one.cv, z()),
  });
  const said = [...spoilt];
  const truth = spoilt.map(measured);
  const atHand = [...new Set([...plan.map(({ ingredient }) => ingredient.id), ...alwaysAtHand])];
  const shelf = atHand.map(thing);
  const bias = { saltG: biasSd.saltG * z(), acidG: biasSd.acidG * z() };
  const verdict = (name: 'saltG' | 'acidG'): Verdict => {
    const tasted = really(truth).per100g[name] + bias[name] + mouthSd[name] * z();
    const miss = missOf(tasted, likes[name]);
    return miss > 0 ? 'short' : miss < 0 ? 'over' : 'right';
  };
  const misses = (figures: Figures) => [
    figures.freshBody === null ? NaN : missOf(figures.freshBody, body),
    // what is right is what this mouth says without its noise
    missOf(figures.per100g.saltG + bias.saltG, likes.saltG),
    missOf(figures.per100g.acidG + bias.acidG, likes.acidG),
  ];
  const start = misses(really(truth)).map(Math.sign);
  const run: TastedRun = {
    ...{ pattern: pattern.id, mistake, inside: false, insideAsTold: false },
    ...{ additions: 0, overshot: false },
    ...{ unsaid: 0, implausible: 0, falseWords: 0 },
  };
  const marked = new Map<string, number>();
  const again = (tastes: TasteMarks) =>
    Object.fromEntries(
      Object.entries(tastes).map(([taste, verdict]) => {
        const key = `${taste} ${verdict}`;
        const times = (marked.get(key) ?? 0) + 1;
        for (const other of [...marked.keys()]) if (other.startsWith(taste)) marked.delete(other);
        marked.set(key, times);
        return [taste, times];
      }),
    );
  // looked at, the model's body is brought to what the spoon and the tests show, in a kitchen that knows how far off it usually is
  const shown = { weight: 0, sum: 0 };
  const show = (body: number, model: number | null, sd: number) => {
    if (model === null) return;
    shown.weight += 1 / sd ** 2;
    shown.sum += (body - model) / sd ** 2;
  };
  const learned = (): Correction => {
    const all = shown.weight + 1 / kitchenSd ** 2;
    const left = 1 / kitchenSd ** 2 / all;
    const offset = shown.sum / all;
    return {
      mean: [offset, offset, 0, 0],
      covariance: priorCorrection.covariance.map((one) => one * left),
    };
  };
  let tested = -1;
  let stopped = 0;
  while (run.additions < mostAdditions) {
    const there = really(truth).freshBody ?? 11;
    const model = figuresOf(mixOf(said), { ...conditions, correction: priorCorrection });
    show(wordMiddle[bodyWord(there + eyeSd * z())], model.freshBody, lookSd);
    const tastes: TasteMarks = { salt: verdict('saltG'), sour: verdict('acidG') };
    const timesMarked = again(tastes);
    const asked = () =>
      advise(
        {
          parts: said,
          conditions: { ...conditions, correction: learned() },
          machine: { mostMl: 1500 },
          family: pattern.family,
          ...{ targets, tastes, timesMarked },
          atHand: shelf,
        },
        solver,
      );
    let advice = asked();
    if (advice.measure !== null && tested !== said.length) {
      tested = said.length;
      const test = testShowing(there);
      if (test) {
        show(there + test.sd * z(), model.freshBody, test.sd);
        advice = asked();
      }
    }
    for (const one of advice.suggestions) judge(one, run, pattern, said, tastes);
    const [nothing, more] = advice.suggestions;
    const first = toBeMeasured(advice) && more ? more : nothing;
    if (first?.add.length === 0) {
      stopped += 1;
      // told to stop twice, the bowl is emptied
      if (stopped === 2) break;
      continue;
    }
    // after the first look a cook who sees no risk takes all of it
    const whole = run.additions > 0 && (first?.proposal.sure.overshoot ?? 1) < carefulFrom;
    const next = first ?? advice.rescue;
    const step: Addition[] = (whole ? next?.add : next?.firstStep) ?? [];
    if (step.length === 0) break;
    stopped = 0;
    for (const { ingredient, massG } of step) {
      const part: Part = { ingredient: thing(ingredient), massG, cv: 0.08, place: 'bowl' };
      said.push(part);
      truth.push(measured(part));
    }
    run.additions += 1;
    misses(really(truth)).forEach((miss, i) => {
      if (miss !== 0 && Math.sign(miss) !== (start[i] ?? 0)) run.overshot = true;
    });
  }
  const ended = misses(really(truth));
  run.inside = ended.every((miss) => miss === 0);
  run.insideAsTold = ended.every((miss, i) => Math.abs(miss) <= (told[i] ?? 0));
  return run;
}

/** Whether the first thing said is to measure the body before anything goes in. */
const toBeMeasured = ({ measure, met }: Advice) => measure !== null && !met;

/** Counts what no suggestion may do. */
function judge(
  { add, proposal, gives }: Suggestion,
  run: TastedRun,
  pattern: Pattern,
  said: readonly Part[],
  tastes: TasteMarks,
): void {
  const asked: Partial<Record<Noticed, boolean>> = {
    freshBody: true,
    saltG: tastes.salt === 'short' || tastes.salt === 'over',
    acidG: tastes.sour === 'short' || tastes.sour === 'over',
  };
  const valueOf = (figures: Figures, name: Noticed) =>
    name === 'freshBody' ? (figures.freshBody ?? NaN) : figures.per100g[name];
  for (const name of Object.keys(noticed) as Noticed[]) {
    if (asked[name]) continue;
    const [before, after] = [valueOf(proposal.before, name), valueOf(proposal.after, name)];
    const [least, share] = noticed[name];
    const moved = Math.abs(after - before) > 2 * Math.max(least, share * before);
    if (moved && !gives.some((one) => one.name === name)) run.unsaid += 1;
  }
  const kinds = new Set(said.map(({ ingredient }) => ingredient.id));
  for (const { ingredient, massG } of add) {
    const belongs =
      kinds.has(ingredient) ||
      alwaysAtHand.some((id) => id === ingredient) ||
      pattern.slots.some(({ first }) => first === ingredient);
    if (!belongs || massG < leastMeasuredG) run.implausible += 1;
  }
  if (/puts? it right/.test(proposal.why) && proposal.misses.length > 0) run.falseWords += 1;
}
