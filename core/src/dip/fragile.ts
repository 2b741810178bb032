import { type BodyState, bodyState } from '../mix/bodyModel';
import { addTo, type BowlSums, copyOf } from '../mix/bowlSums';
import { type Part, partSumsPerGram } from '../mix/part';
import { spoonOf } from '../amounts/spoon';
import type { Conditions } from '../mix/conditions';

/** A step is fragile where one spoon of it moves body by more than this. */
export const fragileBeyond = 0.5;

/**
 * What one spoon or piece more of a part would do to the body of the bowl as it stands.
 *
 * @param blended what is in the bowl; left as it was
 * @param now what the model says of it
 * @returns body points, stiffer above 0; null where there is none
 */
export function spoonBody(
  part: Part,
  blended: BowlSums,
  now: BodyState,
  { measures, blending }: Pick<Conditions, 'measures' | 'blending'>,
): number | null {
  const more = copyOf(blended);
  addTo(more, partSumsPerGram(part), spoonOf(part.ingredient, measures).massG);
  const then = bodyState(more, blending);
  return then && (then.lnTau - now.lnTau) / Math.LN2;
}
