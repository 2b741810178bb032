import type { MeasureSystem } from '../amounts/measureSystem';
import type { Moment } from './moment';
import { type Blending, blendingOf } from './blending';
import { type Correction, priorCorrection } from './correction';
import { type Method, usualBlendC, type WarmMethod } from './method';

/**
 * What a mix is evaluated under, beside what is in it. Nothing of it may be left out, so that no question can forget
 * what the kitchen's readings have taught or whose spoons are meant. Plain data, so that it crosses to workers.
 */
export interface Conditions {
  method: WarmMethod;
  /** What the machine makes of the method. */
  blending: Blending;
  /** How warm it is eaten at the table, and how long after the machine. */
  served: Moment;
  measures: MeasureSystem;
  /** What this kitchen's readings have taught of this formula in this machine. */
  correction: Correction;
}

/** The part of the conditions that bodies need. */
export type BodyConditions = Pick<Conditions, 'method' | 'blending' | 'correction'>;

/** The part that bodies at any moment of use need. */
export type MomentConditions = BodyConditions & Pick<Conditions, 'served'>;

/** How a mix is worked, without what readings have taught. */
export type Worked = Pick<Conditions, 'method' | 'blending'>;

/** How something is worked: its method, as warm as it says or as is usual, and what the machine makes of that. */
export function workedIn({ method, machineId }: { method: Method; machineId: string }): Worked {
  return {
    method: { ...method, blendC: method.blendC ?? usualBlendC },
    blending: blendingOf(method, machineId),
  };
}

/** The model by itself, before any reading: what readings are held against. */
export function uncorrected({ method, blending }: Worked): BodyConditions {
  return { method, blending, correction: priorCorrection };
}
