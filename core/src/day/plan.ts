import type { Resources } from './task';

/** A dip of a day with how much of it is wanted. */
export interface PlannedDip {
  dipId: string;
  /** g out of the machine. */
  massG: number;
}

/** A day in the kitchen: what must be on the table when, and who and what there is to make it. */
export interface Plan {
  id: string;
  name: string;
  /** Local time, `2027-06-12T12:30`. */
  serveAt: string;
  /** Time zone of the kitchen's clock, such as `Europe/Oslo`; the device's own where it is left out. */
  zone?: string;
  /** When the kitchen opens, local time; null when any time will do. */
  notBefore: string | null;
  resources: Resources;
  dips: PlannedDip[];
  /** Tasks fixed by the cook, minutes from serving, by task. */
  pins: Record<string, number>;
  /** Tasks that are done. */
  done: string[];
  /** ISO 8601 */
  createdAt: string;
}

/** One cook, one oven, two hobs, one machine, bowls and fridge enough. */
export const usualResources: Resources = {
  cook: 1,
  oven: 1,
  hob: 2,
  processor: 1,
  bowl: 12,
  fridge: 8,
};

/** A day with nothing on it yet. */
export function emptyPlan(id: string, name: string, serveAt: string, now: string): Plan {
  return {
    id,
    name,
    serveAt,
    notBefore: null,
    resources: usualResources,
    dips: [],
    pins: {},
    done: [],
    createdAt: now,
  };
}
