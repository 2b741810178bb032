import { eatenAt, restBefore } from '../dip/eatenAt';
import { loadsOf } from '../kitchen/machines';
import type { Plan } from './plan';
import { type Kitchen, machineFor } from '../kitchen/kitchen';
import type { DayDip, DayNeeds } from './dayNeeds';
import type { ThingToMake } from './madeFirst';
import type { Task, TaskUses } from './task';

/** Flavours even out over an hour; cold takes two. Judgement. */
const restMin = { room: 60, cold: 120 } as const;

/** What is done to a thing, the thing first: `Onions: peel, slice`. */
const done = (thing: string, step: string) =>
  `${thing.charAt(0).toUpperCase()}${thing.slice(1)}: ${step.charAt(0).toLowerCase()}${step.slice(1)}`;

function blendTask(
  { dip, volumeMl, rows, allergens, freeOf }: DayDip,
  kitchen: Kitchen,
  after: string[],
): Task {
  const machine = machineFor(dip, kitchen);
  const loads = loadsOf(machine, volumeMl);
  const powered = machine.stallBody !== null;
  return {
    id: `${dip.id}/blend`,
    dip: dip.id,
    label: `${dip.name}: blend${loads > 1 ? ` in ${loads} loads` : ''}`,
    after,
    handsOnMin: Math.round(3 + 1.2 * rows + (loads - 1) * 4 + (powered ? 0 : 8)),
    waitMin: 0,
    uses: { bowl: 1, ...(powered ? { processor: 1 } : {}) },
    contains: allergens,
    ...(freeOf.length > 0 ? { freeOf } : {}),
  };
}

/** The last thing done to a dip, by the moment it is eaten at. */
function servingLabel(dip: DayDip['dip'], cold: boolean): string {
  if (eatenAt(dip) === 'pastaBody') return `${dip.name}: taste, onto hot pasta`;
  return `${dip.name}: ${cold ? 'taste cold' : 'taste'}, top, carry out`;
}

/** Steps of a thing made here, one after another, when all that goes into it is ready. */
function thingTasks(key: string, { name, steps, allergens }: ThingToMake, ready: string[]): Task[] {
  return steps.map((step, i) => ({
    ...{ id: `${key}/${i}`, dip: key, label: done(name, step.label) },
    after: i === 0 ? ready : [`${key}/${i - 1}`],
    ...{ handsOnMin: step.handsOnMin, waitMin: step.waitMin },
    uses: step.uses as TaskUses,
    contains: [...allergens],
  }));
}

/**
 * The tasks of a day: every preparation once, step after step; blending each dip when all of its own is ready; rest and
 * chill; topping and carrying out.
 *
 * @param needs of the plan's dips
 */
export function dayTasks(needs: DayNeeds, plan: Pick<Plan, 'pins'>, kitchen: Kitchen): Task[] {
  const tasks: Task[] = [];
  const readyBy = new Map<string, string[]>();
  const readyFor = (id: string) => readyBy.get(id) ?? [];
  const isReady = (waiting: readonly string[], last: string) => {
    for (const id of waiting) readyBy.set(id, [...readyFor(id), last]);
  };
  for (const { key, preparation, route, waiting } of needs.preps) {
    let last: string | null = null;
    preparation.steps.forEach((step, i) => {
      const id = `${key}/${i}`;
      tasks.push({
        id,
        dip: key,
        label: done(route.raw.replace(/, bunches$/, ''), step.label),
        after: last === null ? [] : [last],
        handsOnMin: step.handsOnMin,
        waitMin: step.waitMin,
        uses: step.uses as TaskUses,
        contains: [],
      });
      last = id;
    });
    if (last !== null) isReady(waiting, last);
  }
  for (const { key, thing, waiting } of needs.things) {
    isReady(waiting, `${key}/${thing.steps.length - 1}`);
  }
  for (const { dip, waiting } of needs.dips) isReady(waiting, `${dip.id}/blend`);
  for (const { key, thing } of needs.things) tasks.push(...thingTasks(key, thing, readyFor(key)));
  for (const day of needs.dips) {
    const { dip, massG, intoG, allergens } = day;
    const blend = blendTask(day, kitchen, readyFor(dip.id));
    // what only goes into others is carried nowhere
    if (massG - intoG < 0.5) {
      tasks.push(blend);
      continue;
    }
    const waits = restBefore(dip);
    const portions = (massG - intoG) / Math.max(1, dip.portionG);
    const plate: Task = {
      id: `${dip.id}/serve`,
      dip: dip.id,
      label: servingLabel(dip, waits?.cold === true),
      after: [waits ? `${dip.id}/rest` : blend.id],
      handsOnMin: Math.max(2, Math.round(2 + portions / 12)),
      waitMin: 0,
      uses: {},
      contains: allergens,
    };
    if (!waits) {
      tasks.push(blend, plate);
      continue;
    }
    const { cold, minutes } = waits;
    const rest: Task = {
      id: `${dip.id}/rest`,
      dip: dip.id,
      label: `${dip.name}: ${cold ? 'rest and chill' : 'rest'}`,
      after: [blend.id],
      handsOnMin: 2,
      waitMin: minutes ?? (cold ? restMin.cold : restMin.room),
      uses: cold ? { fridge: 1 } : { bowl: 1 },
      contains: [],
    };
    tasks.push(blend, rest, plate);
  }
  return tasks.map((task) => {
    const pinnedAt = plan.pins[task.id];
    return pinnedAt === undefined ? task : { ...task, pinnedAt };
  });
}
