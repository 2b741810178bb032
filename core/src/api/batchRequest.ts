import Joi from 'joi';
import { batchOf } from '../batch/batchOf';
import { batchCost, type CostDriver, type Price } from '../batch/cost';
import type { Container } from '../batch/fills';
import { labelAllergens, labelItems, labelText } from '../batch/label';
import type { Loss, LossCause } from '../batch/losses';
import { lossCauses } from '../batch/losses';
import { type Nutrition, nutritionOf, scaledNutrition } from '../batch/nutrition';
import { BadInput, checked } from '../book/fieldError';
import { everyday } from '../larder/everyday';
import { resolveIngredient } from '../larder/find';
import type { Larder } from '../larder/larder';
import { dipMass } from '../mix/part';
import { dipKeys, type DipRequest, partKeys, requestLarder, requestParts } from './dipRequest';
import { requestKitchen } from './requestKitchen';

interface BatchRequest extends DipRequest {
  weighedG?: number;
  tastings: number;
  lost: Partial<Record<LossCause, number>>;
  containers: Container[];
  prices?: Price[];
  portionG: number;
}

const g = Joi.number().min(0).max(1_000_000);

const batchSchema = Joi.object<BatchRequest>({
  ...dipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
  weighedG: g,
  tastings: Joi.number().integer().min(0).max(100).default(1),
  lost: Joi.object(Object.fromEntries(lossCauses.map((cause) => [cause, g]))).default({}),
  containers: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().min(1).max(120).required(),
        ml: Joi.number().positive().max(1_000_000).required(),
        count: Joi.number().integer().min(0).max(10_000).required(),
        oilSealG: Joi.number().min(0).max(10_000),
      }),
    )
    .max(50)
    .default([]),
  prices: Joi.array()
    .items(
      Joi.object({
        ingredient: Joi.string().min(1).max(120).required(),
        price: Joi.number().min(0).max(1_000_000).required(),
        forG: Joi.number().positive().max(1_000_000).required(),
      }),
    )
    .max(500),
  portionG: Joi.number().positive().max(10_000).default(60),
}).required();

/** A batch as it is answered. */
export interface BatchAnswer {
  inG: number;
  losses: Loss[];
  yieldG: number;
  fills: { name: string; full: number; g: number }[];
  leftG: number;
  oilG: number;
  allergens: string[];
  cost: {
    batch: number;
    portion: number;
    per100g: number;
    containers: { name: string; each: number }[];
    drivers: CostDriver[];
    missing: string[];
    guessed: string[];
  };
  nutrition: { per100g: Nutrition; portion: Nutrition };
  label: { ingredients: string; contains: string[]; netG: number };
}

function pricesOf(prices: readonly Price[], larder: Larder): Map<string, Price> {
  return new Map(
    prices.map((price, i) => {
      const found = resolveIngredient(larder, price.ingredient);
      if (!found.ok) throw new BadInput(`prices[${i}].ingredient`, found.message);
      return [found.value.id, { ...price, ingredient: found.value.id }];
    }),
  );
}

/**
 * What a batch made, given as plain JSON (docs/format.md): where it went, what it fills, costs and holds.
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function batchRequest(value: unknown): BatchAnswer {
  const request = checked(batchSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { conditions } = requestKitchen(request, larder, parts);
  const prices = pricesOf(request.prices ?? [], larder);
  // where prices are given, what has none is missing; where none is, all of them are the larder's
  const ownOnly = request.prices !== undefined;
  const costOf = (some: Parameters<typeof batchCost>[0]) => batchCost(some, prices, ownOnly);
  const { weighedG, tastings, lost, containers, portionG } = request;
  const made = batchOf(parts, conditions, containers, {
    ...{ tastings, seen: lost },
    ...(weighedG === undefined ? {} : { weighedG }),
  });
  const { inG, losses, yieldG, fills, leftG, oilG, allergens } = made;
  const oil = larder.get(everyday.oil);
  const sealed = oil && oilG > 0 ? [{ ingredient: oil, massG: oilG }] : [];
  const cost = costOf([...parts, ...sealed]);
  const dipCost = costOf(parts).batch;
  const perG = yieldG > 0 ? dipCost / yieldG : 0;
  const oilPerG = oil && oilG > 0 ? costOf(sealed).batch / oilG : 0;
  const inBowl = parts.filter(({ place }) => place !== 'top');
  const per100g = scaledNutrition(nutritionOf(inBowl), 100 / Math.max(1e-9, dipMass(parts)));
  const items = labelItems([...parts, ...sealed], undefined, lost.evaporated ?? 0);
  return {
    ...{ inG, losses, yieldG, fills, leftG, oilG, allergens },
    cost: {
      batch: cost.batch,
      portion: perG * portionG,
      per100g: perG * 100,
      containers: fills.map(({ name, g: each }, i) => ({
        name,
        each: perG * each + oilPerG * (containers[i]?.oilSealG ?? 0),
      })),
      drivers: cost.drivers,
      missing: cost.missing,
      guessed: cost.guessed,
    },
    nutrition: { per100g, portion: scaledNutrition(per100g, portionG / 100) },
    label: {
      ingredients: labelText(items),
      contains: labelAllergens(items),
      netG: fills.find(({ full }) => full > 0)?.g ?? yieldG,
    },
  };
}
