import { loadsOf, type Machine } from '../kitchen/machines';
import type { Conditions } from '../mix/conditions';
import { mixOf, mixVolumeMl } from '../mix/mix';
import type { Part } from '../mix/part';
import { closeKitchenMeasure } from '../amounts/closeMeasure';

/** One load of a batch: the same share of everything. */
export interface Load {
  parts: { ingredient: string; massG: number; amount: string }[];
  massG: number;
  volumeMl: number;
}

/** A batch through a machine too small for it. */
export interface Loads {
  /** Of the whole batch, with air. */
  volumeMl: number;
  /** How many, all alike. */
  count: number;
  /** One of them; null where there is nothing to blend. */
  load: Load | null;
  /** How the loads become one dip again. */
  recombine: string;
  warnings: string[];
}

/**
 * The fewest equal loads between a machine's least and most fill: each of the same composition, so that any of them
 * may go first and all are one dip again once they are stirred together. What is folded in or goes on top waits for
 * the whole.
 *
 * @param parts of the whole batch
 */
export function loads(
  parts: readonly Part[],
  machine: Pick<Machine, 'leastMl' | 'mostMl' | 'name'>,
  { method, measures }: Pick<Conditions, 'method' | 'measures'>,
): Loads {
  const blended = parts.filter(({ place, massG }) => place === 'bowl' && massG > 0);
  const volumeMl = mixVolumeMl(mixOf(blended), method);
  const count = loadsOf(machine, volumeMl);
  const each = volumeMl / count;
  const one: Load = {
    parts: blended.map(({ ingredient, massG }) => ({
      ingredient: ingredient.id,
      massG: massG / count,
      amount: closeKitchenMeasure(massG / count, ingredient, measures).text,
    })),
    massG: blended.reduce((sum, { massG }) => sum + massG, 0) / count,
    volumeMl: each,
  };
  const warnings: string[] = [];
  if (volumeMl > 0 && each < machine.leastMl) {
    warnings.push(
      `${each.toFixed(0)} ml is too little for the blade of the ${machine.name}: it wants ${machine.leastMl} ml. Make more, or take a smaller tool.`,
    );
  }
  return {
    volumeMl,
    count,
    load: volumeMl > 0 ? one : null,
    recombine:
      count > 1
        ? 'Weigh the first load out as the pattern for the rest; put every load into one bowl as it is done and stir them together, since each differs a little by its measuring. Taste the whole, then fold in what stays in pieces.'
        : 'One load: nothing to put together.',
    warnings,
  };
}
