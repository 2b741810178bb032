import type { Ingredient, Role } from '../larder/ingredient';

/** What goes in by taste, a pinch or a piece at a time: nobody steers a body with it. */
const byTaste: readonly Role[] = [
  'salt',
  'spice',
  'aromatic',
  'herb',
  'umami',
  'sweetener',
  'crunch',
];

/** Whether a cook can act on what more or less of a thing does to the body. */
export const isSteeredBy = ({ role }: Pick<Ingredient, 'role'>): boolean => !byTaste.includes(role);
