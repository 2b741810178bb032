import { bodyNames } from '../mix/bodyMoments';
import {
  type Band,
  isBody,
  missUnit,
  type TargetName,
  targetNames,
  type Targets,
} from '../mix/targets';

/** What can be varied: what liquid, salt and sour are solved for. */
export const variedFigures = [...bodyNames, 'saltG', 'acidG'] as const;

/** A figure that trials vary on purpose, where it would else stay within the dip's target. */
export interface VariedFigure {
  figure: (typeof variedFigures)[number];
  /** Its ends, in its own unit. */
  low: number;
  high: number;
}

/** Body at one moment, salt and sour. */
export const mostVaried = 3;

/** Components and varied figures of a design together, so that there are not too many ways to look at. */
export const mostThings = 6;

/** How near a varied figure comes to what it is set to, as a share of what counts as missing it. */
const nearness = 0.5;

/** A figure at a level, 0–1 between its ends. */
export const figureAt = ({ low, high }: VariedFigure, level: number): number =>
  low + level * (high - low);

/**
 * The targets of a dip with some figures set on purpose: each a narrow band about its level. Where a body is varied, what was wanted of body at
 * other moments stands aside, since it goes along.
 *
 * @param varies figures that are set
 * @param levels of each, 0–1 between its ends
 */
export function targetsAt(
  targets: Targets,
  varies: readonly VariedFigure[],
  levels: readonly number[],
): Targets {
  const bodyVaries = varies.some(({ figure }) => isBody(figure));
  const kept = targetNames.flatMap((name): [TargetName, Band][] => {
    const band = targets[name];
    return band && !(bodyVaries && isBody(name)) ? [[name, band]] : [];
  });
  const set = varies.map((one, i): [TargetName, Band] => {
    const at = figureAt(one, levels[i] ?? 0);
    const by = nearness * missUnit[one.figure];
    return [one.figure, { low: at - by, high: at + by }];
  });
  return Object.fromEntries([...kept, ...set]);
}
