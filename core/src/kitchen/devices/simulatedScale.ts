import { normal } from '../../statistics/random';

/** A kitchen scale with a bowl on it, as a model: what lies on it, and what it shows of that. */
export interface ScaleState {
  /** What really lies in the bowl, g. */
  trueG: number;
  /** What the cell has settled to so far, g. */
  settledG: number;
  /** Slow wander of the zero, g. */
  driftG: number;
  /** What was on it when it was last set to nothing, g. */
  tareG: number;
  /** g a second that are being poured; 0 for none. */
  pouring: number;
}

export const emptyScale: ScaleState = {
  trueG: 0,
  settledG: 0,
  driftG: 0,
  tareG: 0,
  pouring: 0,
};

/** How a usual kitchen scale errs (judgement): settling time, noise, wander a root second, and the figure it shows. */
const settleS = 0.35;
const noiseG = 0.08;
const wanderG = 0.01;
const mostDriftG = 1.5;
const shownG = 0.1;
/** A stream makes the pan tremble, as a share of what is poured a second. */
const tremble = 0.03;

/**
 * The scale a little later.
 *
 * @param seconds since the last state, > 0
 * @param random uniform numbers, 0–1
 */
export function scaleAfter(state: ScaleState, seconds: number, random: () => number): ScaleState {
  const trueG = state.trueG + state.pouring * seconds;
  const settling = 1 - Math.exp(-seconds / settleS);
  const driftG = state.driftG + wanderG * Math.sqrt(seconds) * normal(random);
  return {
    ...state,
    trueG,
    settledG: state.settledG + (trueG - state.settledG) * settling,
    driftG: Math.max(-mostDriftG, Math.min(mostDriftG, driftG)),
  };
}

/** What the scale shows, g, in its tenths. */
export function scaleShows(state: ScaleState, random: () => number): number {
  const shaking = Math.hypot(noiseG, tremble * state.pouring);
  const raw = state.settledG + state.driftG - state.tareG + shaking * normal(random);
  return Math.round(raw / shownG) * shownG;
}

/** The scale set to nothing with what it has settled to. */
export function tared(state: ScaleState): ScaleState {
  return { ...state, tareG: state.settledG + state.driftG };
}
