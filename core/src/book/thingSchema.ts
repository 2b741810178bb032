import Joi from 'joi';
import { offKinds } from '../batch/splitMass';
import { mostRows } from '../dip/dip';
import { moment } from './realTimes';
import { id, row, text } from './rowSchemas';
import { stepPlaces, type Thing, type ThingProduct, type ThingStep } from './thing';

const product = {
  name: Joi.string().min(1).max(200).required(),
  like: id.required(),
  share: Joi.number().min(0).max(1).required(),
};
const minutes = Joi.number().min(0).max(20_000).required();

/** A thing made here; together it gives no more than went in. */
export const thingSchema = Joi.object<Thing>({
  id: id.required(),
  name: Joi.string().min(1).max(200).required(),
  rows: Joi.array().items(row).unique('id').max(mostRows).required(),
  stays: Joi.object<ThingProduct>(product).required(),
  off: Joi.object({
    ...product,
    kind: Joi.string()
      .valid(...offKinds)
      .required(),
  })
    .allow(null)
    .required(),
  steps: Joi.array()
    .items(
      Joi.object<ThingStep>({
        label: text(300).required(),
        handsOnMin: minutes,
        waitMin: minutes,
        on: Joi.string()
          .valid(...stepPlaces)
          .required(),
      }),
    )
    .max(40)
    .required(),
  keepDays: Joi.number().integer().min(0).max(365).required(),
  note: text(4000).required(),
  createdAt: moment.required(),
}).custom((thing: Thing, helpers) =>
  thing.stays.share + (thing.off?.share ?? 0) > 1.0001
    ? helpers.message({ custom: 'it gives more than went in' })
    : thing,
);
