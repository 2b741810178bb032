import type { Role } from '@cobbet/core/larder/ingredient';

/** What a role is called on a shelf. */
export const roleNames: Record<Role, string> = {
  legume: 'pulses',
  'sesame-paste': 'tahini',
  'nut-seed': 'nuts and seeds',
  'nut-butter': 'nut butters',
  cheese: 'cheese',
  dairy: 'yogurt and the like',
  vegetable: 'vegetables',
  green: 'greens',
  herb: 'herbs',
  aromatic: 'garlic, zest, ginger',
  umami: 'savoury things',
  oil: 'oils',
  liquid: 'liquids',
  acid: 'lemon and vinegar',
  salt: 'salt',
  spice: 'spices',
  sweetener: 'sweet things',
  'bread-starch': 'bread and potato',
  crunch: 'for the top',
};
