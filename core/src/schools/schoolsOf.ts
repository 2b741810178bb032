import type { Larder } from '../larder/larder';
import type { MeasureSystem } from '../quantity/measureSystem';
import { amountSchools } from './amountSchools';
import { blendSchools } from './blendSchools';
import { garlicSchools } from './garlicSchools';
import { habitSchools } from './habitSchools';
import { partSchools } from './partSchools';
import { pestoSchools } from './pestoSchools';
import { pulseSchools } from './pulseSchools';
import type { Asked, School } from './school';

/**
 * The questions on which cooks disagree that arise in a dip, each with the ways to answer it.
 *
 * @param system whose spoons amounts are written in where they are to be spooned
 */
export function schoolsOf(asked: Asked, larder: Larder, system: MeasureSystem): School[] {
  return [
    ...pulseSchools(asked),
    ...amountSchools(asked),
    ...garlicSchools(asked, larder),
    ...partSchools(asked),
    ...pestoSchools(asked),
    ...blendSchools(asked),
    ...habitSchools(asked, system),
  ];
}
