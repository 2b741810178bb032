import Joi from 'joi';
import { roles } from '../larder/ingredient';
import { type Rule, type RuleSide, ruleMeasures, ruleSenses } from '../mix/rule';
import { id } from './rowSchemas';

const some = (one: Joi.Schema) => Joi.array().items(one).min(1).max(200).required();

const side = Joi.alternatives().try(
  Joi.object<RuleSide>({ rows: some(id) }),
  Joi.object<RuleSide>({ roles: some(Joi.string().valid(...roles)) }),
  Joi.object<RuleSide>({ whole: Joi.boolean().valid(true).required() }),
);

/** What holds between rows of a dip. */
export const ruleSchema = Joi.object<Rule>({
  id: id.required(),
  said: Joi.string().min(1).max(200).required(),
  of: side.required(),
  sense: Joi.string()
    .valid(...ruleSenses)
    .required(),
  times: Joi.number().positive().max(1000).required(),
  to: side.required(),
  by: Joi.string()
    .valid(...ruleMeasures)
    .required(),
});
