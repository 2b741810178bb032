import type { GarlicForm, Place } from '../mix/part';
import type { RawWay } from '../prepare/rawWay';

/** What really went in. */
export interface TrialRow {
  ingredientId: string;
  /** What was planned, as written; null for an addition nobody planned. */
  planned: string | null;
  amount: string;
  massG: number;
  cv: number;
  place: Place;
  garlicForm?: GarlicForm;
  germOut?: boolean;
  /** How warm it went in, °C; from where it is kept when left out. */
  atC?: number;
  /** How it was made ready, where that changes what goes in. */
  raw?: RawWay | null;
}
