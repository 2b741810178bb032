import Joi from 'joi';
import type { Ladder, LadderStep } from '../design/ladder';
import { moment } from './realTimes';
import { id, mass, text } from './rowSchemas';

/** A ladder of one thing. */
export const ladderSchema = Joi.object<Ladder>({
  id: id.required(),
  dipId: id.required(),
  rowId: id.required(),
  ingredientId: id.required(),
  name: Joi.string().min(1).max(200).required(),
  response: Joi.string().min(1).max(60).required(),
  bowlG: Joi.number().greater(0).max(100_000).required(),
  steps: Joi.array()
    .items(
      Joi.object<LadderStep>({
        id: id.required(),
        amount: text(200).required(),
        massG: mass.required(),
        y: Joi.number().min(-1e6).max(1e6).allow(null).required(),
      }),
    )
    .unique('id')
    .min(2)
    .max(12)
    .required(),
  createdAt: moment.required(),
});
