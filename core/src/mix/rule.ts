import type { Role } from '../larder/ingredient';
import type { Part } from './part';

/** As much, at least or at most as much. */
export const ruleSenses = ['equal', 'atLeast', 'atMost'] as const;
export type RuleSense = (typeof ruleSenses)[number];

/** What a rule counts on one side: rows by id, all of some roles, or the whole dip without what goes on top. */
export type RuleSide = { rows: readonly string[] } | { roles: readonly Role[] } | { whole: true };

/** What both sides of a rule are counted in: g, or ml as they are measured in a cup. */
export const ruleMeasures = ['weight', 'measure'] as const;

/** A rule that holds between rows of a dip: `of` is so many `times` `to`. */
export interface Rule {
  id: string;
  /** In the cook's words. */
  said: string;
  of: RuleSide;
  sense: RuleSense;
  /** > 0 */
  times: number;
  to: RuleSide;
  by: (typeof ruleMeasures)[number];
}

/** A part that rules are about. */
export interface RuledPart extends Pick<Part, 'ingredient' | 'place'> {
  /** Of its row in the dip; null where it has none. */
  rowId: string | null;
}

/**
 * A rule over the masses of parts by place: Σ left · mass against Σ right · mass, the times counted in. Both sides are linear and
 * without a constant, so a rule holds at any size.
 */
export interface LinearRule {
  id: string;
  said: string;
  sense: RuleSense;
  left: readonly number[];
  right: readonly number[];
  /** How far the sides may be apart and still count as kept, as a share of the larger. */
  slack: number;
}

/** Two spoons of the same size, leveled by hand, are not nearer to each other than this (J). */
export const ruleSlack = 0.05;

function coefficients(side: RuleSide, by: Rule['by'], parts: readonly RuledPart[]): number[] {
  return parts.map(({ rowId, ingredient, place }) => {
    if (place === 'top') return 0;
    const counts =
      'whole' in side ||
      ('rows' in side
        ? rowId !== null && side.rows.includes(rowId)
        : side.roles.includes(ingredient.role));
    if (!counts) return 0;
    return by === 'measure' ? 1 / ingredient.densityGPerMl : 1;
  });
}

/**
 * A rule over the parts of a dip.
 *
 * @returns null where nothing of one side is in it: the rule rests
 */
export function linearRule(rule: Rule, parts: readonly RuledPart[]): LinearRule | null {
  const { id, said, sense, times, by } = rule;
  const left = coefficients(rule.of, by, parts);
  const right = coefficients(rule.to, by, parts).map((one) => one * times);
  const nothing = (side: readonly number[]) => side.every((one) => one === 0);
  if (nothing(left) || nothing(right)) return null;
  return { id, said, sense, left, right, slack: ruleSlack };
}

/** Whether a rule ties a part to others; what only counts in the whole is free. */
export function tiesPart({ left, right }: LinearRule, index: number): boolean {
  const ofWhole = right.every((one) => one !== 0);
  return (left[index] ?? 0) !== 0 || (!ofWhole && (right[index] ?? 0) !== 0);
}

const sumOf = (side: readonly number[], masses: readonly number[]) =>
  side.reduce((sum, one, i) => sum + one * (masses[i] ?? 0), 0);

/** What both sides of a rule come to, the times counted in: g or ml. */
export const ruleSides = ({ left, right }: LinearRule, masses: readonly number[]) => ({
  left: sumOf(left, masses),
  right: sumOf(right, masses),
});

/**
 * How far a rule is from holding, as a share of the larger side: positive where there is too much on the left, negative where too
 * little, 0 where it holds exactly or more than holds.
 *
 * @param masses of all parts, g
 */
export function ruleOff(rule: LinearRule, masses: readonly number[]): number {
  const { left, right } = ruleSides(rule, masses);
  const most = Math.max(left, right);
  if (!(most > 0)) return 0;
  const off = (left - right) / most;
  if (rule.sense === 'atLeast') return Math.min(0, off);
  return rule.sense === 'atMost' ? Math.max(0, off) : off;
}

/** Whether a rule holds, to what a spoon can measure. */
export const isKept = (rule: LinearRule, masses: readonly number[]): boolean =>
  Math.abs(ruleOff(rule, masses)) <= rule.slack + 1e-9;

/** So far off counts as one comparable unit of missing a target (J). */
export const ruleMissUnit = 0.1;

/** How far rules are from holding, summed, in units that compare with those of targets; 0 where all hold. */
export function rulesMiss(rules: readonly LinearRule[], masses: readonly number[]): number {
  return rules.reduce(
    (sum, rule) => sum + Math.max(0, Math.abs(ruleOff(rule, masses)) - rule.slack) / ruleMissUnit,
    0,
  );
}

/**
 * Rules that ask of parts only what they do already: one that is broken may not be broken further, since what the hand has done
 * stands.
 */
export function noFurtherOff(
  rules: readonly LinearRule[],
  masses: readonly number[],
): LinearRule[] {
  return rules.map((rule) => ({
    ...rule,
    slack: Math.max(rule.slack, Math.abs(ruleOff(rule, masses))),
  }));
}
