import { type BodyState, bodyState } from '../body/bodyModel';
import type { BodyParameters } from '../body/parameters';
import { addTo, type BowlSums } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';
import { spoonOf } from '../nudge/spoon';
import type { MeasureSystem } from '../quantity/measureSystem';

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
  measures: MeasureSystem,
  parameters?: BodyParameters,
): number | null {
  const more = blended.slice();
  addTo(more, partSumsPerGram(part, parameters), spoonOf(part.ingredient, measures).massG);
  const then = bodyState(more, parameters);
  return then && (then.lnTau - now.lnTau) / Math.LN2;
}
