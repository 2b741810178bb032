import { chilled, fresh, fromMachine, type Moment } from './moment';
import { restedMinutes, type WarmMethod } from './method';

/**
 * The moments of use a body is told and asked for, from the machine to the fridge: as warm as it is in the machine, just blended
 * at 25 °C, hot on pasta, at the table as it is served, and rested at 5 °C.
 */
export const bodyNames = [
  'warmBody',
  'freshBody',
  'pastaBody',
  'servedBody',
  'chilledBody',
] as const;
export type BodyName = (typeof bodyNames)[number];

/** A body on hot pasta: 60 °C, at once (J). */
export const onPasta: Moment = { atC: 60, restedForMinutes: 0 };

/** How a dip is served, as it is kept. */
export interface ServedAs {
  /** °C, −10–80. */
  servedAtC: number;
  /** Minutes from the machine to the table, 0–10,000; rested through unless said. */
  servedAfterMin?: number;
}

/** That of a dip or a request, and nothing else of it. */
export function servedAs({ servedAtC, servedAfterMin }: ServedAs): ServedAs {
  return { servedAtC, ...(servedAfterMin === undefined ? {} : { servedAfterMin }) };
}

/** When and how warm a dip is eaten at the table. */
export function servedMoment({ servedAtC, servedAfterMin = restedMinutes }: ServedAs): Moment {
  return { atC: servedAtC, restedForMinutes: servedAfterMin };
}

/** The moment a body is of. */
export function momentOfBody(
  name: BodyName,
  { method, served }: { method: WarmMethod; served: Moment },
): Moment {
  switch (name) {
    case 'warmBody':
      return fromMachine(method);
    case 'freshBody':
      return fresh;
    case 'pastaBody':
      return onPasta;
    case 'servedBody':
      return served;
    case 'chilledBody':
      return chilled;
  }
}

/** Moments that are looked at where a cook has not said. */
export const usualMoments: readonly BodyName[] = ['freshBody', 'chilledBody'];

/** The moments of use of a dip: what the cook has said, else the usual ones, and any that is aimed at; from machine to fridge. */
export function momentsOf({
  moments = usualMoments,
  targets,
}: {
  moments?: readonly BodyName[];
  targets: Partial<Record<BodyName, unknown>>;
}): BodyName[] {
  return bodyNames.filter((name) => moments.includes(name) || targets[name] !== undefined);
}
