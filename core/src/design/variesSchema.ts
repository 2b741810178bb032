import Joi from 'joi';
import { isBody } from '../mix/targets';
import { mostVaried, type VariedFigure, variedFigures } from './variedFigure';

/** No figure twice, and one body at most: those of other moments go along with it. */
const alike = (one: VariedFigure, other: VariedFigure) =>
  one.figure === other.figure || (isBody(one.figure) && isBody(other.figure));

/** Figures that are varied on purpose, with their ends. */
export const variesSchema = Joi.array()
  .items(
    Joi.object<VariedFigure>({
      figure: Joi.string()
        .valid(...variedFigures)
        .required(),
      low: Joi.number().min(-20).max(100).required(),
      high: Joi.number().greater(Joi.ref('low')).max(100).required(),
    }),
  )
  .unique(alike)
  .max(mostVaried);
