import { chilledC, freshC, restedMinutes, type WarmMethod } from './method';

/** When and how warm a dip is looked at. */
export interface Moment {
  atC: number;
  restedForMinutes: number;
}

/** Just blended, at 25 °C. */
export const fresh: Moment = { atC: freshC, restedForMinutes: 0 };
/** At 5 °C after four hours or more. */
export const chilled: Moment = { atC: chilledC, restedForMinutes: restedMinutes };

/** Just out of the machine, as warm as it was blended. */
export function fromMachine({ blendC }: WarmMethod): Moment {
  return { atC: blendC, restedForMinutes: 0 };
}
