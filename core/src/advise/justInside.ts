import { insetTargets, isBody, type Targets } from '../mix/targets';

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
