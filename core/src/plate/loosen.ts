import { type BowlConditions, type BowlFigures, bowlFigures } from '../advise/figures';
import { dipMass, type Part } from '../bowl/part';
import type { Ingredient } from '../larder/ingredient';
import { portionOf } from './portion';

/** A dip loosened on purpose. */
export interface Loosened {
  /** g of the liquid into the dip that was taken. */
  liquidG: number;
  after: BowlFigures;
  /** g of fine salt that bring the salt back to what it was in 100 g; 0 where it is no less. */
  saltG: number;
}

/** More than this of the dip's own mass is another thing and not that dip any more. */
const mostShare = 3;
const near = 1e-3;
const steps = 60;

/**
 * How much of a liquid makes a dip as loose as is wanted, just blended, by halving the interval.
 *
 * @param parts what the dip is made of, any amount of it
 * @param dipG g of the dip that are taken, > 0
 * @param wantedBody body wanted
 * @returns null where it is that loose already, or the liquid does not get there
 */
export function loosenTo(
  parts: readonly Part[],
  dipG: number,
  liquid: Ingredient,
  wantedBody: number,
  conditions: BowlConditions,
): Loosened | null {
  if (!(dipMass(parts) > 0) || !(dipG > 0)) return null;
  const taken = portionOf(parts, dipG);
  const before = bowlFigures(taken, conditions);
  const withLiquid = (massG: number) =>
    bowlFigures([...taken, { ingredient: liquid, massG, cv: 0, place: 'bowl' }], conditions);
  const stiffer = ({ body }: BowlFigures) => body === null || body > wantedBody;
  let low = 0;
  let high = mostShare * dipG;
  if (!stiffer(before) || stiffer(withLiquid(high))) return null;
  for (let step = 0; step < steps && high - low > near; step += 1) {
    const middle = (low + high) / 2;
    if (stiffer(withLiquid(middle))) low = middle;
    else high = middle;
  }
  const after = withLiquid(high);
  const lacking = ((before.saltG - after.saltG) * after.massG) / 100;
  return { liquidG: high, after, saltG: Math.max(0, lacking) };
}
