import { type BowlSums, volumeMl } from '../mix/bowlSums';
import { heldAirPct } from '../mix/method';
import { addToMix, copyOfMix, massOf, type Mix } from '../mix/mix';
import { type Landing, massesOf, mixOfValues, type NamedBand } from './landing';
import type { Constraint, Terms } from './linearProgram';
import { type LinearRule, ruleMissUnit, ruleSides } from '../mix/rule';
import {
  type Band,
  isBody,
  isRelative,
  missUnit,
  shareOf,
  type ShareName,
  type TargetName,
  targetValue,
} from '../mix/targets';

/** One side of a band as a row over the free amounts: Σ terms ≥ least (or ≤), missed by `perMiss` for each unit. */
export interface BandRow {
  terms: Terms;
  low: number;
  high: number;
  /** How much one comparable unit of missing is worth in this row's own scale. */
  perMiss: number;
}

/** ∂value/∂mass of each free row, by central differences. */
function gradient(name: TargetName, landing: Landing, mix: Mix): number[] {
  const step = Math.max(1, massOf(mix)) * 1e-5;
  const moved = copyOfMix(mix);
  return landing.free.map(({ index }) => {
    const per = landing.perGram[index];
    const row = landing.rows[index];
    if (!per || !row) return 0;
    const after = (byG: number) => {
      addToMix(moved, per, row.place, byG);
      return targetValue(name, moved, landing.conditions);
    };
    const slope = (after(step) - after(-2 * step)) / (2 * step);
    addToMix(moved, per, row.place, step);
    return Number.isFinite(slope) ? slope : 0;
  });
}

/** A linear function of the masses, exact: coefficient of each row by its vector. */
function exactRow(
  landing: Landing,
  coefficient: (per: BowlSums, index: number) => number,
): { terms: Terms; fixed: number } {
  const freeAt = new Map(landing.free.map((row, i) => [row.index, i]));
  const terms: Terms = [];
  let fixed = 0;
  landing.rows.forEach((row, index) => {
    const per = landing.perGram[index];
    if (!per || row.place === 'top') return;
    const c = coefficient(per, index);
    const variable = freeAt.get(index);
    if (variable === undefined) fixed += c * row.massG;
    else terms.push([variable, c]);
  });
  return { terms, fixed };
}

function bandRows(
  name: TargetName,
  band: Band,
  landing: Landing,
  values: readonly number[],
  mix: Mix,
): BandRow[] {
  const low = band.low ?? -Infinity;
  const high = band.high ?? Infinity;
  if (isBody(name)) {
    const slopes = gradient(name, landing, mix);
    const now = targetValue(name, mix, landing.conditions);
    const offset = now - slopes.reduce((sum, slope, i) => sum + slope * (values[i] ?? 0), 0);
    const terms: Terms = slopes.map((slope, i) => [i, slope]);
    return [{ terms, low: low - offset, high: high - offset, perMiss: missUnit[name] }];
  }
  if (name === 'massG' || name === 'volumeMl') {
    const air = 1 + heldAirPct(landing.conditions.method) / 100;
    const { terms, fixed } = exactRow(landing, (per, index) =>
      name === 'massG' ? 1 : volumeMl(per) * (landing.rows[index]?.place === 'bowl' ? air : 1),
    );
    const scale = isRelative(name) ? Math.max(1e-9, band.low ?? band.high ?? 1) : 1;
    return [{ terms, low: low - fixed, high: high - fixed, perMiss: missUnit[name] * scale }];
  }
  // a share is linear once multiplied out: Σ (100 salt − limit) mass ≥ or ≤ 0
  const mass = Math.max(1, massOf(mix));
  const { sum, times } = shareOf(name as ShareName);
  const side = (limit: number) => exactRow(landing, (per) => times * per[sum] - limit);
  const rows: BandRow[] = [];
  if (band.low !== null) {
    const { terms, fixed } = side(band.low);
    rows.push({ terms, low: -fixed, high: Infinity, perMiss: missUnit[name] * mass });
  }
  if (band.high !== null) {
    const { terms, fixed } = side(band.high);
    rows.push({ terms, low: -Infinity, high: -fixed, perMiss: missUnit[name] * mass });
  }
  return rows;
}

/** A rule as rows over the free amounts, exact: left against right, so much of its slack allowed. */
function ruleRows(
  rule: LinearRule,
  landing: Landing,
  values: readonly number[],
  slackShare: number,
): BandRow[] {
  const { left, right } = ruleSides(rule, massesOf(landing, values));
  const perMiss = ruleMissUnit * Math.max(left, right, 1e-3);
  const slack = rule.slack * slackShare;
  const least = exactRow(
    landing,
    (_, i) => (rule.left[i] ?? 0) - (1 - slack) * (rule.right[i] ?? 0),
  );
  const most = exactRow(
    landing,
    (_, i) => (1 - slack) * (rule.left[i] ?? 0) - (rule.right[i] ?? 0),
  );
  const rows: BandRow[] = [];
  if (rule.sense !== 'atMost') {
    rows.push({ terms: least.terms, low: -least.fixed, high: Infinity, perMiss });
  }
  if (rule.sense !== 'atLeast') {
    rows.push({ terms: most.terms, low: -Infinity, high: -most.fixed, perMiss });
  }
  return rows;
}

/**
 * The bands and rules of a landing as linear rows over the free amounts: body linearised in ln τ at the given values, salt,
 * sour, garlic, mass, volume and rules exact.
 *
 * @param values of the free rows, g
 * @param slackShare how much of what a spoon can't tell rules may be off, 0–1
 */
export function linearBands(
  landing: Landing,
  bands: readonly NamedBand[],
  values: readonly number[],
  slackShare = 0,
): BandRow[] {
  const mix = mixOfValues(landing, values);
  const rules = landing.rules ?? [];
  return [
    ...bands.flatMap(({ name, band }) => {
      const weight = landing.weights?.[name] ?? 1;
      return bandRows(name, band, landing, values, mix).map((row) => ({
        ...row,
        perMiss: row.perMiss / weight,
      }));
    }),
    ...rules.flatMap((rule) => ruleRows(rule, landing, values, slackShare)),
  ];
}

/** A band row as constraints with its own slack variable, which the objective pays for. */
export function elasticConstraints(row: BandRow, slack: number): Constraint[] {
  const found: Constraint[] = [];
  if (Number.isFinite(row.low)) {
    found.push({ terms: [...row.terms, [slack, row.perMiss]], low: row.low, high: Infinity });
  }
  if (Number.isFinite(row.high)) {
    found.push({ terms: [...row.terms, [slack, -row.perMiss]], low: -Infinity, high: row.high });
  }
  return found;
}
