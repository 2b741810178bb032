import { warmConditions } from '../src/dip/warmMethod';
import { machineFor } from '../src/kitchen/kitchen';
import type { Family } from '../src/mix/families';
import { usualMethod } from '../src/mix/method';
import type { LandingPart } from '../src/landing/landParts';
import { keptNames } from '../src/swap/keptFigures';
import type { SwapQuestion } from '../src/swap/swapQuestion';
import { readGrams } from '../src/amounts/toGrams';
import { kitchenOf } from './kitchenOf';
import { ingredient } from './larderIngredient';

/** Parts from ids and amounts, free to move. */
export function writtenParts(
  rows: readonly (readonly [id: string, amount: string])[],
): LandingPart[] {
  return rows.map(([id, amountText]) => {
    const read = readGrams(amountText, ingredient(id), 'us');
    if (!read.ok) throw new Error(`${amountText} of ${id}: ${read.error.message}`);
    const { massG, cv } = read.value;
    return { ingredient: ingredient(id), massG, cv, place: 'bowl', hold: false, amountText };
  });
}

/** A question of a swap in a usual kitchen, everything kept. */
export function swapOf(
  parts: readonly LandingPart[],
  index: number,
  extra: Partial<SwapQuestion> & { family?: Family } = {},
): SwapQuestion {
  const { family = 'pulse', ...more } = extra;
  const kitchen = kitchenOf();
  const making = { dipId: 'swap', method: usualMethod, machineId: 'food-processor', servedAtC: 8 };
  const machine = machineFor(making, kitchen);
  const conditions = warmConditions(making, parts, kitchen);
  return {
    parts,
    index,
    bowl: { machine: { mostMl: 1800 }, family },
    under: { conditions, method: usualMethod, machine, worked: [] },
    targets: {},
    keep: keptNames,
    inBowl: false,
    amountBy: 'strength',
    mayAdd: [ingredient('water'), ingredient('sea-salt-fine')],
    ...more,
  };
}
