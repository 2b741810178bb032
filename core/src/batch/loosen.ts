import { nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import { proposeAdditions } from '../advise/proposeAdditions';
import type { Ingredient } from '../larder/ingredient';
import type { Family } from '../mix/families';
import type { Conditions } from '../mix/conditions';
import { type Figures, figuresOf } from '../mix/figures';
import { mixOf, mixWith } from '../mix/mix';
import { dipMass, type Part } from '../mix/part';
import { type Proposal, startFrom } from '../proposal/proposal';
import { portionOf } from './portion';

/** What is loosened: some of a dip, on its way to the plate. */
export interface ToLoosen {
  /** What the dip is made of, any amount of it. */
  parts: readonly Part[];
  /** g of the dip that are taken, > 0 */
  dipG: number;
  conditions: Conditions;
  family: Family;
}

/** Some of a dip loosened on purpose. */
export interface Loosened {
  /** g of the liquid into the dip that was taken. */
  liquidG: number;
  /** The liquid as a change of what was taken, and everything it would do. */
  proposal: Proposal;
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
 * @param wantedBody body wanted
 * @returns null where it is that loose already, or the liquid does not get there
 */
export function loosenTo(
  { parts, dipG, conditions, family }: ToLoosen,
  liquid: Ingredient,
  wantedBody: number,
): Loosened | null {
  if (!(dipMass(parts) > 0) || !(dipG > 0)) return null;
  const taken = portionOf(parts, dipG);
  const mix = mixOf(taken);
  const withLiquid = (massG: number) =>
    figuresOf(mixWith(mix, [{ ingredient: liquid, massG, cv: 0, place: 'bowl' }]), conditions);
  const stiffer = ({ freshBody }: Figures) => freshBody === null || freshBody > wantedBody;
  let low = 0;
  let high = mostShare * dipG;
  if (!stiffer(figuresOf(mix, conditions)) || stiffer(withLiquid(high))) return null;
  for (let step = 0; step < steps && high - low > near; step += 1) {
    const middle = (low + high) / 2;
    if (stiffer(withLiquid(middle))) low = middle;
    else high = middle;
  }
  const { text: amount } = nearestKitchenMeasure(high, liquid, conditions.measures);
  const onPlate = { mostMl: Infinity };
  const proposal = proposeAdditions(
    startFrom({ parts: taken, conditions, machine: onPlate, family }),
    [{ ingredient: liquid.id, massG: high, amount, place: 'bowl' }],
    new Map([[liquid.id, liquid]]),
    { freshBody: { low: wantedBody - near, high: wantedBody + near } },
    'loosening',
    '',
  );
  const { before, after } = proposal;
  const lacking = ((before.per100g.saltG - after.per100g.saltG) * after.massG) / 100;
  return { liquidG: high, proposal, saltG: Math.max(0, lacking) };
}
