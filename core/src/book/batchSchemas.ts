import Joi from 'joi';
import { lossCauses } from '../batch/losses';
import { families } from '../mix/families';
import { type Batch, batchAgains, keptWells, type Pot, potEnds, potPlaces } from './batch';
import type { KeptContainer } from './container';
import type { KeptPrice } from './price';
import { localDate, moment } from './realTimes';
import { id, mass, text, trialRow } from './rowSchemas';

const name = Joi.string().min(1).max(200);

const pot = Joi.object<Pot>({
  id: id.required(),
  name: name.required(),
  g: mass.required(),
  oilG: mass.required(),
  place: Joi.string()
    .valid(...potPlaces)
    .required(),
  outMin: Joi.number().min(0).max(1_000_000).required(),
  outSince: moment.allow(null).required(),
  openedOn: localDate,
  frozenOn: localDate,
  thawedOn: localDate,
  taken: Joi.array()
    .items(Joi.object({ g: mass.required(), on: localDate.required(), into: id.required() }))
    .max(500),
  gone: Joi.object({
    how: Joi.string()
      .valid(...potEnds)
      .required(),
    on: localDate.required(),
    why: text(200).required(),
  })
    .allow(null)
    .required(),
});

export const batchSchema = Joi.object<Batch>({
  id: id.required(),
  code: Joi.string().min(1).max(40).required(),
  dipId: id.required(),
  name: name.required(),
  trialId: id.allow(null).required(),
  thing: Joi.object({
    ingredientId: id.required(),
    keepDays: Joi.number().integer().min(0).max(365).required(),
  }),
  family: Joi.string()
    .valid(...families)
    .required(),
  machineId: id.required(),
  madeAt: moment.required(),
  madeOn: localDate.required(),
  rows: Joi.array().items(trialRow).max(400).required(),
  inG: mass.required(),
  yieldG: mass.required(),
  weighed: Joi.boolean().required(),
  losses: Joi.array()
    .items(
      Joi.object({
        cause: Joi.string()
          .valid(...lossCauses)
          .required(),
        g: Joi.number().min(-1_000_000).max(1_000_000).required(),
      }),
    )
    .max(20)
    .required(),
  portionG: Joi.number().positive().max(10_000).required(),
  tastings: Joi.number().integer().min(0).max(1000),
  cooledMin: Joi.number().min(0).max(10_000),
  workMin: Joi.number().min(0).max(10_000),
  uses: Joi.array()
    .items(
      Joi.object({
        name: name.required(),
        code: text(40).required(),
        madeOn: localDate.required(),
        fridgeDays: Joi.number().integer().min(0).max(365).required(),
      }),
    )
    .max(50)
    .required(),
  pots: Joi.array().items(pot).unique('id').max(500).required(),
  kept: Joi.object({
    how: Joi.string()
      .valid(...keptWells)
      .required(),
    days: Joi.number().integer().min(0).max(3650).required(),
  })
    .allow(null)
    .required(),
  again: Joi.string().valid(...batchAgains),
});

export const containerSchema = Joi.object<KeptContainer>({
  id: id.required(),
  name: name.required(),
  ml: Joi.number().positive().max(100_000).required(),
  tareG: mass.allow(null).required(),
  count: Joi.number().integer().min(0).max(10_000).required(),
});

export const priceSchema = Joi.object<KeptPrice>({
  id: id.required(),
  ingredientId: id.required(),
  price: Joi.number().min(0).max(1_000_000).required(),
  forAmount: text(200).required(),
  forG: Joi.number().positive().max(1_000_000).required(),
  shop: text(200).required(),
  on: localDate.required(),
});
