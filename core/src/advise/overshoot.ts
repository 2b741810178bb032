import { measuringCv } from '../quantity/spread';
import { isBody, targetNames, type Targets } from '../landing/targets';
import { type BowlFigures, figureFor } from './figures';

/** Standard normal distribution (Abramowitz & Stegun 7.1.26, error under 1e-7). */
function below(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const series =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = 0.5 * series * Math.exp(-x * x);
  return z >= 0 ? 1 - tail : tail;
}

/**
 * The chance that a step takes some figure past the far end of its band, or out of a band it was in, from where it
 * starts: with the doubt about the body now, and with how far a spoon is off. What can't be taken out again counts,
 * so a figure that moves towards an end it can't pass does not.
 *
 * @returns 0–1; an estimate
 */
export function overshootChance(now: BowlFigures, then: BowlFigures, targets: Targets): number {
  let kept = 1;
  for (const name of targetNames) {
    const band = targets[name];
    const from = figureFor(name, now);
    const to = figureFor(name, then);
    if (!band || from === null || to === null || to === from) continue;
    const rising = to > from;
    const edge = rising ? band.high : band.low;
    if (edge === null) continue;
    // what is past already is past whatever is added
    if (rising ? from > edge : from < edge) continue;
    const sd = Math.hypot(measuringCv.spoon * (to - from), isBody(name) ? then.sd : 0);
    if (sd <= 0) continue;
    kept *= 1 - below((rising ? to - edge : edge - to) / sd);
  }
  return 1 - kept;
}
