import Joi from 'joi';
import type { Rates } from '../batch/cost';
import { type LabelSheet, sheetFault } from '../batch/labelSheets';
import { grinds } from '../mix/method';
import type { Machine } from '../kitchen/machines';
import { bodyNames } from '../mix/bodyMoments';
import { targetNames } from '../mix/targets';
import { readingSchema } from '../readings/readingSchema';
import { ringFault } from '../readings/ringFault';
import type { ReadingTaken } from '../readings/takeReading';
import { measureSystems } from '../amounts/measureSystem';
import { families } from '../mix/families';
import { amountViews, type Settings } from './book';
import type { Byproduct } from './byproduct';
import { type Dip, mostRows, mostRules, tastings } from '../dip/dip';
import type { Kit } from '../kitchen/kit';
import type { Plan } from '../day/plan';
import type { StockItem } from './stock';
import { localDate, localTime, moment } from './realTimes';
import type { Timer } from './timer';
import type { YieldResult } from '../prepare/yieldResult';
import { ruleSchema } from './ruleSchema';
import type { Run } from './run';
import { type KeptSwap, type SwapSide, swapVerdicts } from './keptSwap';
import { type Course, reasons } from './runEvents';
import { additionsIn, course } from './courseSchema';
import { id, mass, row, text, trialRow } from './rowSchemas';
import type { KeptReading } from '../readings/keptReading';
import type { Expected, Gate, SplitFrom, Trial } from './trial';
import { tastes, verdicts } from '../readings/tastes';

const mm = Joi.number().min(0).max(1000).required();
const labels = Joi.number().integer().min(1).max(40).required();
const ownSheet = Joi.object<LabelSheet>({
  name: Joi.string().min(1).max(100).required(),
  page: Joi.object({
    name: Joi.string().valid('own').required(),
    width: mm,
    height: mm,
  }).required(),
  ...{
    columns: labels,
    rows: labels,
    width: mm,
    height: mm,
    left: mm,
    top: mm,
    gapX: mm,
    gapY: mm,
  },
});

const method = Joi.object({
  grind: Joi.string()
    .valid(...grinds)
    .required(),
  blendC: Joi.number().min(-10).max(100),
  overrunPct: Joi.number().min(0).max(300).required(),
  streamed: Joi.boolean(),
  atOnce: Joi.boolean().valid(true),
  minutes: Joi.number().min(0).max(600),
});

const band = Joi.object({
  low: Joi.number().allow(null).required(),
  high: Joi.number().allow(null).required(),
});

const keptReading = Joi.object<KeptReading>({
  taken: readingSchema.required().custom((taken: ReadingTaken, helpers) => {
    const fault = 'ring' in taken ? ringFault(taken.ring) : null;
    return fault ? helpers.message({ custom: fault.message }) : taken;
  }),
  atC: Joi.number().min(-10).max(100).allow(null).required(),
  when: Joi.string().valid('machine', 'chilled').required(),
  takenAt: moment.required(),
  leftOut: Joi.boolean().required(),
  after: Joi.number().integer().min(0).max(400),
});

const tasteMarks = Joi.object(
  Object.fromEntries(tastes.map((taste) => [taste, Joi.string().valid(...verdicts)])),
);

const gate = Joi.object<Gate>({
  when: Joi.string().valid('machine', 'chilled').required(),
  eatenWith: text(200).required(),
  atC: Joi.number().min(-10).max(100).allow(null).required(),
  tastes: tasteMarks.required(),
  at: moment.required(),
});

const outcome = {
  method: method.required(),
  machineId: id.required(),
  readings: Joi.array().items(keptReading).max(100).required(),
  tastes: tasteMarks.required(),
  yieldG: mass.allow(null).required(),
  notes: text(4000).required(),
  changeNext: text(1000).required(),
  gates: Joi.array().items(gate).max(10),
  madeBy: Joi.string().min(1).max(60),
  base: Joi.object<SplitFrom>({
    trialId: id.required(),
    share: Joi.number().greater(0).max(1).required(),
    name: text(200).required(),
  }),
};

const bodyFigure = Joi.number().min(0).max(40).allow(null);
const share = Joi.number().min(0).max(100);

const targets = Joi.object(Object.fromEntries(targetNames.map((name) => [name, band])));

/** How a dip is made and what it is to be. */
const making = {
  method: method.required(),
  machineId: id.required(),
  targets: targets.required(),
  rules: Joi.array().items(ruleSchema).unique('id').max(mostRules),
  tasting: Joi.string().valid(...tastings),
  keepDays: Joi.number().integer().min(1).max(365),
};

export const dipSchema = Joi.object<Dip>({
  id: id.required(),
  name: Joi.string().min(1).max(200).required(),
  family: Joi.string()
    .valid(...families)
    .required(),
  parentId: id.allow(null).required(),
  seen: Joi.array().items(row).unique('id').max(mostRows),
  seenAs: Joi.object(making),
  follows: Joi.boolean().valid(true),
  goesIn: Joi.boolean().valid(true),
  source: text(1000),
  note: text(4000).required(),
  rows: Joi.array().items(row).unique('id').max(mostRows).required(),
  ...making,
  servedAtC: Joi.number().min(-10).max(80).required(),
  servedAfterMin: Joi.number().min(0).max(10_000),
  moments: Joi.array()
    .items(Joi.string().valid(...bodyNames))
    .unique()
    .min(1),
  portionG: Joi.number().positive().max(10_000).required(),
  leadId: id,
  nextThing: text(1000).required(),
  createdAt: moment.required(),
});

