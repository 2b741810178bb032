import { type Figures, targetFigure } from '../mix/figures';
import { bodyNames } from '../mix/bodyMoments';
import { isBody, type TargetName, type Targets } from '../mix/targets';

/** What is held while something else is mended. */
export const heldNames = [
  'freshBody',
  'chilledBody',
  'saltG',
  'acidG',
  'garlicG',
  'fatG',
  'sugarsG',
  'heat',
  'bitter',
] as const satisfies readonly TargetName[];
export type HeldName = (typeof heldNames)[number];

/** The least change that is noticed, in the figure's own unit, or as a share of what is there where that is more (J). */
export const justNoticeable: Readonly<Record<HeldName, { least: number; share: number }>> = {
  freshBody: { least: 0.3, share: 0 },
  chilledBody: { least: 0.3, share: 0 },
  saltG: { least: 0.08, share: 0 },
  acidG: { least: 0.05, share: 0 },
  garlicG: { least: 0.15, share: 0 },
  fatG: { least: 2, share: 0 },
  sugarsG: { least: 0.5, share: 0 },
  heat: { least: 0.02, share: 0.15 },
  bitter: { least: 0.1, share: 0.15 },
};

/** The share of the lead flavour that may be lost before it is noticed (J). */
export const leadNoticed = 0.15;

/** The least change of a figure that is noticed where it stands. */
export function noticed(name: HeldName, value: number): number {
  const { least, share } = justNoticeable[name];
  return Math.max(least, share * value);
}

/**
 * What nobody complained about, held to what is not noticed: a band around every figure as it is now that is not asked for itself.
 * Of the bodies the one just blended, unless one is asked for at some moment of use. The bowl may grow by as much as the lead flavour can be thinned.
 *
 * @param asked what is wanted of the bowl
 */
export function heldTargets(now: Figures, asked: Targets): Targets {
  const held: Targets = {};
  const bodyAsked = bodyNames.some((name) => asked[name]);
  for (const name of heldNames) {
    if (asked[name] || (isBody(name) && (bodyAsked || name === 'chilledBody'))) continue;
    const value = targetFigure(name, now);
    if (value === null) continue;
    const by = noticed(name, value);
    held[name] = { low: isBody(name) ? value - by : Math.max(0, value - by), high: value + by };
  }
  if (!asked.massG && !asked.volumeMl) {
    held.massG = { low: null, high: now.massG / (1 - leadNoticed) };
  }
  return held;
}

/** From so many times what is noticed it is said before anything else (J). */
export const saidFrom = 1.3;

/** A figure that is given up: it moves by more than is noticed, though nobody complained about it. */
export interface GivenUp {
  name: HeldName | 'lead';
  before: number;
  after: number;
  /** By how many times what is noticed. */
  times: number;
}

/** What of the held figures a step moves noticeably, the most first. */
export function givenUp(now: Figures, then: Figures, held: Targets): GivenUp[] {
  return heldNames
    .flatMap((name): GivenUp[] => {
      if (!held[name]) return [];
      const [before, after] = [targetFigure(name, now), targetFigure(name, then)];
      if (before === null || after === null) return [];
      const times = Math.abs(after - before) / noticed(name, before);
      return times > 1 + 1e-6 ? [{ name, before, after, times }] : [];
    })
    .sort((a, b) => b.times - a.times);
}
