import type { Blending } from './blending';
import { bodyState } from './bodyModel';
import { addTo, type BowlSums, copyOf } from './bowlSums';
import { type Part, partSumsPerGram } from './part';

/** Share of an amount it is moved by; small enough that which side does not matter to a spread. */
const step = 1e-4;

/**
 * Spread of body that comes from how the parts are measured, to first order: √Σ (∂body/∂mass · mass · cv)².
 *
 * @param parts in order
 * @param count how many of them are in
 * @param blended sums of the blended ones among them; left as it was
 * @param blending how they are worked
 * @returns one standard deviation, body
 */
export function measuringSd(
  parts: readonly Part[],
  count: number,
  blended: BowlSums,
  blending: Blending,
): number {
  const scratch = copyOf(blended);
  const now = bodyState(blended, blending);
  if (!now) return 0;
  let variance = 0;
  for (let i = 0; i < count; i += 1) {
    const part = parts[i];
    if (!part || part.place !== 'bowl' || part.massG <= 0 || part.cv <= 0) continue;
    const per = partSumsPerGram(part);
    addTo(scratch, per, part.massG * step);
    const more = bodyState(scratch, blending);
    scratch.set(blended);
    if (!more) continue;
    const perShare = (more.lnTau - now.lnTau) / Math.LN2 / step;
    variance += (perShare * part.cv) ** 2;
  }
  return Math.sqrt(variance);
}
