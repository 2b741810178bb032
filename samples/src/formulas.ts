import data from './formulas.json';
import type { Method } from '@cobbet/core/mix/method';
import type { Place } from '@cobbet/core/mix/part';
import type { Targets } from '@cobbet/core/mix/targets';
import type { Family } from '@cobbet/core/mix/families';

/** A row of a sample formula: amount, ingredient, how it is prepared. */
export type FormulaRow = [
  amount: string,
  ingredientId: string,
  prep?: string,
  extra?: { place?: Place; hold?: boolean; atC?: number },
];

/** How one trial differed from the formula as it stands now; row numbers count from 1. */
export interface FormulaTrial {
  /** Day of the six weeks, 0–41. */
  day: number;
  amounts?: Record<number, string>;
  notes?: string;
  changeNext?: string;
}

/** A sample dip with the trials that led to it. */
export interface Formula {
  id: string;
  name: string;
  family: Family;
  parentId?: string;
  note: string;
  machineId?: string;
  method?: Partial<Method>;
  servedAtC?: number;
  portionG?: number;
  targets: Targets;
  nextThing: string;
  rows: FormulaRow[];
  trials: FormulaTrial[];
}

/** The dips of the Lockside kitchen at Penbury Weir, as they stand before the regatta. */
export const formulas = data as unknown as readonly Formula[];
