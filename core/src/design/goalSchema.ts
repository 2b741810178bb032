import Joi from 'joi';

/**
 * What is wanted of a response.
 *
 * @param furthest a figure to come near lies within so much of none
 */
export const goalSchema = (furthest: number) =>
  Joi.alternatives(
    Joi.string().valid('more', 'less'),
    Joi.object({ near: Joi.number().min(-furthest).max(furthest).required() }),
  );
