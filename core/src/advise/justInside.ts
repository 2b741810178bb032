import { type Figures, targetFigure } from '../mix/figures';
import { insetTargets, isBody, targetNames, type Targets } from '../mix/targets';
import { normalCdf } from '../statistics/normalCdf';

/** The outer tenth of a band at either end counts as only just inside (the simulated cook does best with it). */
const edge = 0.1;

/**
 * Bands of body without their edges. A cook who adds until a figure is just inside stops too early as often as not,
 * since every reading is off by something; so body is believed to be inside only where it is clear of the edge.
 *
 * @returns the same targets, with two-sided bands of body drawn in
 */
export function clearOfEdges(targets: Targets): Targets {
  return insetTargets(targets, (name) => (isBody(name) ? edge : 0));
}

/**
 * The odds that the body really is inside its bands, by how sure it is; of several the least.
 *
 * @param bodySd one standard deviation, body
 * @returns 0–1; 1 where no band of body is set, an estimate
 */
export function chanceInside(figures: Figures, targets: Targets, bodySd: number): number {
  return targetNames.filter(isBody).reduce((least, name) => {
    const [band, value] = [targets[name], targetFigure(name, figures)];
    if (!band || value === null) return least;
    if (!(bodySd > 0)) return least;
    const below = band.low === null ? 0 : normalCdf((band.low - value) / bodySd);
    const above = band.high === null ? 0 : normalCdf((value - band.high) / bodySd);
    return Math.min(least, 1 - below - above);
  }, 1);
}
