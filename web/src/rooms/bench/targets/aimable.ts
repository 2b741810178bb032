import type { Figures } from '@cobbet/core/mix/figures';
import { targetFigure } from '@cobbet/core/mix/figures';
import {
  type Band,
  isBody,
  isRelative,
  missUnit,
  type TargetName,
  targetNames,
  targetWords,
} from '@cobbet/core/mix/targets';

/** What can be aimed at and is not. */
export const notAimedAt = (targets: Partial<Record<TargetName, Band>>): TargetName[] =>
  targetNames.filter((name) => !targets[name]);

/** How far about a figure a new target reaches, as a share of it. */
const about = 0.1;

/** A target around a figure as it is: never narrower than what can be told apart. */
export function bandAround(name: TargetName, value: number | null): Band {
  const at = value ?? 7;
  const by = isBody(name) ? 0.4 : Math.max(about * at, missUnit[name] / 2);
  const round = (x: number) => Number(x.toFixed(targetWords[name].decimals));
  return { low: Math.max(0, round(at - by)), high: round(at + by) };
}

/** A figure as it is now with its unit; null where there is none. */
export function figureNow(name: TargetName, figures: Figures): string | null {
  const value = targetFigure(name, figures);
  const { decimals, unit } = targetWords[name];
  return value === null ? null : `${value.toFixed(decimals)}${unit}`;
}

/** Highest figure that may be typed as an end of a target. */
export const mostOf = (name: TargetName): number =>
  isBody(name) ? 14 : isRelative(name) ? 1_000_000 : 100;
