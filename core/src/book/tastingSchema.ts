import Joi from 'joi';
import {
  jarNames,
  mostSamples,
  mostSeats,
  sampleSources,
  type Tasting,
  tastingKinds,
  type TastingMark,
  type TastingPot,
  type TastingSample,
  type TastingSeat,
} from '../taste/tasting';
import { moment } from './realTimes';
import { id, text } from './rowSchemas';

const name = Joi.string().min(1).max(200);
const code = Joi.string().min(1).max(8);
/** Of a triangle each sample stands in two pots. */
const mostPots = 2 * mostSamples;
const jarName = Joi.string().valid(...jarNames);
const words = Joi.array().items(Joi.string().min(1).max(60)).unique().max(40);

const mark = Joi.object<TastingMark>({
  seatId: id.required(),
  code: code.required(),
  liking: Joi.number().integer().min(1).max(9),
  jar: Joi.object().pattern(jarName, Joi.number().integer().min(1).max(5)),
  words,
  note: text(500),
  chosen: Joi.boolean().valid(true),
  rank: Joi.number().integer().min(1).max(mostPots),
});

/** A tasting; whoever marks something in it is one of its seats, and what is marked one of its pots. */
export const tastingSchema = Joi.object<Tasting>({
  id: id.required(),
  name: name.required(),
  kind: Joi.string()
    .valid(...tastingKinds)
    .required(),
  blind: Joi.boolean().required(),
  asks: Joi.object({
    liking: Joi.boolean().required(),
    jar: Joi.array().items(jarName).unique().required(),
    words: words.required(),
    note: Joi.boolean().required(),
  }).required(),
  eatenWith: text(200).required(),
  atC: Joi.number().min(-10).max(80).allow(null).required(),
  guests: Joi.string().min(1).max(60),
  samples: Joi.array()
    .items(
      Joi.object<TastingSample>({
        id: id.required(),
        of: Joi.object({
          kind: Joi.string()
            .valid(...sampleSources)
            .required(),
          id: id.required(),
        }).required(),
        name: name.required(),
      }),
    )
    .unique('id')
    .min(1)
    .max(mostSamples)
    .required(),
  pots: Joi.array()
    .items(Joi.object<TastingPot>({ code: code.required(), sampleId: id.required() }))
    .unique('code')
    .min(1)
    .max(mostPots)
    .required(),
  seats: Joi.array()
    .items(
      Joi.object<TastingSeat>({
        id: id.required(),
        name: name.required(),
        order: Joi.array().items(code).max(mostPots).required(),
        done: Joi.boolean().required(),
      }),
    )
    .unique('id')
    .max(mostSeats)
    .required(),
  marks: Joi.array()
    .items(mark)
    .unique((a: TastingMark, b: TastingMark) => a.seatId === b.seatId && a.code === b.code)
    .max(mostSeats * mostPots)
    .required(),
  createdAt: moment.required(),
  closedAt: moment.allow(null).required(),
}).custom((tasting: Tasting, helpers) => {
  const samples = new Set(tasting.samples.map((one) => one.id));
  const codes = new Set(tasting.pots.map((pot) => pot.code));
  const seats = new Set(tasting.seats.map((seat) => seat.id));
  const fault =
    tasting.pots.some(({ sampleId }) => !samples.has(sampleId)) ||
    tasting.seats.some(({ order }) => order.some((one) => !codes.has(one))) ||
    tasting.marks.some((one) => !codes.has(one.code) || !seats.has(one.seatId));
  return fault
    ? helpers.message({ custom: 'it names a pot, a sample or a taster that is not in it.' })
    : tasting;
});