export const trialSchema = Joi.object<Trial>({
  id: id.required(),
  dipId: id.required(),
  number: Joi.number().integer().min(1).required(),
  madeAt: moment.required(),
  rows: Joi.array().items(trialRow).max(400).required(),
  made: Joi.object<Course>({ plan: course.plan.required(), events: course.events.required() }),
  expected: Joi.object<Expected>({
    warmBody: bodyFigure.required(),
    chilledBody: bodyFigure.required(),
    sd: Joi.number().min(0).max(100).required(),
    saltG: share.required(),
    acidG: share.required(),
    garlicG: Joi.number().min(0).max(500).required(),
  }),
  ...outcome,
});

export const runSchema = Joi.object<Run>({
  id: id.required(),
  dipId: id.required(),
  startedAt: moment.required(),
  step: Joi.number().integer().min(0).max(1000).required(),
  plan: course.plan.required(),
  events: course.events.required(),
  atHand: Joi.array().items(id).max(200),
  targets,
  tastedAfter: Joi.object(Object.fromEntries(tastes.map((taste) => [taste, additionsIn]))),
  ...outcome,
});

const machine = Joi.object<Machine>({
  id: id.required(),
  name: Joi.string().min(1).max(80).required(),
  stallBody: Joi.number().min(0).max(14).allow(null).required(),
  leastMl: Joi.number().min(0).max(1_000_000).required(),
  mostMl: Joi.number().min(Joi.ref('leastMl')).max(1_000_000).required(),
  streams: Joi.boolean().required(),
  worksCrumbs: Joi.boolean().required(),
});

const length = Joi.number().min(10).max(300);
const kit = Joi.object<Kit>({
  machines: Joi.array().items(machine).unique('id').max(100).required(),
  ring: Joi.object({ ringMm: length.required(), ringHeightMm: length.required() }).required(),
  press: Joi.object({
    loadG: Joi.number().min(1).max(50_000).required(),
    volumeMl: Joi.number().min(0.1).max(1000).required(),
  }).required(),
});

export const settingsSchema = Joi.object<Settings>({
  id: Joi.string().valid('settings').required(),
  measures: Joi.string()
    .valid(...measureSystems)
    .required(),
  amountView: Joi.string()
    .valid(...amountViews)
    .required(),
  kit: kit.required(),
  began: Joi.string().valid('sample', 'blank', 'file').allow(null).required(),
  picked: Joi.object().pattern(Joi.string().max(120), Joi.string().min(1).max(60)).max(1000),
  currency: Joi.string().min(1).max(8),
  rates: Joi.object<Rates>({
    hour: Joi.number().min(0).max(100_000),
    power: Joi.number().min(0).max(100_000),
  }),
  tasteSince: moment,
  tasteFades: Joi.boolean(),
  ownSheet: ownSheet.custom((sheet: LabelSheet, helpers) => {
    const fault = sheetFault(sheet);
    return fault === null ? sheet : helpers.message({ custom: fault });
  }),
});

/** Refuses a zone that no clock here knows. */
function knownZone(zone: string, helpers: Joi.CustomHelpers) {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return zone;
  } catch {
    return helpers.message({ custom: `“${zone}” is no time zone known here.` });
  }
}

export const planSchema = Joi.object<Plan>({
  id: id.required(),
  name: Joi.string().min(1).max(200).required(),
  serveAt: localTime.required(),
  zone: Joi.string().max(60).custom(knownZone),
  notBefore: localTime.allow(null).required(),
  resources: Joi.object().pattern(id, Joi.number().integer().min(0).max(100)).required(),
  dips: Joi.array()
    .items(Joi.object({ dipId: id.required(), massG: mass.required() }))
    .unique('dipId')
    .max(100)
    .required(),
  pins: Joi.object().pattern(text(200), Joi.number().integer().min(-100_000).max(1440)).required(),
  done: Joi.array().items(text(200)).max(2000).required(),
  createdAt: moment.required(),
});

export const stockSchema = Joi.object<StockItem>({
  id: id.required(),
  amount: text(200).required(),
  useBy: localDate.allow(null).required(),
});

const swapSide = Joi.object<SwapSide>({
  ingredientId: id.required(),
  amount: text(200).required(),
  massG: mass.required(),
});

export const swapSchema = Joi.object<KeptSwap>({
  id: id.required(),
  dipId: id.required(),
  rowId: id.required(),
  from: swapSide.required(),
  to: swapSide.required(),
  said: text(500).required(),
  why: Joi.string()
    .valid(...reasons)
    .allow(null)
    .required(),
  whyWords: text(200),
  runId: id.allow(null).required(),
  trialId: id.allow(null).required(),
  verdict: Joi.string()
    .valid(...swapVerdicts)
    .allow(null)
    .required(),
  at: moment.required(),
});

export const byproductSchema = Joi.object<Byproduct>({
  id: id.required(),
  what: Joi.string().min(1).max(200).required(),
  ingredientId: id.allow(null).required(),
  amount: mass.required(),
  unit: Joi.string().valid('g', 'ml').required(),
  keptOn: localDate.required(),
  useBy: localDate.required(),
  nextUse: text(300).required(),
  from: text(300).required(),
  gone: Joi.object({
    how: Joi.string().valid('used', 'thrown').required(),
    on: localDate.required(),
  })
    .allow(null)
    .required(),
});

export const timerSchema = Joi.object<Timer>({
  id: id.required(),
  label: text(300).required(),
  minutes: Joi.number().positive().max(100_000).required(),
  endsAt: moment.required(),
  of: text(300).allow(null).required(),
});

export const yieldSchema = Joi.object<YieldResult>({
  id: id.required(),
  ingredientId: id.required(),
  from: id.required(),
  rawG: Joi.number().positive().max(1_000_000).required(),
  readyG: Joi.number().positive().max(1_000_000).required(),
  at: moment.required(),
});
