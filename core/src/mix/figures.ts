import { modelBody, shownBody } from './bodyAt';
import { type BodyName, bodyNames, momentOfBody } from './bodyMoments';
import { type BodyState, bodyState } from './bodyModel';
import type { BowlSums } from './bowlSums';
import { bodyWord, type BodyWord } from './bodyWords';
import type { BodyConditions, Conditions } from './conditions';
import { spreadLeft } from './correction';
import { measuringSd } from './measuringSd';
import { type Mix, massOf, mixVolumeMl } from './mix';
import type { Part } from './part';
import { priorSd } from './priorSd';
import { type Per100g, per100g } from './per100g';
import {
  isBody,
  isRelative,
  missOf,
  missUnits,
  type TargetName,
  targetNames,
  type Targets,
} from './targets';

export type MixState = 'pours' | 'paste' | 'crumbs';

/** Where a dip stands at its end. Bodies are null for crumbs and an empty bowl; all are model estimates. */
export interface Figures {
  /** At the machine's temperature, before any rest. */
  warmBody: number | null;
  /** Just blended, at 25 °C. */
  freshBody: number | null;
  /** Hot on pasta, at once. */
  pastaBody: number | null;
  /** At the table: as warm as it is served, and as long after the machine. */
  servedBody: number | null;
  /** Rested, at 5 °C. */
  chilledBody: number | null;
  /** Of the fresh mix. */
  state: MixState;
  /** Share of the water-continuous regime, 0–1; 1 for an empty bowl. */
  waterOutside: number;
  per100g: Per100g;
  /** In the bowl and folded in, g. */
  massG: number;
  /** With air, ml. */
  volumeMl: number;
  topG: number;
}

/** Below this body a mix pours. */
const poursBelow = 3;

/** Crumbs are what has no body though the bowl is not empty. */
export function mixState(state: BodyState | null, body: number | null): MixState {
  if (state?.crumbs) return 'crumbs';
  return (body ?? 0) < poursBelow ? 'pours' : 'paste';
}

/** The figures of a mix: one evaluation of the model, a few microseconds. */
export function figuresOf(mix: Mix, conditions: Conditions): Figures {
  const { method } = conditions;
  const { blended } = mix;
  const state = bodyState(blended, conditions.blending);
  const bodies = Object.fromEntries(
    bodyNames.map((name) => [
      name,
      shownBody(blended, state, conditions, momentOfBody(name, conditions)),
    ]),
  ) as Record<BodyName, number | null>;
  return {
    ...bodies,
    state: mixState(state, bodies.freshBody),
    waterOutside: state?.waterOutside ?? 1,
    per100g: per100g(mix.all),
    massG: massOf(mix),
    volumeMl: mixVolumeMl(mix, method),
    topG: mix.topG,
  };
}

/**
 * Spread of a body from the model alone, as far as readings have narrowed it at this mix.
 *
 * @param blended what is in the bowl
 * @param belonging how far the mix is the formula that was read, 0–1
 * @returns one standard deviation, body
 */
export function modelSd(
  blended: BowlSums,
  state: BodyState | null,
  { method, correction }: BodyConditions,
  belonging = 1,
): number {
  const prior = priorSd(blended);
  if (!state) return prior;
  return prior * spreadLeft(correction, modelBody(state, method), state.waterOutside, belonging);
}

/**
 * Spread of the dip's body, from the model and from how its parts were measured together.
 *
 * @param mix of these parts
 * @returns one standard deviation, body
 */
export function bodySd(parts: readonly Part[], mix: Mix, conditions: BodyConditions): number {
  const state = bodyState(mix.blended, conditions.blending);
  const paste = state && !state.crumbs;
  const measuring = paste ? measuringSd(parts, parts.length, mix.blended, conditions.blending) : 0;
  return Math.hypot(modelSd(mix.blended, state, conditions), measuring);
}

/** What a body is called; null where there is none. */
export function wordFor(body: number | null): BodyWord | null {
  return body === null ? null : bodyWord(body);
}

/** A target's figure; null where there is none. */
export function targetFigure(name: TargetName, figures: Figures): number | null {
  if (isBody(name) || isRelative(name)) return figures[name];
  return figures.per100g[name];
}

/** A target that is missed, and by how much: positive is too little. */
export interface Miss {
  name: TargetName;
  miss: number;
}

/** Targets that figures don't meet; a figure there is none of is no miss. */
export function missed(figures: Figures, targets: Targets): Miss[] {
  return targetNames.flatMap((name) => {
    const band = targets[name];
    const value = targetFigure(name, figures);
    if (!band || value === null) return [];
    const miss = missOf(value, band);
    return Math.abs(miss) > 1e-9 ? [{ name, miss }] : [];
  });
}

/** All that figures miss of targets together, in units that compare; a figure there is none of is no miss. */
export function missSum(figures: Figures, targets: Targets): number {
  return missed(figures, targets).reduce((sum, { name }) => {
    const [band, value] = [targets[name], targetFigure(name, figures)];
    return band && value !== null ? sum + missUnits(name, value, band) : sum;
  }, 0);
}
