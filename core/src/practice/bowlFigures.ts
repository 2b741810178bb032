import { servedMoment } from '../mix/bodyMoments';
import { usualBlending } from '../mix/blending';
import type { Correction } from '../mix/correction';
import { figuresOf } from '../mix/figures';
import { usualBlendC, usualMethod } from '../mix/method';
import { mixOf } from '../mix/mix';
import type { Part } from '../mix/part';

/** Where a practice bowl stands. */
export interface BowlFigures {
  /** Just blended, at 25 °C; null for crumbs. */
  body: number | null;
  /** g per 100 g */
  salt: number;
  sour: number;
  massG: number;
}

/** A practice bowl is blended as is usual; how it is served does not matter to it. */
const usualConditions = {
  method: { ...usualMethod, blendC: usualBlendC },
  blending: usualBlending,
  served: servedMoment({ servedAtC: 20 }),
  measures: 'metric' as const,
};

/** Where parts stand in a kitchen that is off by so much. */
export function bowlFigures(parts: readonly Part[], correction: Correction): BowlFigures {
  const { freshBody, per100g, massG } = figuresOf(mixOf(parts), { ...usualConditions, correction });
  return { body: freshBody, salt: per100g.saltG, sour: per100g.acidG, massG };
}
