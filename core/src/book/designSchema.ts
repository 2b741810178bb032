import Joi from 'joi';
import { goalSchema } from '../design/goalSchema';
import { mixtureModels } from '../design/mixtureModel';
import {
  type DesignResponse,
  type DesignTrial,
  type MixtureComponent,
  type MixtureDesign,
  mostResponses,
} from '../design/mixtureDesign';
import type { MixturePoint } from '../design/mixturePoint';
import { mostVaried } from '../design/variedFigure';
import { variesSchema } from '../design/variesSchema';
import { moment } from './realTimes';
import { id, mass, text } from './rowSchemas';

const share = Joi.number().min(0).max(1);
const mostComponents = 5;
const shares = Joi.array().items(share).min(2).max(mostComponents);
const levels = Joi.array().items(share).min(1).max(mostVaried);
const response = Joi.string().min(1).max(60);
const furthest = 1e6;
const figure = Joi.number().min(-furthest).max(furthest);

/** A design; every mixture in it has a share for each component, and a level for each figure that is varied. */
export const designSchema = Joi.object<MixtureDesign>({
  id: id.required(),
  dipId: id.required(),
  name: Joi.string().min(1).max(200).required(),
  responses: Joi.array()
    .items(
      Joi.object<DesignResponse>({
        name: response.required(),
        goal: goalSchema(furthest).required(),
        from: Joi.string().valid('likings', 'chilled-readings'),
      }),
    )
    .unique('name')
    .min(1)
    .max(mostResponses)
    .required(),
  components: Joi.array()
    .items(
      Joi.object<MixtureComponent>({
        rowId: id.required(),
        ingredientId: id.required(),
        min: share.required(),
        max: share.required(),
      }),
    )
    .unique('rowId')
    .min(2)
    .max(mostComponents)
    .required(),
  varies: variesSchema.min(1),
  model: Joi.string()
    .valid(...mixtureModels)
    .required(),
  efficiency: Joi.number().min(0).max(1).required(),
  cut: Joi.array()
    .items(Joi.object<MixturePoint>({ shares: shares.required(), levels }))
    .max(2000)
    .required(),
  trials: Joi.array()
    .items(
      Joi.object<DesignTrial>({
        id: id.required(),
        shares: shares.required(),
        levels,
        amounts: Joi.array()
          .items(Joi.object({ rowId: id.required(), amount: text(200).required() }))
          .max(400)
          .required(),
        massG: mass.required(),
        marks: Joi.object().pattern(response, figure).max(mostResponses).required(),
        day: Joi.number().integer().min(1).max(100),
        made: Joi.object({
          kind: Joi.string().valid('run', 'trial').required(),
          id: id.required(),
        }),
      }),
    )
    .unique('id')
    .max(100)
    .required(),
  createdAt: moment.required(),
}).custom((design: MixtureDesign, helpers) => {
  const many = design.components.length;
  const levelled = design.varies?.length ?? 0;
  const all = [...design.cut, ...design.trials];
  if (!all.every((one) => one.shares.length === many)) {
    return helpers.message({ custom: 'a mixture in it has no share for each component' });
  }
  return all.every((one) => (one.levels?.length ?? 0) === levelled)
    ? design
    : helpers.message({ custom: 'a mixture in it has no level for each figure that is varied' });
});
