import { measuringCv } from '../amounts/measuringCv';
import { type Figures, targetFigure } from '../mix/figures';
import { isBody, targetNames, type Targets } from '../mix/targets';
import { normalCdf } from '../statistics/normalCdf';

/**
 * The chance that a step takes some figure past the far end of its band, or out of a band it was in, from where it
 * starts: with the doubt about the body then, and with how far a spoon is off. What can't be taken out again counts,
 * so a figure that moves towards an end it can't pass does not.
 *
 * @param bodySd doubt about the body after the step, one standard deviation
 * @returns 0–1; an estimate
 */
export function overshootChance(
  now: Figures,
  then: Figures,
  bodySd: number,
  targets: Targets,
): number {
  let kept = 1;
  for (const name of targetNames) {
    const band = targets[name];
    const from = targetFigure(name, now);
    const to = targetFigure(name, then);
    if (!band || from === null || to === null || to === from) continue;
    const rising = to > from;
    const edge = rising ? band.high : band.low;
    if (edge === null) continue;
    // what is past already is past whatever is added
    if (rising ? from > edge : from < edge) continue;
    const sd = Math.hypot(measuringCv.spoon * (to - from), isBody(name) ? bodySd : 0);
    if (sd <= 0) continue;
    kept *= 1 - normalCdf((rising ? to - edge : edge - to) / sd);
  }
  return 1 - kept;
}
