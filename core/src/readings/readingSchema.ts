import Joi from 'joi';
import { bodyWords } from '../mix/bodyWords';
import type { ReadingTaken } from './takeReading';

const length = Joi.number().min(1).max(1000);

/** A ring test, a press test or an eye reading; exactly one of them. */
export const readingSchema = Joi.object<ReadingTaken>({
  eye: Joi.string().valid(...bodyWords),
  ring: Joi.object({
    diameterMm: length.required(),
    widthSdMm: Joi.number().min(0).max(500),
    heightMm: Joi.number().min(0).max(1000),
    ringMm: length.default(50),
    ringHeightMm: length.default(50),
    densityGPerMl: Joi.number().min(0.2).max(2).default(1.05),
  }),
  press: Joi.object({
    diameterMm: length.required(),
    widthSdMm: Joi.number().min(0).max(500),
    loadG: Joi.number().min(1).max(50_000).default(500),
    volumeMl: Joi.number().min(0.1).max(1000).default(5),
    coarse: Joi.boolean().default(false),
  }),
}).xor('eye', 'ring', 'press');
