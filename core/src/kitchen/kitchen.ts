import type { MeasureSystem } from '../amounts/measureSystem';
import type { Larder } from '../larder/larder';
import { type ServedAs, servedMoment } from '../mix/bodyMoments';
import { type Conditions, workedIn } from '../mix/conditions';
import type { Method } from '../mix/method';
import type { YieldResult } from '../prepare/yieldResult';
import { type Calibration, correctionOf } from '../readings/calibrate';
import { type Kit, kitMachine } from './kit';
import type { Machine } from './machines';

/**
 * Everything a question needs of a kitchen, handed over whole: a part of it that could be left out would be forgotten
 * somewhere, in silence. The application builds one from the book, the shell from its request.
 */
export interface Kitchen {
  /** With the cook's own ingredients and corrections laid over it. */
  larder: Larder;
  measures: MeasureSystem;
  kit: Kit;
  /** What readings of things made in a machine have taught; a new machine starts fresh. */
  calibrationOf(machineId: string): Calibration;
  /** What raw things have really given this cook. */
  yields: readonly YieldResult[];
}

/** What is made, and how: the part of a dip, a run or a trial that decides how its mix is evaluated. */
export interface Making extends ServedAs {
  /** The formula readings are kept under. */
  dipId: string;
  method: Method;
  machineId: string;
}

/** What a mix made so is evaluated under in this kitchen. The one place where a correction is looked up. */
export function conditionsFor(making: Making, kitchen: Kitchen): Conditions {
  const { dipId, machineId } = making;
  return {
    ...workedIn(making),
    served: servedMoment(making),
    measures: kitchen.measures,
    correction: correctionOf(kitchen.calibrationOf(machineId), dipId),
  };
}

/** The machine something is made in, as it stands in this kitchen. */
export function machineFor({ machineId }: Pick<Making, 'machineId'>, { kit }: Kitchen): Machine {
  return kitMachine(kit, machineId);
}
