import type { Range } from '../statistics/range';
import type { RawYield } from './rawYields/rawYield';

/** What a step of preparation or making keeps busy from its start to its end. */
export interface Uses {
  oven?: { tempC: number };
  hob?: number;
  processor?: number;
  bowl?: number;
  fridge?: number;
}

/** One step: hands on at its beginning, then waiting; minutes. */
export interface PrepStep {
  label: string;
  handsOnMin: number;
  waitMin: number;
  uses: Uses;
}

/** What is left over when a thing is made ready, for each gram of it raw. */
export interface RouteLeftover {
  what: string;
  /** What it is in the larder; null where it is not in it. */
  ingredientId: string | null;
  perRawG: Range;
  unit: 'g' | 'ml';
  keepDays: number;
  nextUse: string;
}

/** A step of a route: its hands-on time grows with the mass. */
export interface RouteStep {
  label: string;
  handsOnMin: number;
  handsOnMinPerKg?: number;
  waitMin?: number;
  uses?: Uses;
}

/** What it takes to make a thing ready, whatever it gives. */
export interface Work {
  steps: RouteStep[];
  leftovers: RouteLeftover[];
  cautions: string[];
}

/** One way from raw to ready: what it gives and what it takes. */
export interface Route extends RawYield, Work {}

/** The work of ways, by what they make and start from: `lemon-juice/lemon`. */
export type Works = Readonly<Record<string, Work>>;

/** How work is kept: by what a way makes and starts from. */
export const wayKey = ({ to, from }: Pick<RawYield, 'to' | 'from'>) => `${to}/${from}`;
