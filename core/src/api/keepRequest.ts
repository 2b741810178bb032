import Joi from 'joi';
import { checked } from '../book/fieldError';
import { localDate } from '../book/realTimes';
import { analyse } from '../dip/analyse';
import { type OnDay, overDays } from '../dip/overDays';
import { everyday } from '../larder/everyday';
import type { Larder } from '../larder/larder';
import { type Family, families } from '../mix/families';
import type { Part } from '../mix/part';
import { type Keeping, keepingOf, type UsedMade } from '../safety/keeping';
import { dipKeys, type DipRequest, partKeys, requestLarder, requestParts } from './dipRequest';
import { requestKitchen } from './requestKitchen';

interface KeepRequest extends DipRequest {
  family: Family;
  madeOn?: string;
  uses: UsedMade[];
  oilOnTop: boolean;
  outMin: number;
  cooledMin: number;
  hot: boolean;
  frozenOn?: string;
  thawedOn?: string;
}

const keepSchema = Joi.object<KeepRequest>({
  ...dipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
  family: Joi.string()
    .valid(...families)
    .default('pulse'),
  madeOn: localDate,
  uses: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().min(1).max(200).required(),
        madeOn: localDate.required(),
        fridgeDays: Joi.number().integer().min(0).max(365).required(),
      }),
    )
    .max(50)
    .default([]),
  oilOnTop: Joi.boolean().default(false),
  outMin: Joi.number().min(0).max(100_000).default(0),
  cooledMin: Joi.number().min(0).max(100_000).default(0),
  hot: Joi.boolean().default(false),
  frozenOn: localDate,
  thawedOn: localDate,
}).required();

/** How long it may be kept, as it is answered. */
interface KeepAnswer extends Omit<Keeping, 'useBy' | 'frozenUntil'> {
  useBy?: string;
  days: OnDay[];
  cautions: { id: string; message: string }[];
}

/** Where no day is given, days are counted from this one and no date is said. */
const anyDay = '2000-01-01';

/** Oil as it is poured to keep a dip: enough to be told from a drizzle, a share of it. */
const sealShare = 0.06;

function withOil(parts: readonly Part[], larder: Larder): Part[] {
  const oil = larder.get(everyday.oil);
  const massG = sealShare * parts.reduce((sum, part) => sum + part.massG, 0);
  return oil ? [...parts, { ingredient: oil, massG, cv: 0.1, place: 'top' }] : [...parts];
}

/**
 * How long a dip may be kept, given as plain JSON (docs/format.md): days, why no longer, freezing, and how it will be day by day.
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function keepRequest(value: unknown): KeepAnswer {
  const request = checked(keepSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { conditions } = requestKitchen(request, larder, parts);
  const { family, madeOn, uses, oilOnTop, outMin, cooledMin, hot, frozenOn, thawedOn } = request;
  const stored = oilOnTop ? withOil(parts, larder) : parts;
  const { waterOutside, cautions } = analyse(stored, conditions);
  const {
    useBy,
    frozenUntil: _until,
    ...keeping
  } = keepingOf({
    ...{ family, parts, uses, outMin, cooledMin, hot, madeOn: madeOn ?? anyDay },
    underOil: oilOnTop || waterOutside < 0.5,
    ...(frozenOn === undefined ? {} : { frozenOn }),
    ...(thawedOn === undefined ? {} : { thawedOn }),
  });
  return {
    ...keeping,
    ...(madeOn !== undefined && useBy !== null ? { useBy } : {}),
    days: overDays(parts, conditions, keeping.fridgeDays),
    cautions: cautions.map(({ id, message }) => ({ id, message })),
  };
}
