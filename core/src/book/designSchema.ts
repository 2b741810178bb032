import Joi from 'joi';
import { mixtureModels } from '../design/mixtureModel';
import type { DesignTrial, MixtureComponent, MixtureDesign } from '../design/mixtureDesign';
import { moment } from './realTimes';
import { id, mass, text } from './rowSchemas';

const share = Joi.number().min(0).max(1);
const mostComponents = 5;
const shares = Joi.array().items(share).min(2).max(mostComponents);

/** A design; every mixture in it has a share for each component. */
export const designSchema = Joi.object<MixtureDesign>({
  id: id.required(),
  dipId: id.required(),
  name: Joi.string().min(1).max(200).required(),
  response: Joi.string().min(1).max(60).required(),
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
  model: Joi.string()
    .valid(...mixtureModels)
    .required(),
  efficiency: Joi.number().min(0).max(1).required(),
  cut: Joi.array().items(shares).max(200).required(),
  trials: Joi.array()
    .items(
      Joi.object<DesignTrial>({
        id: id.required(),
        shares: shares.required(),
        amounts: Joi.array()
          .items(Joi.object({ rowId: id.required(), amount: text(200).required() }))
          .max(400)
          .required(),
        massG: mass.required(),
        y: Joi.number().min(-1e6).max(1e6).allow(null).required(),
      }),
    )
    .unique('id')
    .max(100)
    .required(),
  createdAt: moment.required(),
}).custom((design: MixtureDesign, helpers) => {
  const many = design.components.length;
  const all = [...design.cut, ...design.trials.map((trial) => trial.shares)];
  return all.every((one) => one.length === many)
    ? design
    : helpers.message({ custom: 'a mixture in it has no share for each component' });
});
