/** Units that measure mass; value is g. */
export const massUnitsG = { mg: 0.001, g: 1, kg: 1000, oz: 28.3495, lb: 453.592 } as const;
export type MassUnit = keyof typeof massUnitsG;

/** Metric volumes; value is ml. */
export const metricVolumesMl = { ml: 1, cl: 10, dl: 100, l: 1000 } as const;
export type MetricVolume = keyof typeof metricVolumesMl;

/** Volumes whose size depends on the measure system. */
export const systemUnits = ['cup', 'tbsp', 'dsp', 'tsp', 'floz', 'pint', 'quart'] as const;
export type SystemUnit = (typeof systemUnits)[number];

/** Fuzzy measures with a typical volume in ml. */
export const fuzzyVolumesMl = {
  pinch: 0.3,
  dash: 0.6,
  splash: 7,
  drizzle: 10,
  glug: 20,
  squeeze: 7,
  grind: 0.2,
  grating: 0.3,
  drop: 0.05,
} as const;
export type FuzzyUnit = keyof typeof fuzzyVolumesMl;
export const fuzzyUnits = Object.keys(fuzzyVolumesMl) as FuzzyUnit[];

export type Unit =
  MassUnit | MetricVolume | SystemUnit | FuzzyUnit | 'handful' | 'can' | 'bunch' | 'piece';

export const fills = [
  'level',
  'heaped',
  'rounded',
  'scant',
  'generous',
  'packed',
  'loose',
  'chopped',
] as const;
export type Fill = (typeof fills)[number];

export const sizes = ['small', 'medium', 'large'] as const;
export type Size = (typeof sizes)[number];

/** One measured thing: `2 heaped tbsp`, `3–4 cloves`, `2 x 400 g cans`, `juice of 1 lemon`. */
export interface Measure {
  /** The middle of the range when one was written. */
  value: number;
  /** Ends of a written range; equal to value without one. */
  low: number;
  high: number;
  unit: Unit;
  fill?: Fill;
  size?: Size;
  /** The piece counted, singular (`clove`); with `part` the fruit it comes from (`lemon`). Empty for a bare number. */
  piece?: string;
  part?: 'juice' | 'zest';
  /** Net content of one package, when written. */
  packageSize?: { value: number; unit: MassUnit | MetricVolume | 'floz' };
}

/** An amount as a cook writes it: a sum of measures, or “to taste”. */
export type Amount = { kind: 'measured'; terms: Measure[] } | { kind: 'toTaste' };

/** What could not be read: the part of the text, and why in words for the cook. */
export interface Unreadable {
  part: string;
  message: string;
}

export type Result<T, E> = { ok: true; value: T } | { ok: false; error: E };
