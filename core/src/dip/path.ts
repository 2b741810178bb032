import { shownBody } from '../mix/bodyAt';
import { fresh } from '../mix/moment';
import { bodyState } from '../mix/bodyModel';
import type { Conditions } from '../mix/conditions';
import { type MixState, mixState, modelSd } from '../mix/figures';
import { measuringSd } from '../mix/measuringSd';
import { addPart, blendedMass, emptyMix, massOf } from '../mix/mix';
import { bowlMass, type Part } from '../mix/part';
import { per100g } from '../mix/per100g';
import { type SeasoningSd, seasoningSd } from '../mix/seasoningSd';
import { isSteeredBy } from './steered';
import { fragileBeyond, spoonBody } from './fragile';

/** Where the bowl stands after one addition. */
export interface PathStep {
  ingredient: string;
  massG: number;
  /** Fresh body at 25 °C; null for crumbs and while the bowl is empty. */
  body: number | null;
  /** One standard deviation of body from measuring alone. */
  measuringSd: number;
  /** One standard deviation of body from the model alone, as far as readings have narrowed it. */
  modelSd: number;
  /** Body that one spoon or piece more of this ingredient would add here; null where there is no body. */
  spoonBody: number | null;
  /** A spoon of it does much, and it is not measured by taste. */
  fragile: boolean;
  /** One standard deviation of salt, sour and garlic from measuring, g per 100 g. */
  seasoningSd: SeasoningSd;
  state: MixState;
  saltG: number;
  acidG: number;
  garlicG: number;
  /** In the bowl and folded in so far. */
  totalG: number;
}

/**
 * A dip read from top to bottom: where the bowl stands after each addition, with the spread of every figure.
 *
 * @param parts in the order they go in
 * @returns one step for each part; the work grows with their square
 */
export function pathOf(parts: readonly Part[], conditions: Conditions): PathStep[] {
  const mix = emptyMix();
  const finished = bowlMass(parts);
  let body: number | null = null;
  let state: MixState = 'pours';
  let sdMeasuring = 0;
  let sdModel = modelSd(mix.blended, null, conditions);
  return parts.map((part, index) => {
    addPart(mix, part);
    let spoon: number | null = null;
    if (part.place === 'bowl') {
      const now = bodyState(mix.blended, conditions.blending);
      // half a dip is only half the formula that was read
      const belonging = finished > 0 ? blendedMass(mix) / finished : 1;
      body = shownBody(mix.blended, now, conditions, fresh, belonging);
      state = mixState(now, body);
      sdModel = modelSd(mix.blended, now, conditions, belonging);
      const paste = body === null ? null : now;
      spoon = paste && spoonBody(part, mix.blended, paste, conditions);
      sdMeasuring = paste ? measuringSd(parts, index + 1, mix.blended, conditions.blending) : 0;
    }
    const { saltG, acidG, garlicG } = per100g(mix.all);
    return {
      ingredient: part.ingredient.id,
      massG: part.massG,
      body,
      measuringSd: sdMeasuring,
      modelSd: sdModel,
      spoonBody: spoon,
      fragile: Math.abs(spoon ?? 0) > fragileBeyond && isSteeredBy(part.ingredient),
      seasoningSd: seasoningSd(parts, index + 1, mix.all),
      state,
      saltG,
      acidG,
      garlicG,
      totalG: massOf(mix),
    };
  });
}
