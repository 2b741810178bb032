import { type BodyState, bodyState } from '../body/bodyModel';
import type { BodyParameters } from '../body/parameters';
import { addTo, type BowlSums } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';

/** Share of an amount it is moved by; small enough that which side does not matter to a spread. */
const step = 1e-4;

/**
 * Spread of body that comes from how the parts are measured, to first order: √Σ (∂body/∂mass · mass · cv)².
 *
 * @param parts in order
 * @param count how many of them are in
 * @param blended sums of the blended ones among them; left as it was
 * @param now what the model says of them
 * @returns one standard deviation, body
 */
export function measuringSd(
  parts: readonly Part[],
  count: number,
  blended: BowlSums,
  now: BodyState,
  parameters?: BodyParameters,
): number {
  const scratch = blended.slice();
  let variance = 0;
  for (let i = 0; i < count; i += 1) {
    const part = parts[i];
    if (!part || part.place !== 'bowl' || part.massG <= 0 || part.cv <= 0) continue;
    const per = partSumsPerGram(part, parameters);
    addTo(scratch, per, part.massG * step);
    const more = bodyState(scratch, parameters);
    scratch.set(blended);
    if (!more) continue;
    const perShare = (more.lnTau - now.lnTau) / Math.LN2 / step;
    variance += (perShare * part.cv) ** 2;
  }
  return Math.sqrt(variance);
}
