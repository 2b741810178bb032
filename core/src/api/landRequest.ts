import Joi from 'joi';
import { isBody, isRelative, type TargetName, targetNames, type Targets } from '../mix/targets';
import { dipKeys, type DipRequest, partKeys, type PartRequest } from './dipRequest';
import { BadInput } from '../book/fieldError';
import { rulesSchema } from './requestRules';

/** One wish: a number means ± 1 %, a pair its ends, either of them null for open. */
type TargetRequest = number | [number | null, number | null];

/** A part that can be held or limited. */
interface LandPartRequest extends PartRequest {
  hold?: boolean;
  min?: string;
  max?: string;
}

/** A dip to land, as the shell and HTTP take it. */
export interface LandRequest extends DipRequest {
  parts: LandPartRequest[];
  target: Partial<Record<TargetName, TargetRequest>>;
  kitchenMeasures: boolean;
  /** What holds between the parts, in words. */
  rules: string[];
}

const wish = (schema: Joi.NumberSchema) =>
  Joi.alternatives().try(
    schema,
    Joi.array().ordered(schema.allow(null).required(), schema.allow(null).required()).length(2),
  );

const body = Joi.number().min(0).max(14);
const share = Joi.number().min(0).max(100);
const size = Joi.number().min(0).max(1_000_000);

function wishFor(name: TargetName): Joi.Schema {
  if (isBody(name)) return wish(body);
  return wish(isRelative(name) ? size : share);
}

/** Wishes by target. */
export const targetSchema = Joi.object(
  Object.fromEntries(targetNames.map((name) => [name, wishFor(name)])),
);

export const landRequestSchema = Joi.object<LandRequest>({
  ...dipKeys,
  parts: Joi.array()
    .items(
      Joi.object({
        ...partKeys,
        hold: Joi.boolean(),
        min: Joi.string().min(1).max(200),
        max: Joi.string().min(1).max(200),
      }),
    )
    .min(1)
    .max(200)
    .required(),
  target: targetSchema.min(1).required(),
  kitchenMeasures: Joi.boolean().default(false),
  rules: rulesSchema,
}).required();

const singleNumberWithin = 0.01;

/**
 * A request's wishes as bands.
 *
 * @throws BadInput naming the target whose ends are the wrong way round or both open
 */
export function requestTargets(wanted: LandRequest['target']): Targets {
  const targets: Targets = {};
  for (const name of targetNames) {
    const value = wanted[name];
    if (value === undefined) continue;
    if (typeof value === 'number') {
      const by = Math.abs(value) * singleNumberWithin;
      targets[name] = { low: value - by, high: value + by };
      continue;
    }
    const [low, high] = value;
    if (low === null && high === null) {
      throw new BadInput(`target.${name}`, 'At least one end must be a number.');
    }
    if (low !== null && high !== null && low > high) {
      throw new BadInput(`target.${name}`, `The low end ${low} is above the high end ${high}.`);
    }
    targets[name] = { low, high };
  }
  return targets;
}
