import type { BodyName } from '../mix/bodyMoments';
import { type Family, type UsualSeasoning, usualSeasoning } from '../mix/families';
import type { Targets } from '../mix/targets';
import type { Dip } from './dip';

/** How a family of dip is usually eaten, and what it is then to be; starting points that every house moves. */
export interface FamilyUsual {
  /** °C */
  servedAtC: number;
  /** Minutes from the machine to the table; left out where it rests through. */
  servedAfterMin?: number;
  /** g a person eats. */
  portionG: number;
  /** The moments of use it is looked at. */
  moments: readonly BodyName[];
  targets: Targets;
}

/** Body at the moment it is eaten, and how (kitchen judgement). */
const eaten: Record<Family, Omit<FamilyUsual, 'targets'> & { body: Targets }> = {
  pulse: {
    ...{ servedAtC: 8, portionG: 60, moments: ['freshBody', 'chilledBody'] },
    body: { chilledBody: { low: 6.7, high: 7.8 } },
  },
  vegetable: {
    ...{ servedAtC: 15, portionG: 60, moments: ['freshBody', 'servedBody'] },
    body: { servedBody: { low: 5.2, high: 7 } },
  },
  yogurt: {
    ...{ servedAtC: 6, portionG: 50, moments: ['freshBody', 'chilledBody'] },
    body: { chilledBody: { low: 4.8, high: 6.4 } },
  },
  'pesto-spread': {
    ...{ servedAtC: 18, servedAfterMin: 30, portionG: 30, moments: ['freshBody', 'servedBody'] },
    body: { servedBody: { low: 6, high: 7.6 } },
  },
  'pesto-dress': {
    ...{ servedAtC: 60, servedAfterMin: 0, portionG: 40, moments: ['warmBody', 'pastaBody'] },
    body: { pastaBody: { low: 3, high: 5.4 } },
  },
  pate: {
    ...{ servedAtC: 10, portionG: 50, moments: ['freshBody', 'chilledBody'] },
    body: { chilledBody: { low: 8.4, high: 9.9 } },
  },
};

/**
 * What is usual of a family: how it is eaten, its body then, and its salt and sour; garlic is the cook's own.
 *
 * @param seasoning usual in this house; the family's where left out
 */
export function familyUsual(
  family: Family,
  { saltG, acidG }: Pick<UsualSeasoning, 'saltG' | 'acidG'> = usualSeasoning[family],
): FamilyUsual {
  const { body, ...how } = eaten[family];
  return { ...how, targets: { ...body, saltG: { ...saltG }, acidG: { ...acidG } } };
}

/** A dip eaten as its family usually is, with the targets that are usual for it in the place of its own. */
export function withFamilyUsual(
  { servedAfterMin: _after, ...dip }: Dip,
  seasoning?: Pick<UsualSeasoning, 'saltG' | 'acidG'>,
): Dip {
  const { targets, ...how } = familyUsual(dip.family, seasoning);
  return { ...dip, ...how, targets };
}
