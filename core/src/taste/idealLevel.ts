import { mean } from '../statistics/mean';
import { justRight } from './panel';

/** One taster's mark of how much of something there is, 1–5, with how much of it there was, in its own unit. */
export interface LevelMark {
  level: number;
  mark: number;
}

/** How much of it these people want. */
export interface IdealLevel {
  /** In the level's own unit. */
  ideal: number;
  /** One standard deviation of it. */
  sd: number;
  n: number;
  /** How much of it lies between two marks, for these people. */
  perMark: number;
}

/** A guess of how much lies between two marks may be off by this share of it (J). */
const stepDoubt = 0.5;
/** The line is not taken to be flatter than this share of the guess: a mark would be worth no end of it. */
const leastSlope = 0.4;
/** Marks differ at least so much from taster to taster: a scale of five is coarse. */
const leastMarkSd = 0.5;

/**
 * How much of something would be just right to people who said whether what they had was too little or too much: the marks as a line
 * over the level, whose slope starts from a guess and is moved by what was tasted at several levels (conjugate normal regression with the
 * spread plugged in).
 *
 * @param marks one or more
 * @param guessPerMark how much of it one mark is taken to be before anybody tasted, > 0
 * @throws RangeError for no marks
 * @see docs/science.md, Tasting
 */
export function idealLevel(marks: readonly LevelMark[], guessPerMark: number): IdealLevel {
  if (marks.length === 0) throw new RangeError('nobody has marked it');
  const n = marks.length;
  const at = mean(marks.map(({ level }) => level));
  const off = mean(marks.map(({ mark }) => mark - justRight));
  const guess = 1 / guessPerMark;
  const guessSd = stepDoubt * guess;
  const sxx = marks.reduce((sum, { level }) => sum + (level - at) ** 2, 0);
  const sxy = marks.reduce(
    (sum, { level, mark }) => sum + (level - at) * (mark - justRight - off),
    0,
  );
  const spread = (slope: number) =>
    marks.reduce(
      (sum, { level, mark }) => sum + (mark - justRight - off - slope * (level - at)) ** 2,
      0,
    );
  const variance = Math.max(leastMarkSd ** 2, spread(guess) / Math.max(1, n - 1));
  const precision = 1 / guessSd ** 2 + sxx / variance;
  const slope = Math.max(leastSlope * guess, (guess / guessSd ** 2 + sxy / variance) / precision);
  const sd = Math.hypot(Math.sqrt(variance / n) / slope, off / slope ** 2 / Math.sqrt(precision));
  return { ideal: at - off / slope, sd, n, perMark: 1 / slope };
}
