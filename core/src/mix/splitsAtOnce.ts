import { bodyState } from './bodyModel';
import type { BowlSums } from './bowlSums';
import { modelBody } from './bodyAt';
import { bodyWord } from './bodyWords';
import type { BodyConditions } from './conditions';

/** Streamed it is at least this much stiffer than poured in at once, body. */
const stiffer = 2;

/**
 * Whether a mix is a cream only while its oil goes in slowly, and splits when it is poured in at once. A paste that stays thick
 * with oil outside, as pesto does, does not split.
 *
 * @param blended what is in the bowl
 */
export function splitsAtOnce(
  blended: BowlSums,
  { method, blending }: Pick<BodyConditions, 'method' | 'blending'>,
): boolean {
  const poured = bodyState(blended, { ...blending, streamed: false });
  if (!poured || poured.waterOutside >= 0.5) return false;
  const body = modelBody(poured, method);
  if (bodyWord(body) !== 'pours') return false;
  const streamed = bodyState(blended, { ...blending, streamed: true });
  if (!streamed || streamed.waterOutside < 0.5) return false;
  return modelBody(streamed, method) > body + stiffer;
}
