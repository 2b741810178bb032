import { type BodyName, momentsOf } from '../mix/bodyMoments';
import type { Dip } from './dip';

/** A dip served colder than this is eaten chilled, °C. */
export const coldC = 12;

/** The moment that says most of how a dip is eaten, first. */
const telling: readonly BodyName[] = [
  'servedBody',
  'pastaBody',
  'chilledBody',
  'freshBody',
  'warmBody',
];

/**
 * The moment a dip is eaten at, of those it is looked at: one that is aimed at before one that is not; where nothing of it is said, chilled
 * or fresh by how warm it is served.
 */
export function eatenAt(dip: Pick<Dip, 'targets' | 'moments' | 'servedAtC'>): BodyName {
  const looked = momentsOf(dip);
  const aimed = telling.find((name) => dip.targets[name]);
  if (aimed) return aimed;
  if (!dip.moments) return dip.servedAtC <= coldC ? 'chilledBody' : 'freshBody';
  return telling.find((name) => looked.includes(name)) ?? 'chilledBody';
}

/** Moments of use before anything is chilled or rests. */
const atOnce: readonly BodyName[] = ['warmBody', 'freshBody', 'pastaBody'];

/** How long a dip waits between the machine and the table, and whether in the fridge; null where it is eaten at once. */
export function restBefore(
  dip: Pick<Dip, 'targets' | 'moments' | 'servedAtC' | 'servedAfterMin'>,
): { minutes: number | null; cold: boolean } | null {
  const { servedAtC, servedAfterMin, moments } = dip;
  if (moments && atOnce.includes(eatenAt(dip))) return null;
  if (servedAfterMin === 0) return null;
  return { minutes: servedAfterMin ?? null, cold: servedAtC <= coldC };
}
