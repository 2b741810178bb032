import type { Role } from '../../larder/ingredient';

/** Words that stand for everything of some roles in a dip, in the singular. */
export const groupWords: ReadonlyMap<string, readonly Role[]> = new Map<string, readonly Role[]>([
  ['pulse', ['legume']],
  ['legume', ['legume']],
  ['bean', ['legume']],
  ['nut', ['nut-seed', 'nut-butter']],
  ['nuts and seed', ['nut-seed', 'nut-butter']],
  ['seed', ['nut-seed']],
  ['oil', ['oil']],
  ['cheese', ['cheese']],
  ['dairy', ['dairy', 'cheese']],
  ['liquid', ['liquid']],
  ['acid', ['acid']],
  ['salt', ['salt']],
  ['spice', ['spice']],
  ['herb', ['herb']],
  ['green', ['green', 'herb']],
  ['leaf', ['green', 'herb']],
  ['vegetable', ['vegetable']],
  ['veg', ['vegetable']],
  ['paste', ['sesame-paste', 'nut-butter']],
]);

/** Words for all of a dip. */
export const wholeWords: ReadonlySet<string> = new Set([
  'dip',
  'whole',
  'whole dip',
  'all',
  'everything',
  'it all',
  'batch',
]);
