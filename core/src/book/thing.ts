import type { Division, OffKind } from '../batch/splitMass';
import type { Row } from '../dip/dip';

/** One of what a made thing gives. */
export interface ThingProduct {
  name: string;
  /** What it is used as, by larder id: its role, and how it behaves in the bowl. */
  like: string;
  /** g of it for each g that went in. */
  share: number;
}

/** Where a step is done. */
export const stepPlaces = ['hand', 'hob', 'oven', 'fridge', 'machine'] as const;
export type StepPlace = (typeof stepPlaces)[number];

/** One step of making it. */
export interface ThingStep {
  label: string;
  handsOnMin: number;
  waitMin: number;
  on: StepPlace;
}

/** Something made here that goes into dips and is no dip: garlic oil and its cloves, strained yogurt and its whey. */
export interface Thing {
  id: string;
  name: string;
  rows: Row[];
  /** What is left, or all of it. */
  stays: ThingProduct;
  /** What runs off; null where nothing does. */
  off: (ThingProduct & { kind: OffKind }) | null;
  steps: ThingStep[];
  /** Days it keeps in the fridge, as its maker says; what is in it may leave it fewer. */
  keepDays: number;
  note: string;
  /** ISO 8601 */
  createdAt: string;
}

/** Things made of made things go so deep at most. */
export const mostDeep = 5;

/** Whether it is heated through. */
export const isHeated = ({ steps }: Pick<Thing, 'steps'>): boolean =>
  steps.some(({ on }) => on === 'hob' || on === 'oven');

/** How a making of it is divided. */
export const divisionOf = ({ stays, off, steps }: Thing): Division => ({
  stays: stays.share,
  off: off && { kind: off.kind, share: off.share },
  heated: isHeated({ steps }),
});
