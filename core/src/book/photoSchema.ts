import Joi from 'joi';
import type { MeasuredSpread } from '../picture/measuredSpread';
import type { PicturePoint } from '../picture/picturePoint';
import { type Photo, photoTables } from './photo';
import { moment } from './realTimes';
import { id, text } from './rowSchemas';

const pixels = Joi.number().min(-20_000).max(20_000);
const length = Joi.number().min(0).max(2000);

const rim = Joi.array()
  .items(Joi.object<PicturePoint>({ xPx: pixels.required(), yPx: pixels.required() }))
  .min(3)
  .max(100)
  .required();

const measured = Joi.object<MeasuredSpread>({
  test: Joi.string().valid('ring', 'press').required(),
  knownMm: length.required(),
  diameterMm: length.required(),
  sdMm: length.required(),
  known: rim,
  spread: rim,
});

/** What is known of a picture; the picture itself is kept beside the book. */
export const photoSchema = Joi.object<Photo>({
  id: id.pattern(/^[\w-]+$/, 'letters, figures and hyphens').required(),
  of: Joi.string()
    .valid(...photoTables)
    .required(),
  ofId: id.required(),
  step: Joi.string().min(1).max(200),
  note: text(2000).required(),
  widthPx: Joi.number().integer().min(1).max(20_000).required(),
  heightPx: Joi.number().integer().min(1).max(20_000).required(),
  bytes: Joi.number().integer().min(1).max(50_000_000).required(),
  takenAt: moment.required(),
  measured,
});
