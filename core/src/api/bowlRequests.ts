import Joi from 'joi';
import { advise } from '../advise/advise';
import { type AdviceAnswer, adviceAnswer } from './answers';
import { requestKitchen } from './requestKitchen';
import { stage, type Staging } from '../advise/stage';
import { type Load, loads, type Loads } from '../batch/loads';
import { type Fault, faults, type TasteMarks, tastes, verdicts } from '../readings/tastes';
import { resolveIngredient } from '../larder/find';
import type { LinearSolver } from '../landing/linearProgram';
import { takeReading } from '../readings/takeReading';
import { type Contradiction, contradictions } from '../readings/contradictions';
import { type Family, families } from '../mix/families';
import {
  freeOf,
  type FreeRequest,
  freeSchema,
  marksOf,
  type MarksRequest,
  marksSchema,
} from './marksRequest';
import { type Caution, cautionsFor } from '../safety/cautions';
import { requestRules, rulesSchema } from './requestRules';
import { dipKeys, type DipRequest, partKeys, requestLarder, requestParts } from './dipRequest';
import { BadInput, checked } from '../book/fieldError';
import { type LandRequest, requestTargets, targetSchema } from './landRequest';

const bowlKeys = {
  ...dipKeys,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
};

interface AdviseRequest extends DipRequest {
  tastes: TasteMarks;
  marks: MarksRequest;
  faults: Fault[];
  family: Family;
  free: FreeRequest;
  target: LandRequest['target'];
  atHand: string[];
  mostMl: number | null;
  /** What holds between what is in, in words. */
  rules: string[];
}

const adviseSchema = Joi.object<AdviseRequest>({
  ...bowlKeys,
  tastes: Joi.object(
    Object.fromEntries(tastes.map((taste) => [taste, Joi.string().valid(...verdicts)])),
  ).default({}),
  marks: marksSchema.default([]),
  faults: Joi.array()
    .items(Joi.string().valid(...faults))
    .unique()
    .default([]),
  family: Joi.string()
    .valid(...families)
    .default('pulse'),
  free: freeSchema.default([]),
  target: targetSchema.default({}),
  atHand: Joi.array().items(Joi.string().min(1).max(120)).max(40).required(),
  mostMl: Joi.number().positive().max(1_000_000).allow(null).default(null),
  rules: rulesSchema,
}).required();

/** What to do next, with what must be asked first. */
type AdviseAnswer = AdviceAnswer & { warnings: Caution[]; ask?: Contradiction[] };

/**
 * Says what to do next with a bowl given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @param solver linear solver
 * @throws BadInput naming the field that is wrong
 */
export function adviseRequest(value: unknown, solver: LinearSolver): AdviseAnswer {
  const request = checked(adviseSchema, value);
  const { family } = request;
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { machine, conditions } = requestKitchen(request, larder, parts);
  const ruled = requestRules(request.rules, parts, request.parts);
  const atHand = request.atHand.map((name, index) => {
    const found = resolveIngredient(larder, name);
    if (!found.ok) throw new BadInput(`atHand[${index}]`, found.message);
    return found.value;
  });
  const warnings = request.readings.flatMap((taken, index): Caution[] => {
    const { warning } = takeReading(taken);
    return warning
      ? [{ id: 'reading', level: 'know', message: `readings[${index}]: ${warning}`, from: [] }]
      : [];
  });
  const advice = advise(
    {
      parts,
      conditions,
      machine: { mostMl: request.mostMl ?? machine.mostMl },
      family,
      targets: requestTargets(request.target),
      ...marksOf(request.tastes, request.marks, parts.length),
      faults: request.faults,
      free: freeOf(request.free),
      ...(ruled ? { ruled } : {}),
      atHand: [...new Map(atHand.map((one) => [one.id, one])).values()],
    },
    solver,
  );
  warnings.push(...cautionsFor(parts, advice.now, conditions));
  const ask = contradictions(request.readings, parts.length);
  // what is known of the bowl can't both be: nothing is built on it
  if (ask.length > 0) {
    const { rescue: _rescue, ...known } = adviceAnswer(advice);
    return { ...known, met: false, suggestions: [], byHand: [], warnings, ask };
  }
  return { ...adviceAnswer(advice), warnings };
}

const stageSchema = Joi.object<DipRequest>(bowlKeys).required();

/**
 * Body after each part against a machine, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function stageRequest(
  value: unknown,
): Staging & { machine: string; stallBody: number | null } {
  const request = checked(stageSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { machine, conditions } = requestKitchen(request, larder, parts);
  return {
    machine: machine.id,
    stallBody: machine.stallBody,
    ...stage(parts, machine, conditions),
  };
}

interface LoadsRequest extends DipRequest {
  leastMl?: number;
  mostMl?: number;
}

/** Loads as they are answered: one and how many, and each by itself where they are few. */
interface LoadsAnswer extends Loads {
  loads: Load[];
}

/** More loads than this are not listed one by one. */
const mostListed = 50;

const fills = {
  leastMl: Joi.number().min(0).max(1_000_000),
  mostMl: Joi.number().positive().max(1_000_000),
};

const loadsSchema = Joi.object<LoadsRequest>({ ...bowlKeys, ...fills }).required();

/**
 * A batch as equal loads of a machine, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function loadsRequest(value: unknown): LoadsAnswer {
  const request = checked(loadsSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const { machine, conditions } = requestKitchen(request, larder, parts);
  const leastMl = request.leastMl ?? Math.min(machine.leastMl, request.mostMl ?? Infinity);
  const mostMl = request.mostMl ?? Math.max(machine.mostMl, leastMl);
  if (leastMl > mostMl) throw new BadInput('leastMl', 'The least fill is more than the most.');
  const found = loads(parts, { ...machine, leastMl, mostMl }, conditions);
  const { load, count } = found;
  const all = load && count <= mostListed ? Array.from({ length: count }, () => load) : [];
  return { ...found, loads: all };
}
