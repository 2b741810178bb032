import { bodyState } from '../body/bodyModel';
import type { BodyParameters } from '../body/parameters';
import { addTo, type BowlSums } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';

const step = 1e-3;

/**
 * Spread of body that comes from how the parts are measured, to first order: √Σ (∂body/∂mass · mass · cv)².
 *
 * @param parts in order
 * @param count how many of them are in
 * @param blended sums of the blended ones among them; left as it was
 * @returns one standard deviation, body
 */
export function measuringSd(
  parts: readonly Part[],
  count: number,
  blended: BowlSums,
  parameters?: BodyParameters,
): number {
  const scratch = blended.slice();
  let variance = 0;
  for (let i = 0; i < count; i += 1) {
    const part = parts[i];
    if (!part || part.place !== 'bowl' || part.massG <= 0 || part.cv <= 0) continue;
    const per = partSumsPerGram(part, parameters);
    const delta = part.massG * step;
    addTo(scratch, per, delta);
    const up = bodyState(scratch, parameters);
    addTo(scratch, per, -2 * delta);
    const down = bodyState(scratch, parameters);
    scratch.set(blended);
    if (!up || !down) continue;
    const perShare = (up.lnTau - down.lnTau) / Math.LN2 / (2 * step);
    variance += (perShare * part.cv) ** 2;
  }
  return Math.sqrt(variance);
}
