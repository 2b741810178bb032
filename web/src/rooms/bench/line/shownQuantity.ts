import type { Analysis } from '@cobbet/core/dip/analyse';
import type { PathStep } from '@cobbet/core/dip/path';
import type { DrawnBand } from '@cobbet/core/dip/drawnPath';
import { bodyWords, wordRange } from '@cobbet/core/mix/bodyWords';
import type { Band } from '@cobbet/core/mix/targets';
import { straightScale } from '@/components/scale';

/** What the line can show. */
export const shownQuantities = ['body', 'salt', 'sour', 'garlic'] as const;
export type ShownQuantity = (typeof shownQuantities)[number];

/** Ends of the body axis. */
export const bodyAxis = { low: 1.5, high: 12 } as const;
/** Room right of the axis for what is still in crumbs, px. */
const crumbsRoom = 44;
const axisPad = 10;
/** An axis narrower than this has no room to spare for crumbs, px. */
const tightAxis = 240;

type SeasoningName = 'saltG' | 'acidG' | 'garlicG';
const seasoningOf: Record<Exclude<ShownQuantity, 'body'>, SeasoningName> = {
  salt: 'saltG',
  sour: 'acidG',
  garlic: 'garlicG',
};

/** One bead: its value (null in crumbs), the ends of its spread, and what a spoon more would do where that is much. */
export interface Bead {
  value: number | null;
  low: number;
  high: number;
  crumbs: boolean;
  /** Body that one spoon more moves it, where the step is fragile; null elsewhere. */
  fragile: number | null;
}

/**
 * Beads of a path for what is shown.
 *
 * @param drawn the drawn band of body after each step; slopes stand in where there is none
 */
export function beadsOf(
  path: readonly PathStep[],
  shown: ShownQuantity,
  drawn: readonly (DrawnBand | null)[] = [],
): Bead[] {
  return path.map((step, i) => {
    if (shown === 'body') {
      const crumbs = step.state === 'crumbs';
      const value = step.body;
      const sd = Math.hypot(step.modelSd, step.measuringSd);
      const band = drawn[i] ?? { low: (value ?? 0) - sd, high: (value ?? 0) + sd };
      return { value, ...band, crumbs, fragile: step.fragile ? step.spoonBody : null };
    }
    const name = seasoningOf[shown];
    const value = step[name];
    const sd = step.seasoningSd[name];
    return { value, low: value - sd, high: value + sd, crumbs: false, fragile: null };
  });
}

/** Target a quantity is judged by: body has two of its own, each seasoning one. */
export function seasoningTarget(shown: ShownQuantity): SeasoningName | null {
  return shown === 'body' ? null : seasoningOf[shown];
}

/** Everything needed to place values across the line. */
export interface LineAxis {
  x(value: number): number;
  /** The value at a place. */
  at(x: number): number;
  /** Where what is in crumbs is drawn, px. */
  crumbsX: number;
  ticks: { value: number; label: string }[];
  domain: [number, number];
}

/** The most an axis has to hold of what is shown; an axis of body is always the same. */
export function mostShown(
  shown: ShownQuantity,
  { path }: Analysis,
  band: Band | undefined,
): number {
  if (shown === 'body') return bodyAxis.high;
  const name = seasoningOf[shown];
  return Math.max(
    ...path.map((step) => (step.totalG > 30 ? step[name] : 0)),
    (band?.high ?? band?.low ?? 0) * 1.4,
    0.4,
  );
}

/**
 * The axis for what is shown, over a width in px.
 *
 * @param most as `mostShown` gives it
 */
export function lineAxis(shown: ShownQuantity, width: number, most: number): LineAxis {
  const room = width < tightAxis ? 18 : crumbsRoom;
  const end = Math.max(axisPad + 40, width - room);
  if (shown === 'body') {
    const domain: [number, number] = [bodyAxis.low, bodyAxis.high];
    const scale = straightScale(domain, [axisPad, end]);
    return {
      x: scale,
      at: scale.invert,
      crumbsX: width - room / 2,
      ticks: bodyWords.map((word) => ({
        value: (Math.max(bodyAxis.low, wordRange(word).low) + wordRange(word).high) / 2,
        label: word,
      })),
      domain,
    };
  }
  const domain: [number, number] = [0, most * 1.05];
  const scale = straightScale(domain, [axisPad, end]);
  return {
    x: scale,
    at: scale.invert,
    crumbsX: width - room / 2,
    ticks: scale.ticks(6).map((value) => ({ value, label: String(value) })),
    domain,
  };
}

/** Boundaries between the body words, for quiet rules down the line. */
export const wordBoundaries = bodyWords.slice(1).map((word) => wordRange(word).low);
