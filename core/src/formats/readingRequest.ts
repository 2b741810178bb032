import Joi from 'joi';
import { bodyWords } from '../body/words';
import { standsBelow } from '../reading/ringTest';
import { type Reading, type ReadingTaken, takeReading } from '../reading/takeReading';
import { BadInput, checked } from './fieldError';

const length = Joi.number().min(1).max(1000);

const schema = Joi.object<ReadingTaken>({
  eye: Joi.string().valid(...bodyWords),
  ring: Joi.object({
    diameterMm: length.required(),
    heightMm: Joi.number().min(0).max(1000),
    ringMm: length.default(50),
    ringHeightMm: length.default(50),
    densityGPerMl: Joi.number().min(0.2).max(2).default(1.05),
  }),
  press: Joi.object({
    diameterMm: length.required(),
    loadG: Joi.number().min(1).max(50_000).default(500),
    volumeMl: Joi.number().min(0.1).max(1000).default(5),
    coarse: Joi.boolean().default(false),
  }),
})
  .xor('eye', 'ring', 'press')
  .required();

/**
 * Reads a ring test, a press test or an eye reading given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function readingRequest(value: unknown): Reading {
  const taken = checked(schema, value);
  if ('ring' in taken) {
    const { diameterMm, heightMm, ringMm, ringHeightMm } = taken.ring;
    if (diameterMm < ringMm) {
      throw new BadInput('ring.diameterMm', 'It can’t have spread to less than the ring.');
    }
    if (heightMm !== undefined && heightMm > ringHeightMm) {
      throw new BadInput('ring.heightMm', 'It can’t stand taller than the ring.');
    }
    if (heightMm === undefined && diameterMm < standsBelow * ringMm) {
      throw new BadInput(
        'ring.heightMm',
        `Below ${standsBelow * ringMm} mm of spread the height left standing is needed.`,
      );
    }
  }
  return takeReading(taken);
}
