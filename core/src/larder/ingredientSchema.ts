import Joi from 'joi';
import {
  compositionKeys,
  confidences,
  type Ingredient,
  type OwnIngredient,
  roles,
  sourceKinds,
  structures,
} from './ingredient';
import { hazards, settingFats, storedPlaces } from './traits';

const grams = Joi.number().min(0).max(100);
const units = Joi.number().min(0).max(100);

const range = Joi.object({
  low: Joi.number().min(0).max(10_000).required(),
  typical: Joi.number().positive().max(10_000).required(),
  high: Joi.number().positive().max(10_000).required(),
}).allow(null);
const fitsDiet = Joi.alternatives(Joi.boolean(), Joi.string().valid('check'));
const kind = Joi.string().min(1).max(60);

const traits = {
  kind,
  hazards: Joi.array()
    .items(Joi.string().valid(...hazards))
    .unique()
    .max(hazards.length),
  settingFat: Joi.string()
    .valid(...settingFats)
    .allow(null),
  sesameShare: Joi.number().min(0).max(1),
  pigment: Joi.object({
    hex: Joi.string()
      .pattern(/^#[0-9a-f]{6}$/, 'a colour such as #d9c79d')
      .required(),
    strength: Joi.number().min(0).max(20).required(),
  }).allow(null),
  browns: Joi.number().min(0).max(1),
  freshRaw: Joi.boolean(),
  keepsDays: Joi.number().integer().min(1).max(60).allow(null),
  stored: Joi.string().valid(...storedPlaces),
  bunchG: range,
  canShare: range,
  cannedAs: kind.allow(null),
  cookedAs: kind.allow(null),
  boughtReady: Joi.boolean(),
  fruity: Joi.boolean(),
  strewnSalt: Joi.boolean(),
  grains: Joi.boolean(),
  measuredPacked: Joi.boolean(),
  morePieces: Joi.object().pattern(Joi.string().max(40), Joi.number().positive().max(10_000)),
  saltCv: Joi.number().min(0).max(2),
  smoky: Joi.boolean(),
  saturatesG: Joi.number().min(0).max(100).allow(null),
  soldAs: Joi.object({
    pack: Joi.string().min(1).max(40).required(),
    g: Joi.number().positive().max(100_000).required(),
  }).allow(null),
};

const facts = {
  ...traits,
  name: Joi.string().min(1).max(120),
  role: Joi.string().valid(...roles),
  structure: Joi.string().valid(...structures),
  ...Object.fromEntries(compositionKeys.map((key) => [key, grams])),
  densityGPerMl: Joi.number().min(0.02).max(3),
  measureNote: Joi.string().allow('').max(200),
  season: Joi.object({
    from: Joi.number().integer().min(1).max(12).required(),
    to: Joi.number().integer().min(1).max(12).required(),
  }).allow(null),
  pieceName: Joi.string().allow(null).max(60),
  packageG: Joi.number().positive().max(50_000),
  pieceG: Joi.number().positive().max(10_000).allow(null),
  allergens: Joi.array().items(Joi.string().min(1).max(40)).max(20),
  vegan: fitsDiet,
  vegetarian: fitsDiet,
  costHintEurPerKg: Joi.number().min(0).max(10_000),
  garlicUnits: units,
  heatUnits: units,
  bitterUnits: units,
  umamiUnits: units,
  aliases: Joi.array().items(Joi.string().min(1).max(60)).max(20),
  source: Joi.string().allow('').max(300),
  sourceKind: Joi.string().valid(...sourceKinds),
  confidence: Joi.string().valid(...confidences),
};

const id = Joi.string()
  .pattern(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'lower-case words joined by hyphens')
  .max(60)
  .required();

/** Facts without which an ingredient of its own can't be computed; the rest have harmless defaults. */
const needed = [
  'name',
  'role',
  'structure',
  'waterG',
  'fatG',
  'proteinG',
  'starchG',
  'sugarsG',
  'fibreG',
  'saltG',
  'acidG',
  'densityGPerMl',
] as const;

const defaults: Partial<Ingredient> = {
  ashG: 0,
  pieceName: null,
  pieceG: null,
  allergens: [],
  vegan: false,
  vegetarian: false,
  costHintEurPerKg: 0,
  garlicUnits: 0,
  heatUnits: 0,
  bitterUnits: 0,
  umamiUnits: 0,
};

/** The composition may not add up to more than the food weighs, give or take the rounding of tables. */
function sumWithin(value: Ingredient, helpers: Joi.CustomHelpers<Ingredient>) {
  const { waterG, fatG, proteinG, starchG, sugarsG, fibreG, saltG, acidG, ashG } = value;
  const sum = waterG + fatG + proteinG + starchG + sugarsG + fibreG + saltG + acidG + ashG;
  if (sum > 103) {
    return helpers.message({ custom: `the composition adds up to ${sum.toFixed(1)} g per 100 g` });
  }
  return value;
}

const whole = Joi.object<Ingredient>({ id, ...facts })
  .fork([...needed], (schema) => schema.required())
  .custom((value: Ingredient, helpers) =>
    sumWithin({ ...defaults, ...value }, helpers as Joi.CustomHelpers<Ingredient>),
  );

const like = Joi.object({ id, like: Joi.string().required(), ...facts });

/** A cook's own ingredient: whole, or `like` another with what differs. */
export const ownIngredientSchema: Joi.Schema<OwnIngredient> = Joi.any().when('.like', {
  is: Joi.exist(),
  then: like,
  otherwise: whole,
});
