import type { Machine } from '../kitchen/machines';
import type { Ingredient } from '../larder/ingredient';
import type { Grind } from '../mix/method';
import type { Place } from '../mix/part';
import type { WorkedIn } from './dip';
import { usualWorking } from './usualWorking';

/** A few pulses, a scrape, oil let in: as long as this where nobody says, min (engineering judgement). */
const brieflyMin = 0.3;

/** An addition as far as the machine's running time goes. */
export interface RanRow {
  ingredient: Ingredient;
  place: Place;
  worked?: WorkedIn;
}

/**
 * How long the machine runs over all additions: as the cook says, else as is usual; what is only stirred in does not run it.
 *
 * @returns minutes
 */
export function ranMinutes(rows: readonly RanRow[], machine: Machine, grind: Grind): number {
  return rows.reduce((sum, { ingredient, place, worked }) => {
    const working = worked ?? usualWorking(ingredient, place, machine, grind);
    if (place !== 'bowl' || !working || working.how === 'stir') return sum;
    return sum + (working.minutes ?? brieflyMin);
  }, 0);
}
