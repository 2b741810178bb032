import type { Conditions } from '../mix/conditions';
import { figuresOf, modelSd, targetFigure } from '../mix/figures';
import { bodyState } from '../mix/bodyModel';
import { volumeMl } from '../mix/bowlSums';
import { measuringSd } from '../mix/measuringSd';
import { heldAirPct } from '../mix/method';
import { mixOf } from '../mix/mix';
import { type Part, partSumsPerGram } from '../mix/part';
import { seasoningSd } from '../mix/seasoningSd';
import { isBody, shareOf, type TargetName } from '../mix/targets';

/** What one row has to do with a figure. */
export interface RowShare {
  /** Place among the parts. */
  index: number;
  /** In the figure's own unit. */
  value: number;
}

/** What a figure is made up of, and what it is unsure by. */
export interface Explained {
  name: TargetName;
  /** null for crumbs and an empty bowl. */
  value: number | null;
  /**
   * What each row brings, the most first: of a sum its exact share, which together are the figure; of a body what it would be less by
   * without the row, which are no sum. Rows on top bring nothing.
   */
  shares: RowShare[];
  /** Whether the shares add up to the figure. */
  exact: boolean;
  /** One standard deviation from the model itself; null where the figure is a plain sum. */
  modelSd: number | null;
  /** One standard deviation from how the rows are measured, all together; null where none is told. */
  measuringSd: number | null;
  /** The part of that which each row brings by itself, the most first. */
  measuring: RowShare[];
}

const mostFirst = (shares: RowShare[]) =>
  shares
    .filter(({ value }) => Number.isFinite(value) && Math.abs(value) > 1e-9)
    .sort((a, b) => Math.abs(b.value) - Math.abs(a.value));

/** Exact share of a row in a sum, in the figure's unit. */
function exactShare(name: TargetName, part: Part, massG: number, conditions: Conditions): number {
  if (part.place === 'top') return 0;
  if (name === 'massG') return part.massG;
  const per = partSumsPerGram(part);
  if (name === 'volumeMl') {
    const air = part.place === 'bowl' ? 1 + heldAirPct(conditions.method) / 100 : 1;
    return volumeMl(per) * part.massG * air;
  }
  if (isBody(name) || massG <= 0) return 0;
  const { sum, times } = shareOf(name);
  return (times * per[sum] * part.massG) / massG;
}

/** One standard deviation that the measuring of a bowl leaves a figure; null for one it is not told of. */
function spreadOf(name: TargetName, parts: readonly Part[], conditions: Conditions): number | null {
  const mix = mixOf(parts);
  if (isBody(name)) return measuringSd(parts, parts.length, mix.blended, conditions.blending);
  if (name === 'saltG' || name === 'acidG' || name === 'garlicG') {
    return seasoningSd(parts, parts.length, mix.all)[name];
  }
  return null;
}

/**
 * What makes up a figure of a dip, row by row, and what its spread is made of: exact for sums, leave one out for bodies.
 *
 * @param parts in the order they go in
 */
export function explainFigure(
  name: TargetName,
  parts: readonly Part[],
  conditions: Conditions,
): Explained {
  const mix = mixOf(parts);
  const figures = figuresOf(mix, conditions);
  const value = targetFigure(name, figures);
  const without = (index: number) =>
    targetFigure(name, figuresOf(mixOf(parts.filter((_, i) => i !== index)), conditions));
  const shares = parts.map((part, index): RowShare => {
    if (!isBody(name)) {
      return { index, value: exactShare(name, part, figures.massG, conditions) };
    }
    const rest = part.place === 'bowl' && part.massG > 0 ? without(index) : null;
    return { index, value: value === null || rest === null ? NaN : value - rest };
  });
  const measured = spreadOf(name, parts, conditions);
  const measuring = parts.map((_, index): RowShare => {
    const alone = parts.map((part, i) => (i === index ? part : { ...part, cv: 0 }));
    return { index, value: measured === null ? 0 : (spreadOf(name, alone, conditions) ?? 0) };
  });
  return {
    ...{ name, value, exact: !isBody(name), measuringSd: measured },
    shares: mostFirst(shares),
    modelSd: isBody(name)
      ? modelSd(mix.blended, bodyState(mix.blended, conditions.blending), conditions)
      : null,
    measuring: mostFirst(measuring),
  };
}
