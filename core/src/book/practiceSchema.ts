import Joi from 'joi';
import { levels } from '../practice/hiddenBowl';
import type { Practice, PracticeStep } from '../practice/practice';
import { verdicts } from '../readings/tastes';
import { moment } from './realTimes';
import { id, mass, text } from './rowSchemas';

const body = Joi.number().min(-20).max(30);
const verdict = Joi.string().valid(...verdicts);

const stepSchema = Joi.object<PracticeStep>({
  ingredientId: id.required(),
  amount: text(200).required(),
  massG: mass.required(),
  guess: Joi.object({ body, salt: verdict, sour: verdict }).required(),
  from: body.allow(null).required(),
  came: Joi.object({
    body: body.allow(null).required(),
    sides: Joi.object({
      body: verdict.required(),
      salt: verdict.required(),
      sour: verdict.required(),
    }).required(),
  }).required(),
  modelled: body.allow(null).required(),
  at: moment.required(),
});

/** A practice bowl: which one it is, and what went in. What stands in it is not kept, since its number tells. */
export const practiceSchema = Joi.object<Practice>({
  id: id.required(),
  bowl: Joi.alternatives(
    Joi.object({ written: id.required() }),
    Joi.object({
      level: Joi.number()
        .valid(...levels)
        .required(),
      seed: Joi.number().integer().min(1).max(999).required(),
    }),
  ).required(),
  name: Joi.string().min(1).max(200).required(),
  steps: Joi.array().items(stepSchema).max(50).required(),
  endedAt: moment.allow(null).required(),
  startedAt: moment.required(),
});
