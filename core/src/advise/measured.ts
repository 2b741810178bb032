import { closeKitchenMeasure } from '../amounts/closeMeasure';
import { kitchenMeasures, nearestKitchenMeasure } from '../amounts/kitchenMeasure';
import { type MeasureSystem, systemVolumesMl } from '../amounts/measureSystem';
import { printGrams } from '../amounts/printAmount';
import { everyday } from '../larder/everyday';
import type { Ingredient } from '../larder/ingredient';
import type { Addition } from '../proposal/edit';
import type { Shelf } from './shelf';

/** A measure further off than this is not what was worked out; then it is weighed. */
const measureWithin = 0.15;
/** The least a kitchen scale shows, g. */
const leastWeighedG = 1;
/** Less than this share of the least that can be measured is left out; more of it is that least, for as long as it is needed. */
const roundsUpFrom = 0.2;
/** Nobody counts more cups than this: it is weighed. */
const mostCups = 4;

/** How an amount is brought into measures. */
export const measurings = ['simple', 'fine', 'up', 'scale'] as const;
type Measuring = (typeof measurings)[number];

function weighed(massG: number): string {
  return massG >= 1000 ? `${Number((massG / 1000).toFixed(2))} kg` : printGrams(Math.round(massG));
}

/** Less than this is quicker spooned than weighed, g. */
const scaleFromG = 20;

/** A spoon is rounded up to from so little of it at least, as a share. */
const upFrom = 0.1;

/** The next spoon above a mass; null for more than spoons measure. */
function measureAbove(massG: number, ingredient: Ingredient, system: MeasureSystem) {
  const spoonG = systemVolumesMl[system].tbsp * ingredient.densityGPerMl;
  const above = kitchenMeasures(ingredient, system, spoonG).find((one) => one.massG >= massG);
  return above && massG >= upFrom * above.massG ? above : null;
}

/**
 * An addition as it can be measured: by spoon, cup or piece where that is near, else on a kitchen scale; ice in cubes.
 *
 * @param how `simple` by one measure, `fine` by two together where one is not near enough, `up` by the next spoon
 *   above, `scale` weighed where there is enough to weigh
 * @returns null for less than anyone can measure
 */
export function measured(
  massG: number,
  ingredient: Ingredient,
  system: MeasureSystem,
  how: Measuring = 'fine',
): Addition | null {
  const addition = { ingredient: ingredient.id, place: 'bowl' as const };
  if (ingredient.id === everyday.ice && ingredient.pieceG) {
    const cubes = Math.max(1, Math.round(massG / ingredient.pieceG));
    const amount = `${cubes} ${cubes === 1 ? 'cube' : 'cubes'}`;
    return { ...addition, massG: cubes * ingredient.pieceG, amount };
  }
  const [least] = kitchenMeasures(ingredient, system, 0);
  const leastG = Math.min(leastWeighedG, least?.massG ?? leastWeighedG);
  if (how !== 'up' && massG < roundsUpFrom * leastG) return null;
  if (how === 'up') {
    const up = measureAbove(massG, ingredient, system);
    if (up) return { ...addition, massG: up.massG, amount: up.text };
  }
  if (how === 'scale' && massG >= scaleFromG) {
    return { ...addition, massG: Math.round(massG), amount: weighed(massG) };
  }
  const cups = massG / (systemVolumesMl[system].cup * ingredient.densityGPerMl);
  const measure = how === 'fine' || how === 'scale' ? closeKitchenMeasure : nearestKitchenMeasure;
  const near = measure(Math.max(massG, leastG), ingredient, system);
  const isLeast = near.massG <= leastG * 1.01;
  const close = isLeast || Math.abs(near.massG - massG) <= measureWithin * massG;
  if (close && cups <= mostCups) return { ...addition, massG: near.massG, amount: near.text };
  if (massG < leastWeighedG) return null;
  const amount = weighed(massG);
  return { ...addition, massG: massG >= 1000 ? massG : Math.round(massG), amount };
}

/** Half a measure may be rounded up to this share of the whole; more is no half. */
const mostOfHalf = 0.62;

/** Half of each addition, rounded down to what can be measured; all of what can't be halved. */
export function halfOf(add: readonly Addition[], shelf: Shelf, system: MeasureSystem): Addition[] {
  return add.flatMap((one) => {
    const ingredient = shelf.get(one.ingredient);
    if (!ingredient) return [];
    const near = nearestKitchenMeasure(one.massG / 2, ingredient, system);
    const cups = near.massG / (systemVolumesMl[system].cup * ingredient.densityGPerMl);
    if (near.massG <= one.massG * mostOfHalf && cups <= mostCups) {
      return [{ ...one, massG: near.massG, amount: near.text }];
    }
    const half = measured(one.massG / 2, ingredient, system);
    return [half && half.massG < one.massG ? half : one];
  });
}
