import { type HeldName, heldNames, justNoticeable } from '../advise/justNoticeable';
import type { Conditions } from '../mix/conditions';
import type { Mix } from '../mix/mix';
import { massOf } from '../mix/mix';
import { sumIndex } from '../mix/bowlSums';
import { type Figures, targetFigure } from '../mix/figures';
import { targetValue } from '../mix/targets';

/** What a swap keeps of a dip, body first: what advice holds, savouriness, and how much it makes. */
export const keptNames = [...heldNames, 'savoury', 'massG'] as const;
export type KeptName = (typeof keptNames)[number];

/** What a change that is just noticed counts for when substitutes are ranked, and while their amount is solved (J). */
export const keptWeight: Readonly<Record<KeptName, number>> = {
  freshBody: 1,
  chilledBody: 1,
  saltG: 1,
  acidG: 1,
  garlicG: 0.8,
  fatG: 0.5,
  sugarsG: 0.6,
  heat: 0.8,
  bitter: 0.6,
  savoury: 0.5,
  massG: 1,
};

/** The same for what is held nowhere else: savouriness, and how much it makes (J). */
const alsoNoticeable = {
  savoury: { least: 0.15, share: 0.15 },
  massG: { least: 5, share: 0.05 },
} as const;

/** The least change of a kept figure that is noticed where it stands. */
export function noticedChange(name: KeptName, value: number): number {
  const { least, share } =
    name === 'savoury' || name === 'massG'
      ? alsoNoticeable[name]
      : justNoticeable[name satisfies HeldName];
  return Math.max(least, share * value);
}

/** A kept figure of a mix, bodies without limits, so that a solver sees a slope everywhere; NaN for body of an empty bowl. */
export function keptValue(name: KeptName, mix: Mix, conditions: Conditions): number {
  if (name !== 'savoury') return targetValue(name, mix, conditions);
  const mass = massOf(mix);
  return mass > 0 ? mix.all[sumIndex.umamiUnits] / mass : 0;
}

/** A kept figure as it is shown; null where there is none. */
export function keptFigure(name: KeptName, figures: Figures): number | null {
  return name === 'savoury' ? figures.per100g.savoury : targetFigure(name, figures);
}
