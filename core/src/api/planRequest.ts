import Joi from 'joi';
import { lowerBoundSpan } from '../day/lowerBound';
import { planDay, type SearchLimits } from '../day/planDay';
import { taskNet } from '../day/backwards';
import type { DayProblem, Resources, Task } from '../day/task';
import { BadInput, checked } from '../book/fieldError';
import { localTime } from '../book/realTimes';

interface PlanRequest {
  serveAt: string;
  notBefore?: string;
  resources: Resources;
  tasks: (Omit<Task, 'pinnedAt'> & { pinnedAt?: string })[];
}

/** A planned day with its times as a clock shows them. */
export interface PlanAnswer {
  tasks: { id: string; start: string; handsOnEnd: string; end: string }[];
  startAt: string;
  latenessMin: number;
  spanMin: number;
  washUps: number;
  /** Dips free of allergens that are blended after one that holds some. */
  freeAfter: number;
  lowerBoundSpanMin: number;
  clashes?: string[];
}

const minutes = Joi.number().integer().min(0).max(20_000);
const id = Joi.string().min(1).max(120);
const count = Joi.number().integer().min(0).max(100);

const schema = Joi.object<PlanRequest>({
  serveAt: localTime.required(),
  notBefore: localTime,
  resources: Joi.object().pattern(id, count).default({ cook: 1 }),
  tasks: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        dip: Joi.string().allow('').max(200).default(''),
        label: Joi.string().allow('').max(300).default(''),
        after: Joi.array().items(id).max(500).default([]),
        handsOnMin: minutes.default(0),
        waitMin: minutes.default(0),
        uses: Joi.object({ oven: Joi.object({ tempC: Joi.number().min(0).max(500).required() }) })
          .pattern(id, count)
          .default({}),
        contains: Joi.array().items(id).max(40).default([]),
        freeOf: Joi.array().items(id).max(40),
        maxHoldMin: minutes,
        pinnedAt: localTime,
      }),
    )
    .min(1)
    .max(500)
    .required(),
}).required();

/** Minutes of a local time on a line of its own, without zones. */
function minuteOf(text: string, field: string): number {
  const at = Date.parse(`${text}:00Z`);
  if (Number.isNaN(at)) throw new BadInput(field, `“${text}” is no time.`);
  return Math.round(at / 60_000);
}

const clockText = (minute: number) => new Date(minute * 60_000).toISOString().slice(0, 16);

/** Refuses what no kitchen of these resources could do, and tasks that follow nothing or themselves. */
function checkTasks({ tasks, resources }: PlanRequest): void {
  const ids = new Set<string>();
  tasks.forEach((task, i) => {
    if (ids.has(task.id)) throw new BadInput(`tasks[${i}].id`, `“${task.id}” is there twice.`);
    ids.add(task.id);
    for (const [name, use] of Object.entries(task.uses)) {
      const wanted = typeof use === 'number' ? use : 1;
      const there = resources[name] ?? 0;
      if (wanted > there) {
        throw new BadInput(
          `tasks[${i}].uses.${name}`,
          `It needs ${wanted} of ${name}, and there ${there === 1 ? 'is' : 'are'} ${there}.`,
        );
      }
    }
    if (task.handsOnMin > 0 && (resources['cook'] ?? 0) < 1) {
      throw new BadInput('resources.cook', 'Someone has to do it: at least one cook.');
    }
  });
  tasks.forEach((task, i) => {
    task.after.forEach((before, j) => {
      if (!ids.has(before)) {
        throw new BadInput(`tasks[${i}].after[${j}]`, `There is no task “${before}”.`);
      }
    });
  });
}

/** Placings tried for a request; a few hundred tasks still answer within seconds. */
const tries = 4000;
const mostMs = 1500;

/**
 * Plans a day given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @param now a clock in ms, so that a long day is not searched for too long
 * @throws BadInput naming the field that is wrong
 */
export function planRequest(value: unknown, now: () => number): PlanAnswer {
  const request = checked(schema, value);
  const resources: Resources = { cook: 1, ...request.resources };
  checkTasks({ ...request, resources });
  const serve = minuteOf(request.serveAt, 'serveAt');
  const problem: DayProblem = {
    resources,
    tasks: request.tasks.map(({ pinnedAt, ...task }, i): Task => ({
      ...task,
      ...(pinnedAt === undefined
        ? {}
        : { pinnedAt: minuteOf(pinnedAt, `tasks[${i}].pinnedAt`) - serve }),
    })),
    ...(request.notBefore === undefined
      ? {}
      : { notBefore: minuteOf(request.notBefore, 'notBefore') - serve }),
  };
  try {
    taskNet(problem);
  } catch (error) {
    throw new BadInput('tasks', error instanceof Error ? error.message : String(error));
  }
  const limits: SearchLimits = { tries, ms: mostMs, now };
  const plan = planDay(problem, limits);
  return {
    tasks: plan.tasks.map(({ id: task, start, handsOnEnd, end }) => ({
      id: task,
      start: clockText(serve + start),
      handsOnEnd: clockText(serve + handsOnEnd),
      end: clockText(serve + end),
    })),
    startAt: clockText(serve + plan.startAt),
    latenessMin: plan.latenessMin,
    spanMin: plan.spanMin,
    washUps: plan.washUps,
    freeAfter: plan.freeAfter,
    lowerBoundSpanMin: lowerBoundSpan(problem),
    ...(plan.clashes.length > 0 ? { clashes: plan.clashes } : {}),
  };
}
