import type { Plan } from '@cobbet/core/day/plan';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import type { EventAttributes } from 'ics';
import { saveCalendarFile } from '@/store/calendarFile';
import { localAt, momentAt } from './clock';

type Clock = [number, number, number, number, number];

/** A moment as a calendar counts it, in universal time: every device then shows it by its own clock. */
function clockOf(minute: number): Clock {
  const [year = 0, month = 0, day = 0, hour = 0, min = 0] = localAt(minute, 'UTC')
    .split(/[-T:]/)
    .map(Number);
  return [year, month, day, hour, min];
}

/** The day's tasks as calendar events, each with an alarm when it starts. */
export function calendarEvents(
  plan: Plan,
  tasks: readonly Task[],
  placed: readonly PlacedTask[],
): EventAttributes[] {
  const labels = new Map(tasks.map((task) => [task.id, task.label]));
  const serve = momentAt(plan, 0);
  return placed.map(({ id, start, handsOnEnd, end }) => ({
    uid: `${plan.id}-${id.replace(/[^A-Za-z0-9-]+/g, '-')}@cobbet`,
    title: labels.get(id) ?? id,
    start: clockOf(serve + start),
    startInputType: 'utc',
    startOutputType: 'utc',
    end: clockOf(serve + Math.max(start + 1, handsOnEnd > start ? handsOnEnd : end)),
    endInputType: 'utc',
    endOutputType: 'utc',
    calName: plan.name,
    productId: 'cobbet',
    alarms: [
      {
        action: 'display',
        description: labels.get(id) ?? id,
        trigger: { minutes: 0, before: true },
      },
    ],
  }));
}

/** Hands the day out as a calendar file. */
export function saveCalendar(
  plan: Plan,
  tasks: readonly Task[],
  placed: readonly PlacedTask[],
): Promise<void> {
  return saveCalendarFile(plan.name, calendarEvents(plan, tasks, placed));
}
