/** What stays on bowl and blade: a share of the mass, and a film that is thicker the stiffer it is (judgement). */
const share = 0.012;
const filmG = 6;
const filmBody = 7;

/**
 * What stays in the machine when it is emptied, g; an estimate.
 *
 * @param massG what is in it, ≥ 0
 * @param body fresh body; null where there is none, counted as a dip that scoops
 */
export function filmLossG(massG: number, body: number | null): number {
  if (massG <= 0) return 0;
  return Math.min(massG, share * massG + (filmG * (body ?? filmBody)) / filmBody);
}
