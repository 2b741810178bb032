import { pathOf } from '../dip/path';
import { metAt } from '../dip/stalls';
import type { Conditions } from '../mix/conditions';
import { type Machine, stallsOn } from '../kitchen/machines';
import type { Part } from '../mix/part';
import { closeKitchenMeasure } from '../amounts/closeMeasure';
import type { MeasureSystem } from '../amounts/measureSystem';
import { throughStall, type WayStep } from '../dip/throughStall';

/** The bowl after one addition, against the machine. */
export interface Stage {
  ingredient: string;
  massG: number;
  /** Fresh body; null while there are only crumbs. */
  body: number | null;
  crumbs: boolean;
  stalls: boolean;
  /** By how much what is still to come will stiffen (positive) or loosen it; null where that can't be said. */
  stillToCome: number | null;
}

/** What gets a dip through its machine with the least turned round. */
export interface StageChange {
  kind: 'order' | 'split';
  steps: { ingredient: string; massG: number; amount: string }[];
  /** What goes in earlier, and how much of it. */
  words: string;
}

export interface Staging {
  steps: Stage[];
  /** Places of the parts after which it stalls. */
  stallsAt: number[];
  /** Null where nothing stalls, and where nothing helps. */
  change: StageChange | null;
  /** Whether even the whole mix stalls it. */
  wholeStalls: boolean;
}

/** More than this still to come is worth aiming off for, body. */
export const aimOffFrom = 0.3;

function changeOf(
  kind: StageChange['kind'],
  way: readonly WayStep[],
  parts: readonly Part[],
  measures: MeasureSystem,
): StageChange {
  const steps = way.flatMap(({ index, share }) => {
    const part = parts[index];
    if (!part) return [];
    const massG = part.massG * share;
    const { text } = closeKitchenMeasure(massG, part.ingredient, measures);
    return [{ ingredient: part.ingredient.id, massG, amount: text, index }];
  });
  // what now stands before something that stood before it
  const earlier = steps.filter(
    ({ index }, at) =>
      steps.slice(at + 1).some((later) => later.index < index) ||
      (kind === 'split' &&
        steps.findIndex((one) => one.index === index) === at &&
        steps.some((one, i) => i > at && one.index === index)),
  );
  const names = earlier.map(
    ({ amount, ingredient }) =>
      `${amount} ${parts.find((one) => one.ingredient.id === ingredient)?.ingredient.name ?? ingredient}`,
  );
  return {
    kind,
    steps: steps.map(({ index: _index, ...step }) => step),
    words: names.length === 0 ? 'Another order.' : `Earlier: ${[...new Set(names)].join(', ')}.`,
  };
}

/**
 * Body after each addition against a machine's stall line, what is still to come, and the least change that gets
 * through where it would stall.
 */
export function stage(parts: readonly Part[], machine: Machine, conditions: Conditions): Staging {
  const path = pathOf(parts, conditions);
  const end = path.at(-1)?.body ?? null;
  const met = metAt(parts, conditions.method);
  const { stallsAt, order, split, wholeStalls } = throughStall({ parts, machine, conditions });
  const way = split ?? order;
  return {
    steps: path.map(({ ingredient, massG, body: at, state }, i) => ({
      ingredient,
      massG,
      body: at,
      crumbs: state === 'crumbs',
      stalls: met.includes(i) && stallsOn(machine, at, state === 'crumbs'),
      stillToCome: at === null || end === null ? null : end - at,
    })),
    stallsAt,
    change: way ? changeOf(split ? 'split' : 'order', way, parts, conditions.measures) : null,
    wholeStalls,
  };
}
