import Joi from 'joi';
import { ownIngredientSchema } from '../larder/ingredientSchema';
import { type BookTables, listedTables, type TableName } from './book';
import {
  byproductSchema,
  dipSchema,
  planSchema,
  runSchema,
  settingsSchema,
  stockSchema,
  swapSchema,
  timerSchema,
  trialSchema,
  yieldSchema,
} from './recordSchemas';
import { designSchema } from './designSchema';
import { ladderSchema } from './ladderSchema';
import { lineageSchema } from './lineageSchema';
import { photoSchema } from './photoSchema';
import { practiceSchema } from './practiceSchema';
import { tastingSchema } from './tastingSchema';
import { thingSchema } from './thingSchema';
import { batchSchema, containerSchema, priceSchema } from './batchSchemas';
import { moment } from './realTimes';

/** What a file and the database need to know of a table. How its records change stands in `migrations.ts`. */
export interface Table<T> {
  /** A record of the present version. */
  schema: Joi.Schema<T>;
  /** Records a file may hold. */
  most: number;
  /** Version of the book that first had it. */
  since: number;
}

export const tables: { readonly [T in TableName]: Table<BookTables[T]> } = {
  settings: { schema: settingsSchema, most: 1, since: 1 },
  larder: { schema: ownIngredientSchema, most: 2000, since: 1 },
  dips: { schema: dipSchema, most: 20_000, since: 1 },
  trials: { schema: trialSchema, most: 100_000, since: 1 },
  runs: { schema: runSchema, most: 1000, since: 1 },
  plans: { schema: planSchema, most: 1000, since: 4 },
  stock: { schema: stockSchema, most: 2000, since: 4 },
  yields: { schema: yieldSchema, most: 20_000, since: 4 },
  byproducts: { schema: byproductSchema, most: 20_000, since: 5 },
  timers: { schema: timerSchema, most: 1000, since: 5 },
  swaps: { schema: swapSchema, most: 20_000, since: 12 },
  batches: { schema: batchSchema, most: 20_000, since: 14 },
  containers: { schema: containerSchema, most: 500, since: 14 },
  prices: { schema: priceSchema, most: 20_000, since: 14 },
  things: { schema: thingSchema, most: 500, since: 15 },
  tastings: { schema: tastingSchema, most: 2000, since: 17 },
  designs: { schema: designSchema, most: 1000, since: 17 },
  ladders: { schema: ladderSchema, most: 1000, since: 18 },
  practices: { schema: practiceSchema, most: 5000, since: 18 },
  photos: { schema: photoSchema, most: 20_000, since: 19 },
};

/** A book file as docs/format.md describes it, at the present version. */
export const bookFileSchema = Joi.object({
  format: Joi.string().valid('cobbet-book').required(),
  version: Joi.number().integer().required(),
  exportedAt: moment.required(),
  settings: tables.settings.schema.required(),
  lineage: lineageSchema,
  ...Object.fromEntries(
    listedTables.map((name) => {
      const { schema, most } = tables[name];
      return [name, Joi.array().items(schema).max(most).required()];
    }),
  ),
}).required();
