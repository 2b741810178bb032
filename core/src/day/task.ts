/** One task of a day. Minutes are whole. */
export interface Task {
  id: string;
  dip: string;
  label: string;
  /** Tasks that must have ended before it starts. */
  after: readonly string[];
  /** The cook is at it for so long from its start. */
  handsOnMin: number;
  /** Then it waits by itself; what it uses it uses from start to end. */
  waitMin: number;
  uses: TaskUses;
  /** Allergens that are in it, for the machine's sake. */
  contains: readonly string[];
  /** Allergens it is kept free of on purpose: nothing that holds one goes through the machine before it. */
  freeOf?: readonly string[];
  /** The longest it may wait until what comes after it starts. */
  maxHoldMin?: number;
  /** Fixed by the cook to start then, minutes before serving as a negative number. */
  pinnedAt?: number;
}

/** What a task keeps busy. Ovens by their temperature, the rest by how many. */
export interface TaskUses {
  oven?: { tempC: number };
  [resource: string]: number | { tempC: number } | undefined;
}

/** How many there are of each thing: cook, oven, hob, processor, bowl, fridge … */
export type Resources = Readonly<Record<string, number>>;

/** A day to plan. */
export interface DayProblem {
  tasks: readonly Task[];
  resources: Resources;
  /** Nothing starts before this many minutes from serving, a negative number; left out, any time will do. */
  notBefore?: number;
}

/** A task in its place; minutes from serving, negative before it. */
export interface PlacedTask {
  id: string;
  start: number;
  handsOnEnd: number;
  end: number;
}

/** A planned day and what it costs. */
export interface DayPlan {
  tasks: PlacedTask[];
  startAt: number;
  /** Minutes after serving that the last task ends. */
  latenessMin: number;
  /** First start to last end. */
  spanMin: number;
  washUps: number;
  /** Times something with allergens went before something free of them on the same machine. */
  freeAfter: number;
  /** What could not be kept, in words; empty for a plan that holds. */
  clashes: string[];
}

/** The machine that is washed between dips. */
export const washedResource = 'processor';
export const washUpMin = 5;
/** Jugs and bowls the machines are used with: one that is dirty need not be washed while there is a clean one. */
export const jugResource = 'jug';

/** Jugs for each machine, at least one; as many as machines where nobody says. */
export function jugsEach(resources: Resources): number {
  const machines = resources[washedResource] ?? 0;
  const jugs = resources[jugResource] ?? machines;
  return machines > 0 ? Math.max(1, Math.floor(jugs / machines)) : 1;
}
/** Tasks share an oven while their temperatures lie within this, °C. */
export const ovenWithinC = 10;

export const durationOf = ({ handsOnMin, waitMin }: Task) => handsOnMin + waitMin;

/** Whether a task is to be on the machine before another: it is free of all allergens, or kept free of one of its. */
export function goesBefore(free: Task, other: Task): boolean {
  if (free.dip === other.dip || other.contains.length === 0) return false;
  return (
    free.contains.length === 0 || other.contains.some((one) => free.freeOf?.includes(one) === true)
  );
}

/**
 * Minutes of washing up between two tasks on one machine: none within a dip, none when the second holds everything
 * the first did.
 */
export function washBetween(first: Task, second: Task): number {
  if (first.dip === second.dip) return 0;
  return first.contains.every((one) => second.contains.includes(one)) ? 0 : washUpMin;
}
