import { coordinatesOf, type MixturePoint } from '@cobbet/core/design/mixturePoint';
import { figureAt, type VariedFigure } from '@cobbet/core/design/variedFigure';
import { targetWords } from '@cobbet/core/mix/targets';

/** What is varied, called in a plan's name. */
export const figureName = ({ figure }: Pick<VariedFigure, 'figure'>): string =>
  targetWords[figure].name.split(',')[0] ?? '';

/** A figure at a level, in kitchen words: salt 1.10. */
const levelText = (varied: VariedFigure, level: number): string =>
  `${figureName(varied)} ${figureAt(varied, level).toFixed(targetWords[varied.figure].decimals)}`;

/** A mixture exactly as it is, to tell it from another. */
export const pointKey = (point: MixturePoint): string => coordinatesOf(point).join();

/** A mixture in words, and where what is varied beside it is set. */
export function pointText(
  { shares, levels = [] }: MixturePoint,
  names: readonly string[],
  varies: readonly VariedFigure[] = [],
): string {
  return [
    ...shares.map((one, i) => `${names[i] ?? ''} ${(100 * one).toFixed(0)} %`),
    ...varies.map((one, i) => levelText(one, levels[i] ?? 0)),
  ].join(', ');
}
