import type { Larder } from '../larder/larder';
import { blendSchools } from './blendSchools';
import { partSchools } from './partSchools';
import { pulseSchools } from './pulseSchools';
import type { Asked, School } from './school';

/** The questions on which cooks disagree that arise in a dip, each with the ways to answer it. */
export function schoolsOf(asked: Asked, larder: Larder): School[] {
  return [...pulseSchools(asked), ...partSchools(asked, larder), ...blendSchools(asked)];
}
