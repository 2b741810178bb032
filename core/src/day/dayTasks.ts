import { loadsOf } from '../kitchen/machines';
import type { Plan } from './plan';
import { type Kitchen, machineFor } from '../kitchen/kitchen';
import type { DayDip, DayNeeds } from './dayNeeds';
import type { Task, TaskUses } from './task';

/** A dip served colder than this goes through the fridge first, °C. */
const coldC = 12;
/** Flavours even out over an hour; cold takes two. Judgement. */
const restMin = { room: 60, cold: 120 } as const;

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
    label: loads > 1 ? `Blend ${dip.name} in ${loads} loads` : `Blend ${dip.name}`,
    after,
    handsOnMin: Math.round(3 + 1.2 * rows + (loads - 1) * 4 + (powered ? 0 : 8)),
    waitMin: 0,
    uses: { bowl: 1, ...(powered ? { processor: 1 } : {}) },
    contains: allergens,
    ...(freeOf.length > 0 ? { freeOf } : {}),
  };
}

/**
 * The tasks of a day: every preparation once, step after step; blending each dip when all of its own is ready; rest and
 * chill; topping and carrying out.
 *
 * @param needs of the plan's dips
 */
export function dayTasks(needs: DayNeeds, plan: Pick<Plan, 'pins'>, kitchen: Kitchen): Task[] {
  const tasks: Task[] = [];
  const readyBy = new Map<string, string>();
  for (const { key, preparation, route, dipIds } of needs.preps) {
    let last: string | null = null;
    preparation.steps.forEach((step, i) => {
      const id = `${key}/${i}`;
      tasks.push({
        id,
        dip: key,
        label: `${step.label}: ${route.raw.replace(/, bunches$/, '')}`,
        after: last === null ? [] : [last],
        handsOnMin: step.handsOnMin,
        waitMin: step.waitMin,
        uses: step.uses as TaskUses,
        contains: [],
      });
      last = id;
    });
    if (last !== null) for (const dipId of dipIds) readyBy.set(`${dipId} ${key}`, last);
  }
  for (const day of needs.dips) {
    const { dip, massG, allergens } = day;
    const ready = needs.preps.flatMap(({ key }) => readyBy.get(`${dip.id} ${key}`) ?? []);
    const blend = blendTask(day, kitchen, ready);
    const cold = dip.servedAtC <= coldC;
    const rest: Task = {
      id: `${dip.id}/rest`,
      dip: dip.id,
      label: cold ? `Rest and chill ${dip.name}` : `Rest ${dip.name}`,
      after: [blend.id],
      handsOnMin: 2,
      waitMin: cold ? restMin.cold : restMin.room,
      uses: cold ? { fridge: 1 } : { bowl: 1 },
      contains: [],
    };
    const plate: Task = {
      id: `${dip.id}/serve`,
      dip: dip.id,
      label: `Taste cold, top, carry out ${dip.name}`,
      after: [rest.id],
      handsOnMin: Math.max(2, Math.round(2 + massG / Math.max(1, dip.portionG) / 12)),
      waitMin: 0,
      uses: {},
      contains: allergens,
    };
    tasks.push(blend, rest, plate);
  }
  return tasks.map((task) => {
    const pinnedAt = plan.pins[task.id];
    return pinnedAt === undefined ? task : { ...task, pinnedAt };
  });
}
