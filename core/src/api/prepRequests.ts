import Joi from 'joi';
import { resolveIngredient } from '../larder/find';
import { shippedLarder } from '../larder/larder';
import { type Cooling, coolingWays, iceFor, minutesTo, usualAmbientC } from '../prepare/cool';
import { type Preparation, prepare, rawFor, routesTo } from '../prepare/prepare';
import { type PulseMethod, usualPulseMethod } from '../prepare/pulseMethod';
import { pulses } from '../prepare/pulses';
import { readRaw } from '../prepare/rawAmount';
import {
  longestWarmSoakH,
  needsFridge,
  warmSoak,
  readyAfterH,
  soakCurve,
  soakedVolumeRatio,
  uptake,
} from '../prepare/soak';
import { type MeasureSystem, measureSystems } from '../amounts/measureSystem';
import { readGrams } from '../amounts/toGrams';
import { coolingCautions } from '../safety/coolingCautions';
import { BadInput, checked } from '../book/fieldError';

interface PrepareRequest extends PulseMethod {
  ingredient: string;
  from: string;
  amount?: string;
  want?: string;
  measures: MeasureSystem;
}

const text = Joi.string().min(1).max(200);

const prepareSchema = Joi.object<PrepareRequest>({
  ingredient: text.required(),
  from: text.required(),
  amount: text,
  want: text,
  measures: Joi.string()
    .valid(...measureSystems)
    .default('us'),
  soak: Joi.string().valid('overnight', 'hot', 'none').default(usualPulseMethod.soak),
  soda: Joi.boolean().default(usualPulseMethod.soda),
  pressure: Joi.boolean().default(usualPulseMethod.pressure),
  skinsOff: Joi.boolean().default(usualPulseMethod.skinsOff),
})
  .xor('amount', 'want')
  .required();

/**
 * What a raw amount gives, or how much raw a ready amount needs, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function prepareRequest(value: unknown): Preparation {
  const { ingredient, from, amount, want, measures, ...method } = checked(prepareSchema, value);
  const found = resolveIngredient(shippedLarder, ingredient);
  if (!found.ok) throw new BadInput('ingredient', found.message);
  const routes = routesTo(found.value, method);
  if (routes.length === 0) {
    throw new BadInput('ingredient', `${found.value.name} goes in as it is bought.`);
  }
  const route = routes.find((one) => one.from === from);
  if (!route) {
    const ways = [...new Set(routes.map((one) => one.from))].join(', ');
    throw new BadInput('from', `“${from}” is none of its ways: ${ways}.`);
  }
  if (want !== undefined) {
    const grams = readGrams(want, found.value, measures);
    if (!grams.ok) throw new BadInput('want', grams.error.message);
    if (!(grams.value.massG > 0)) throw new BadInput('want', 'It must be more than nothing.');
    return prepare(route, rawFor(route, grams.value.massG));
  }
  const raw = readRaw(amount ?? '', route, measures);
  if (!raw.ok) throw new BadInput('amount', raw.error.message);
  return prepare(route, raw.value.massG, raw.value.spread);
}

/** How far a pulse has soaked. */
export interface SoakAnswer {
  /** g water per g dry */
  uptake: number;
  /** Of what it can take, 0–1. */
  ofFull: number;
  readyAfterH: number;
  /** Bulk volume against the dry pulse's. */
  volumeRatio: number;
  cautions: string[];
}

const soakSchema = Joi.object<{ pulse: string; waterC: number; hours: number }>({
  pulse: text.required(),
  waterC: Joi.number().min(0).max(100).default(20),
  hours: Joi.number().min(0).max(240).required(),
}).required();

/**
 * How far a pulse has soaked, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function soakRequest(value: unknown): SoakAnswer {
  const { pulse: name, waterC, hours } = checked(soakSchema, value);
  const pulse = pulses.find(({ id, ingredientIds }) => id === name || ingredientIds.includes(name));
  if (!pulse) {
    throw new BadInput('pulse', `“${name}” is none of ${pulses.map(({ id }) => id).join(', ')}.`);
  }
  const curve = soakCurve(pulse);
  if (!curve) throw new BadInput('pulse', `${pulse.name} needs no soaking.`);
  const taken = uptake(curve, waterC, hours);
  const ofFull = taken * curve.k2;
  return {
    uptake: taken,
    ofFull,
    readyAfterH: readyAfterH(curve, waterC),
    volumeRatio: soakedVolumeRatio(pulse, ofFull),
    cautions: [
      ...(needsFridge(waterC, hours)
        ? [
            `Soak it in the fridge: over ${longestWarmSoakH} hours, or over ${warmSoak.hours} in a kitchen above ${warmSoak.aboveC} °C, it ferments on the side.`,
          ]
        : []),
      ...(pulse.hazards === '' ? [] : [pulse.hazards]),
    ],
  };
}

/** When a pan has cooled to each mark; null where it never does. */
export interface CoolAnswer {
  /** g of ice a bath takes to bring so much to 5 °C; left out where no mass is said or it is not on ice. */
  iceG?: number;
  minutesTo: Record<'30' | '21' | '5', number | null>;
  cautions: string[];
}

const coolSchema = Joi.object<Cooling & { massG?: number }>({
  depthMm: Joi.number().min(1).max(1000).required(),
  startC: Joi.number().min(-5).max(110).required(),
  ambientC: Joi.number().min(-40).max(60),
  how: Joi.string()
    .valid(...coolingWays)
    .default('air'),
  open: Joi.boolean(),
  massG: Joi.number().positive().max(100_000),
}).required();

/**
 * How long a pan takes to cool, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function coolRequest(value: unknown): CoolAnswer {
  const { massG, ...asked } = checked(coolSchema, value);
  const cooling = { ...asked, ambientC: asked.ambientC ?? usualAmbientC[asked.how] };
  const onIce = cooling.how === 'ice-bath' || cooling.how === 'ice-now-and-then';
  return {
    ...(massG !== undefined && onIce ? { iceG: iceFor(massG, cooling.startC, 5) } : {}),
    minutesTo: {
      '30': minutesTo(cooling, 30),
      '21': minutesTo(cooling, 21),
      '5': minutesTo(cooling, 5),
    },
    cautions: coolingCautions(cooling),
  };
}
