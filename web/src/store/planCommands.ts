import { put, remove } from '@cobbet/core/book/change';
import { emptyPlan, type Plan } from '@cobbet/core/day/plan';
import { useBook } from './bookStore';
import { newId } from './newId';

const deviceZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Starts a day with nothing on it. */
export async function addPlan({
  name,
  serveAt,
  dips,
}: Pick<Plan, 'name' | 'serveAt' | 'dips'>): Promise<string> {
  const id = newId();
  await useBook.getState().act(`New day ${name}`, () => [
    put('plans', {
      ...emptyPlan(id, name, serveAt, new Date().toISOString()),
      dips,
      zone: deviceZone(),
    }),
  ]);
  return id;
}

/** Changes a plan that is still there. */
export function editPlan(
  planId: string,
  label: string,
  edit: (plan: Plan) => Plan,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const plan = book.plans.get(planId);
      return plan ? [put('plans', edit(plan))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

export function deletePlan(plan: Plan): Promise<boolean> {
  return useBook.getState().act(`Delete ${plan.name}`, () => [remove('plans', plan.id)]);
}
