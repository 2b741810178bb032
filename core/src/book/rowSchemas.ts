import Joi from 'joi';
import { mostFillings, type OpenRole, type Row, type WorkedIn, workings } from '../dip/dip';
import { garlicForms, goesInC, places } from '../mix/part';
import type { RawWay } from '../prepare/rawWay';
import type { TrialRow } from './trialRow';

export const id = Joi.string().min(1).max(80);
export const text = (most: number) => Joi.string().allow('').max(most);
export const mass = Joi.number().min(0).max(1_000_000);

const place = Joi.string().valid(...places);
const garlic = {
  garlicForm: Joi.string().valid(...Object.keys(garlicForms)),
  germOut: Joi.boolean(),
};

const atC = Joi.number().min(goesInC.low).max(goesInC.high);

const rawWay = Joi.object<RawWay>({
  from: id.required(),
  soak: Joi.string().valid('overnight', 'hot', 'none'),
  soda: Joi.boolean(),
  pressure: Joi.boolean(),
  skinsOff: Joi.boolean(),
  saltG: Joi.number().min(0).max(350),
  stalkShare: Joi.number().min(0).max(0.5),
  wet: Joi.string().valid('spun', 'shaken'),
}).allow(null);

export const workedIn = Joi.object<WorkedIn>({
  how: Joi.string()
    .valid(...workings)
    .required(),
  minutes: Joi.number().positive().max(120).allow(null).required(),
  lookFor: text(300).required(),
});

const openRole = Joi.object<OpenRole>({
  said: Joi.string().min(1).max(100).required(),
  among: Joi.array().items(id).unique().max(mostFillings).required(),
});

export const row = Joi.object<Row>({
  id: id.required(),
  ingredientId: id.required(),
  amount: text(200).required(),
  place: place.required(),
  prep: text(300).required(),
  hold: Joi.boolean().required(),
  min: text(200),
  max: text(200),
  sure: text(200),
  noSubstitute: text(200),
  open: openRole,
  atC,
  raw: rawWay,
  worked: workedIn,
  ...garlic,
});

export const trialRow = Joi.object<TrialRow>({
  ingredientId: id.required(),
  planned: text(200).allow(null).required(),
  amount: text(200).required(),
  massG: mass.required(),
  cv: Joi.number().min(0).max(10).required(),
  place: place.required(),
  atC,
  raw: rawWay,
  ...garlic,
});
