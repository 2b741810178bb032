import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { usualBlending } from '@cobbet/core/mix/blending';
import { bodyState } from '@cobbet/core/mix/bodyModel';
import type { BodyParameters } from '@cobbet/core/mix/parameters';
import { addTo, type BowlSums, emptyBowl, sumsPerGram } from '@cobbet/core/mix/bowlSums';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { readGrams } from '@cobbet/core/amounts/toGrams';

/** A judged range of yield stress for a described mix; no measurement. */
export interface Anchor {
  name: string;
  parts: { ingredient: string; amount: string }[];
  yieldStressPa: [number, number];
  modelBody: number;
  /** What it was judged by. */
  basis?: string;
  method?: { streamed?: number };
}

/** A parameter the fit may move, with its prior, the prior's spread as a ratio, and everywhere it stands. */
export interface Prior {
  name: string;
  prior: number;
  sd: number;
  paths: string[];
}

/** What anchors and priors are drawn in by, so that most anchors end inside their range. */
const weight = 0.8;

type Masses = { ingredient: Ingredient; massG: number }[];
const read = new WeakMap<Anchor, Masses>();

/** An anchor's parts in grams, read once. */
function massesOf(anchor: Anchor): Masses {
  const known = read.get(anchor);
  if (known) return known;
  const masses = anchor.parts.map(({ ingredient: id, amount }) => {
    const ingredient = shippedLarder.get(id);
    const grams = ingredient && readGrams(amount, ingredient, 'us');
    if (!ingredient || !grams?.ok) throw new Error(`${anchor.name}: can't read ${amount} of ${id}`);
    return { ingredient, massG: grams.value.massG };
  });
  read.set(anchor, masses);
  return masses;
}

/** The anchor's mix for a set of parameters. */
export function anchorBowl(anchor: Anchor, parameters: BodyParameters): BowlSums {
  const sums = emptyBowl();
  for (const { ingredient, massG } of massesOf(anchor)) {
    addTo(sums, sumsPerGram(ingredient, parameters), massG);
  }
  return sums;
}

/** ln of an anchor's yield stress in Pa for a set of parameters. */
export function anchorLnTau(anchor: Anchor, parameters: BodyParameters): number {
  const blending = { ...usualBlending, streamed: anchor.method?.streamed === 1 };
  const state = bodyState(anchorBowl(anchor, parameters), blending, parameters);
  if (!state) throw new Error(`${anchor.name} is empty`);
  return state.lnTau;
}

function setPath(parameters: BodyParameters, path: string, value: number): void {
  const steps = path.split('.');
  const last = steps.pop() ?? '';
  let at = parameters as unknown as Record<string, unknown>;
  for (const step of steps) at = at[step] as Record<string, unknown>;
  if (typeof at[last] !== 'number') throw new Error(`there is no parameter ${path}`);
  at[last] = value;
}

function put(parameters: BodyParameters, { paths }: Prior, value: number): void {
  for (const path of paths) setPath(parameters, path, value);
}

/** A parameter's value, the same in all its places. */
export function parameterAt(parameters: BodyParameters, { paths }: Prior): number {
  const [path = ''] = paths;
  return path
    .split('.')
    .reduce<unknown>((at, step) => (at as Record<string, unknown>)[step], parameters) as number;
}

/**
 * Parameters with the fitted ones replaced.
 *
 * @param logRatios ln(value / prior), in the order of the priors
 */
export function withRatios(
  base: BodyParameters,
  priors: readonly Prior[],
  logRatios: readonly number[],
): BodyParameters {
  const parameters = structuredClone(base);
  priors.forEach((prior, i) => put(parameters, prior, prior.prior * Math.exp(logRatios[i] ?? 0)));
  return parameters;
}

/** What the fit squares and sums: misses of the anchors, then moves away from the priors. */
export function residuals(
  anchors: readonly Anchor[],
  priors: readonly Prior[],
  base: BodyParameters,
  logRatios: readonly number[],
): number[] {
  const parameters = withRatios(base, priors, logRatios);
  const misses = anchors.map((anchor) => {
    const [low, high] = anchor.yieldStressPa.map(Math.log) as [number, number];
    const half = (high - low) / 2;
    return (anchorLnTau(anchor, parameters) - (low + high) / 2) / (weight * half);
  });
  return [...misses, ...priors.map(({ sd }, i) => (weight * (logRatios[i] ?? 0)) / sd)];
}

/**
 * Regularised least squares of the body model to its judged anchors, by Levenberg–Marquardt in ln(value / prior).
 *
 * @returns parameters rounded to three decimals, with the sum of squares reached
 */
export function fitBody(
  anchors: readonly Anchor[],
  priors: readonly Prior[],
  base: BodyParameters,
): { parameters: BodyParameters; sumOfSquares: number } {
  const count = anchors.length + priors.length;
  const index = Array.from({ length: count }, (_, i) => i);
  const { parameterValues } = levenbergMarquardt(
    { x: index, y: index.map(() => 0) },
    (logRatios) => {
      const all = residuals(anchors, priors, base, logRatios);
      return (i) => all[i] ?? 0;
    },
    {
      initialValues: priors.map(() => 0),
      gradientDifference: 1e-6,
      centralDifference: true,
      damping: 0.01,
      maxIterations: 200,
      errorTolerance: 1e-12,
    },
  );
  const fitted = withRatios(base, priors, parameterValues);
  for (const prior of priors) {
    put(fitted, prior, Number(parameterAt(fitted, prior).toFixed(3)));
  }
  const sumOfSquares = residuals(anchors, priors, base, parameterValues).reduce(
    (sum, one) => sum + one * one,
    0,
  );
  return { parameters: fitted, sumOfSquares };
}
