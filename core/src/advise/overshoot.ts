import { measuringCv } from '../amounts/measuringCv';
import { type Figures, targetFigure } from '../mix/figures';
import { isBody, type TargetName, targetNames, type Targets } from '../mix/targets';
import { normalCdf } from '../statistics/normalCdf';

/** How uncertain ends of bands are, one standard deviation each in the figure's own unit; none unless said. */
export type Doubts = Partial<Record<TargetName, number>>;

/**
 * The chance that a step takes some figure past the far end of its band, or out of a band it was in, from where it
 * starts: with the doubt about the body then, and with how far a spoon is off. What can't be taken out again counts,
 * so a figure that moves towards an end it can't pass does not.
 *
 * @param bodySd doubt about the body after the step, one standard deviation
 * @param ends how uncertain the ends of the bands themselves are
 * @returns 0–1; an estimate
 */
export function overshootChance(
  now: Figures,
  then: Figures,
  bodySd: number,
  targets: Targets,
  ends: Doubts = {},
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
    const doubt = isBody(name) ? bodySd : 0;
    const sd = Math.hypot(measuringCv.spoon * (to - from), doubt, ends[name] ?? 0);
    if (sd <= 0) continue;
    const past = (value: number, by: number) =>
      by > 0 ? normalCdf((rising ? value - edge : edge - value) / by) : 0;
    // where it may be past already, only what the step adds to that is the step's
    const before = past(from, doubt);
    const more = Math.max(0, past(to, sd) - before);
    kept *= before < 1 ? 1 - more / (1 - before) : 1;
  }
  return 1 - kept;
}
