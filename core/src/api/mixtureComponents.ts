import Joi from 'joi';

/** Something of a mixture with its limits, as shares of all of them. */
export interface RequestedComponent {
  ingredient: string;
  min: number;
  max: number;
}

export const share = Joi.number().min(0).max(1);

/** Two to five of them. */
export const componentsSchema = Joi.array()
  .items(
    Joi.object<RequestedComponent>({
      ingredient: Joi.string().min(1).max(120).required(),
      min: share.default(0),
      max: share.default(1),
    }),
  )
  .min(2)
  .max(5)
  .required();
