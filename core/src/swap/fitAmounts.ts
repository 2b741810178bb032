import type { BowlSums } from '../mix/bowlSums';
import type { Conditions } from '../mix/conditions';
import { addToMix, copyOfMix, type Mix } from '../mix/mix';
import type { Place } from '../mix/part';
import { targetValue } from '../mix/targets';
import { type KeptName, keptWeight } from './keptFigures';

/** Something whose amount may be another. */
export interface Movable {
  perGram: BowlSums;
  place: Place;
  /** Where it starts, g. */
  startG: number;
  leastG: number;
  mostG: number;
  /** g that count as one whole change. */
  scaleG: number;
  /** What a whole change costs, in noticed changes; 0 for what may be anything. */
  pull: number;
}

/** A figure that is to stay where it is: its value, and the change of it that is just noticed. */
export interface Kept {
  name: KeptName;
  value: number;
  noticed: number;
}

/** What amounts are fitted to. */
export interface FitQuestion {
  /** Everything that does not move. */
  fixed: Mix;
  movable: readonly Movable[];
  keep: readonly Kept[];
  conditions: Conditions;
}

/** From so many noticed changes on a figure counts in proportion and not by its square: what can't be kept must not rule. */
const proportionalFrom = 2;
const mostSteps = 12;
const leastGain = 1e-4;

/** A deviation as its square is minimised: itself while small, its root beyond (pseudo-Huber, Charbonnier et al. 1997). */
function blunted(deviation: number): number {
  const share = deviation / proportionalFrom;
  const root = proportionalFrom * Math.sqrt(2 * (Math.sqrt(1 + share * share) - 1));
  return deviation < 0 ? -root : root;
}

function mixWithAmounts({ fixed, movable }: FitQuestion, amounts: readonly number[]): Mix {
  const mix = copyOfMix(fixed);
  movable.forEach(({ perGram, place }, j) => addToMix(mix, perGram, place, amounts[j] ?? 0));
  return mix;
}

/** What is off with these amounts: kept figures in noticed changes, then what moving costs. */
function residuals(question: FitQuestion, amounts: readonly number[]): number[] {
  const { keep, conditions, movable } = question;
  const mix = mixWithAmounts(question, amounts);
  const off = keep.map(({ name, value, noticed }) => {
    const there = targetValue(name, mix, conditions);
    const deviation = Number.isFinite(there) ? (there - value) / noticed : 100;
    return Math.sqrt(keptWeight[name]) * blunted(deviation);
  });
  const moved = movable.map(
    ({ startG, scaleG, pull }, j) => (pull * ((amounts[j] ?? 0) - startG)) / scaleG,
  );
  return [...off, ...moved];
}

const squared = (values: readonly number[]) => values.reduce((sum, one) => sum + one * one, 0);

/** How far amounts are from keeping what is kept; less is better. */
export const misfit = (question: FitQuestion, amounts: readonly number[]): number =>
  squared(residuals(question, amounts));

/** Solves a small symmetric system by Gaussian elimination; null where it has no single answer. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const n = right.length;
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  for (let column = 0; column < n; column += 1) {
    let pivot = column;
    for (let i = column + 1; i < n; i += 1) {
      if (Math.abs(rows[i]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = i;
    }
    const top = rows[pivot];
    const here = rows[column];
    if (!top || !here || Math.abs(top[column] ?? 0) < 1e-12) return null;
    [rows[column], rows[pivot]] = [top, here];
    for (let i = 0; i < n; i += 1) {
      const row = rows[i];
      if (i === column || !row) continue;
      const times = (row[column] ?? 0) / (top[column] ?? 1);
      for (let j = column; j <= n; j += 1) row[j] = (row[j] ?? 0) - times * (top[j] ?? 0);
    }
  }
  return rows.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
}

/** One damped Gauss–Newton step from amounts, kept within limits; null where it leads nowhere. */
function step(
  question: FitQuestion,
  amounts: readonly number[],
  now: readonly number[],
  damping: number,
): number[] | null {
  const { movable } = question;
  const slopes = movable.map(({ scaleG, mostG }, j) => {
    const at = amounts[j] ?? 0;
    const small = 0.02 * scaleG * (at + 0.02 * scaleG > mostG ? -1 : 1);
    const there = residuals(
      question,
      amounts.map((one, k) => (k === j ? at + small : one)),
    );
    return there.map((value, i) => ((value - (now[i] ?? 0)) * scaleG) / small);
  });
  const product = (one: readonly number[], other: readonly number[]) =>
    one.reduce((sum, value, i) => sum + value * (other[i] ?? 0), 0);
  const matrix = slopes.map((own, j) =>
    slopes.map(
      (other, k) => product(own, other) * (j === k ? 1 + damping : 1) + (j === k ? 1e-9 : 0),
    ),
  );
  const change = solved(
    matrix,
    slopes.map((own) => -product(own, now)),
  );
  return (
    change &&
    movable.map(({ leastG, mostG, scaleG }, j) =>
      Math.min(mostG, Math.max(leastG, (amounts[j] ?? 0) + (change[j] ?? 0) * scaleG)),
    )
  );
}

/**
 * Amounts that keep what is kept as well as can be, moving the rest as little as helps: a small least-squares problem
 * (Levenberg–Marquardt with numeric slopes), deviations in just-noticeable changes.
 *
 * @param start g of each movable to start from
 * @returns g of each, within its limits, and the misfit that is left
 */
export function fitAmounts(
  question: FitQuestion,
  start: readonly number[],
): { amounts: number[]; off: number } {
  let amounts = question.movable.map(({ leastG, mostG }, j) =>
    Math.min(mostG, Math.max(leastG, start[j] ?? 0)),
  );
  let now = residuals(question, amounts);
  let off = squared(now);
  let damping = 0.01;
  for (let i = 0; i < mostSteps && off > leastGain; i += 1) {
    const next = step(question, amounts, now, damping);
    if (!next) break;
    const there = residuals(question, next);
    const offThere = squared(there);
    if (offThere < off) {
      const gain = off - offThere;
      [amounts, now, off, damping] = [next, there, offThere, damping / 4];
      if (gain < leastGain * (1 + off)) break;
    } else {
      damping *= 8;
      if (damping > 1e6) break;
    }
  }
  return { amounts, off };
}
