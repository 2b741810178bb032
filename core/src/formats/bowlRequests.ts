import Joi from 'joi';
import { type Advice, advise } from '../advise/advise';
import { bowlCorrection, type BowlReading } from '../advise/bowlReadings';
import { stage, type Staging } from '../advise/stage';
import { loads, type Loads } from '../batch/loads';
import { type Machine, machines } from '../body/machines';
import { tastes, type TasteMarks, verdicts } from '../book/trial';
import { resolveIngredient } from '../larder/find';
import type { LinearSolver } from '../landing/linearProgram';
import { ringFault } from '../reading/ringFault';
import { readingSchema } from '../reading/readingSchema';
import { type ReadingTaken, takeReading } from '../reading/takeReading';
import { type Caution, cautionsFor } from '../analysis/cautions';
import { dipKeys, type DipRequest, partKeys, requestLarder, requestParts } from './dipRequest';
import { BadInput, checked } from './fieldError';
import { type LandRequest, requestTargets, targetSchema } from './landRequest';

interface Kitchen {
  machine: string;
}

interface BowlRequest extends DipRequest {
  kitchen: Kitchen;
}

const kitchenSchema = Joi.object({
  machine: Joi.string()
    .valid(...machines.map(({ id }) => id))
    .default('food-processor'),
}).default({ machine: 'food-processor' });

const bowlKeys = {
  ...dipKeys,
  kitchen: kitchenSchema,
  parts: Joi.array().items(Joi.object(partKeys)).min(1).max(200).required(),
};

function machineOf(id: string): Machine {
  const found = machines.find((one) => one.id === id);
  if (!found) throw new BadInput('kitchen.machine', `“${id}” is no machine here.`);
  return found;
}

type ReadingRequest = ReadingTaken & { after?: number; atC?: number };

interface AdviseRequest extends BowlRequest {
  readings: ReadingRequest[];
  tastes: TasteMarks;
  target: LandRequest['target'];
  atHand: string[];
  mostMl: number | null;
}

const adviseSchema = Joi.object<AdviseRequest>({
  ...bowlKeys,
  readings: Joi.array()
    .items(
      (readingSchema as Joi.ObjectSchema<ReadingRequest>).keys({
        after: Joi.number().integer().min(1).max(200),
        atC: Joi.number().min(-10).max(100),
      }),
    )
    .max(50)
    .default([]),
  tastes: Joi.object(
    Object.fromEntries(tastes.map((taste) => [taste, Joi.string().valid(...verdicts)])),
  ).default({}),
  target: targetSchema.default({}),
  atHand: Joi.array().items(Joi.string().min(1).max(120)).max(40).required(),
  mostMl: Joi.number().positive().max(1_000_000).allow(null).default(null),
}).required();

function bowlReadings(request: AdviseRequest): BowlReading[] {
  return request.readings.map(({ after, atC, ...taken }, index) => {
    if (after !== undefined && after > request.parts.length) {
      throw new BadInput(
        `readings[${index}].after`,
        `There are ${request.parts.length} parts, not ${after}.`,
      );
    }
    const fault = 'ring' in taken ? ringFault(taken.ring) : null;
    if (fault) throw new BadInput(`readings[${index}].ring.${fault.figure}`, fault.message);
    return {
      taken: taken as ReadingTaken,
      ...(after === undefined ? {} : { after }),
      ...(atC === undefined ? {} : { atC }),
    };
  });
}

/**
 * Says what to do next with a bowl given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @param solver linear solver
 * @throws BadInput naming the field that is wrong
 */
export function adviseRequest(
  value: unknown,
  solver: LinearSolver,
): Advice & { warnings: Caution[] } {
  const request = checked(adviseSchema, value);
  const larder = requestLarder(request.larder);
  const parts = requestParts(request, larder);
  const machine = machineOf(request.kitchen.machine);
  const readings = bowlReadings(request);
  const atHand = request.atHand.map((name, index) => {
    const found = resolveIngredient(larder, name);
    if (!found.ok) throw new BadInput(`atHand[${index}]`, found.message);
    return found.value;
  });
  const { method, measures, tastes: marks, mostMl } = request;
  const warnings = readings.flatMap(({ taken }, index): Caution[] => {
    const { warning } = takeReading(taken);
    return warning ? [{ id: 'reading', message: `readings[${index}]: ${warning}` }] : [];
  });
  const advice = advise(
    {
      parts,
      method,
      measures,
      correction: bowlCorrection(parts, readings, method),
      targets: requestTargets(request.target),
      tastes: marks,
      atHand: [...new Map(atHand.map((one) => [one.id, one])).values()],
      mostMl: mostMl ?? machine.mostMl,
    },
    solver,
  );
  return { ...advice, warnings: [...warnings, ...cautionsFor(parts)] };
}

const stageSchema = Joi.object<BowlRequest>(bowlKeys).required();

/**
 * Body after each part against a machine, given as plain JSON (docs/format.md).
 *
 * @throws BadInput naming the field that is wrong
 */
export function stageRequest(
  value: unknown,
): Staging & { machine: string; stallBody: number | null } {
  const request = checked(stageSchema, value);
  const parts = requestParts(request, requestLarder(request.larder));
  const machine = machineOf(request.kitchen.machine);
  return {
    machine: machine.id,
    stallBody: machine.stallBody,
    ...stage(parts, machine, request.method, request.measures),
  };
}

interface LoadsRequest extends BowlRequest {
  leastMl?: number;
  mostMl?: number;
}

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
export function loadsRequest(value: unknown): Loads {
  const request = checked(loadsSchema, value);
  const parts = requestParts(request, requestLarder(request.larder));
  const machine = machineOf(request.kitchen.machine);
  const leastMl = request.leastMl ?? Math.min(machine.leastMl, request.mostMl ?? Infinity);
  const mostMl = request.mostMl ?? Math.max(machine.mostMl, leastMl);
  if (leastMl > mostMl) throw new BadInput('leastMl', 'The least fill is more than the most.');
  return loads(parts, { ...machine, leastMl, mostMl }, request.method, request.measures);
}
