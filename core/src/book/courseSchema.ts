import Joi from 'joi';
import { faults, tastes, verdicts } from '../readings/tastes';
import { moment } from './realTimes';
import { id, mass, text, trialRow, workedIn } from './rowSchemas';
import { type PlannedEntry, reasons, type RunEvent } from './runEvents';

/** How many additions were in. */
export const additionsIn = Joi.number().integer().min(0).max(400);

const plannedEntry = Joi.object<PlannedEntry>({
  rowId: id.required(),
  planned: trialRow.required(),
  prep: text(300).required(),
  worked: workedIn,
});

/** Fields of each kind of event, beside its kind. */
const ofEvent: Record<RunEvent['kind'], Joi.SchemaMap> = {
  in: {
    entry: id.required(),
    amount: text(200).required(),
    massG: mass.required(),
    cv: Joi.number().min(0).max(10).required(),
    at: moment.required(),
  },
  'left out': { entry: id.required(), at: moment.allow(null).required() },
  added: {
    entry: id.required(),
    row: trialRow.required(),
    before: id.allow(null).required(),
    instead: id,
    at: moment.required(),
  },
  'kept back': {
    entry: id.required(),
    of: id.required(),
    row: trialRow.required(),
    before: id.allow(null).required(),
    at: moment.required(),
  },
  because: {
    entry: id.required(),
    why: Joi.string()
      .valid(...reasons)
      .allow(null)
      .required(),
    at: moment.required(),
  },
  tasted: {
    taste: Joi.string()
      .valid(...tastes)
      .required(),
    verdict: Joi.string()
      .valid(...verdicts)
      .allow(null)
      .required(),
    after: additionsIn.required(),
    at: moment.required(),
  },
  seen: {
    fault: Joi.string()
      .valid(...faults)
      .required(),
    there: Joi.boolean().required(),
    after: additionsIn.required(),
    at: moment.required(),
  },
  waited: { minutes: Joi.number().positive().max(100_000).required(), at: moment.required() },
  heated: { atC: Joi.number().min(-30).max(200).required(), at: moment.required() },
  noted: { text: text(1000).required(), at: moment.required() },
  divided: {
    into: Joi.array()
      .items(Joi.object({ name: text(200).required(), massG: mass.required() }))
      .max(20)
      .required(),
    at: moment.required(),
  },
  weighed: { massG: mass.required(), at: moment.required() },
};

const runEvent = Joi.alternatives().conditional('.kind', {
  switch: Object.entries(ofEvent).map(([kind, fields]) => ({
    is: kind,
    then: Joi.object({ kind: Joi.string().required(), ...fields }),
  })),
  otherwise: Joi.object({
    kind: Joi.string()
      .valid(...Object.keys(ofEvent))
      .required(),
  }).unknown(),
});

const entersLine = ({ kind }: RunEvent) => kind === 'added' || kind === 'kept back';
const sameAddition = (a: RunEvent, b: RunEvent) =>
  entersLine(a) && entersLine(b) && 'entry' in a && 'entry' in b && a.entry === b.entry;

/** What was planned and what happened, each still to be required. */
export const course = {
  plan: Joi.array().items(plannedEntry).unique('rowId').max(400),
  events: Joi.array().items(runEvent).unique(sameAddition).max(2000),
};
