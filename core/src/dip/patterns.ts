import type { Ingredient, Role } from '../larder/ingredient';
import type { Targets } from '../mix/targets';
import type { Family } from '../mix/families';

/** The parts a dip is made of. */
export const slotNames = [
  'base',
  'body',
  'fat',
  'acid',
  'salt',
  'aromatic',
  'accent',
  'herb',
  'liquid',
  'garnish',
] as const;
export type SlotName = (typeof slotNames)[number];

/** One part of a pattern: what can play it, and how much of the dip it usually is, g per 100 g. */
export interface Slot {
  name: SlotName;
  usual: number;
  least: number;
  most: number;
  /** What it is when nothing else is picked. */
  first: string;
  /** Whatever of these roles can play it … */
  roles: readonly Role[];
  /** … but only these kinds, where given. */
  only?: readonly string[];
  /** A dip of this kind is not one without it. */
  needed: boolean;
}

/** A kind of dip described by its parts, with what it lands on. Shares are judgement. */
export interface Pattern {
  id: string;
  name: string;
  family: Family;
  /** In order of going in. */
  slots: readonly Slot[];
  targets: Targets;
}

const slot = (
  name: SlotName,
  first: string,
  [least, usual, most]: [number, number, number],
  roles: readonly Role[],
  extra: { only?: readonly string[]; needed?: boolean } = {},
): Slot => ({
  name,
  first,
  least,
  usual,
  most,
  roles,
  needed: extra.needed ?? ['base', 'body'].includes(name),
  ...(extra.only ? { only: extra.only } : {}),
});

const lemon = (usual = 6): Slot => slot('acid', 'lemon-juice', [1, usual, 12], ['acid']);
const salt = (usual = 0.7): Slot => slot('salt', 'sea-salt-fine', [0, usual, 1.6], ['salt']);
const garlics = [
  'garlic-raw',
  'garlic-roasted',
  'garlic-confit',
  'garlic-granulated',
  'garlic-jarred',
  'garlic-black',
];
const garlic = (usual = 0.7): Slot =>
  slot('aromatic', 'garlic-raw', [0, usual, 2], ['aromatic'], { only: garlics });
const oil = (usual: number, most = 30): Slot =>
  slot('fat', 'olive-oil-extra-virgin', [0, usual, most], ['oil']);
const water = (usual: number): Slot => slot('liquid', 'water', [0, usual, 30], ['liquid']);
const pulse = (first: string, usual: number, only?: readonly string[]): Slot =>
  slot('base', first, [35, usual, 85], ['legume'], only ? { only } : {});
const spice = (first: string, usual = 0.3): Slot =>
  slot('accent', first, [0, usual, 1.5], ['spice', 'umami', 'aromatic']);

const band = (low: number, high: number) => ({ low, high });
const scoop: Targets = {
  chilledBody: band(6.7, 7.8),
  saltG: band(0.85, 1.2),
  acidG: band(0.28, 0.5),
};
const spread: Targets = {
  chilledBody: band(7.3, 8.6),
  saltG: band(0.85, 1.2),
  acidG: band(0.2, 0.45),
};
const soft: Targets = { chilledBody: band(4.8, 6.4), saltG: band(0.5, 0.9) };
const pesto: Targets = { freshBody: band(6, 7.6), saltG: band(0.8, 1.4) };

export const patterns: readonly Pattern[] = [
  {
    id: 'hummus',
    name: 'Hummus',
    family: 'pulse',
    slots: [
      slot('body', 'tahini-hulled', [6, 14, 28], ['sesame-paste', 'nut-butter']),
      lemon(7),
      water(12),
      garlic(),
      salt(0.5),
      pulse('chickpeas-canned-drained', 60),
      spice('cumin-ground', 0.2),
      oil(3),
    ],
    targets: scoop,
  },
  {
    id: 'hummus-no-tahini',
    name: 'Hummus without tahini',
    family: 'pulse',
    slots: [
      pulse('chickpeas-canned-drained', 70),
      lemon(6),
      water(10),
      garlic(),
      salt(0.5),
      oil(10),
    ],
    targets: scoop,
  },
  {
    id: 'bean-and-oil',
    name: 'Bean and oil',
    family: 'pulse',
    slots: [
      pulse('cannellini-canned-drained', 74, [
        'cannellini-cooked',
        'cannellini-canned-drained',
        'butter-beans-cooked',
        'butter-beans-canned-drained',
        'navy-beans-cooked',
        'great-northern-cooked',
        'black-beans-cooked',
        'kidney-beans-red-cooked',
        'pinto-beans-cooked',
        'broad-beans-fresh-boiled',
        'broad-beans-fresh-skinned',
        'broad-beans-dried-cooked',
        'broad-beans-split-cooked',
        'black-eyed-beans-cooked',
        'mung-beans-cooked',
        'soy-beans-cooked',
      ]),
      lemon(4),
      water(6),
      garlic(0.6),
      salt(0.6),
      oil(12),
      slot('herb', 'sage', [0, 0.8, 5], ['herb', 'green']),
    ],
    targets: scoop,
  },
  {
    id: 'lentil',
    name: 'Lentil or split pea',
    family: 'pulse',
    slots: [
      pulse('split-peas-yellow-cooked', 72, [
        'red-lentils-cooked',
        'brown-green-lentils-cooked',
        'split-peas-yellow-cooked',
        'split-peas-green-cooked',
        'mung-beans-cooked',
        'pigeon-peas-cooked',
      ]),
      lemon(6),
      water(6),
      garlic(0.6),
      salt(0.8),
      oil(8),
      slot('accent', 'capers', [0, 3, 8], ['umami', 'spice', 'vegetable']),
    ],
    targets: spread,
  },
  {
    id: 'pulse-vegetable',
    name: 'Pulse and roasted vegetable',
    family: 'pulse',
    slots: [
      pulse('chickpeas-canned-drained', 48),
      slot('accent', 'carrot-roasted', [10, 26, 45], ['vegetable'], { needed: true }),
      slot('body', 'tahini-hulled', [0, 9, 20], ['sesame-paste', 'nut-butter'], { needed: false }),
      lemon(5),
      water(6),
      garlic(0.6),
      salt(0.7),
      oil(4),
    ],
    targets: scoop,
  },
  {
    id: 'aubergine',
    name: 'Charred aubergine',
    family: 'vegetable',
    slots: [
      slot('base', 'aubergine-roasted-drained', [50, 72, 88], ['vegetable'], {
        only: [
          'red-pepper-roasted',
          'aubergine-roasted-drained',
          'aubergine-roasted',
          'courgette-roasted',
        ],
      }),
      slot('body', 'labneh', [5, 14, 35], ['dairy', 'sesame-paste', 'nut-butter']),
      lemon(5),
      garlic(0.6),
      salt(0.9),
      oil(6),
    ],
    targets: { chilledBody: band(5.2, 6.6), saltG: band(0.85, 1.2), acidG: band(0.3, 0.6) },
  },
  {
    id: 'yogurt-vegetable',
    name: 'Yogurt and vegetable',
    family: 'yogurt',
    slots: [
      slot('base', 'greek-yogurt-10', [45, 68, 85], ['dairy']),
      slot('accent', 'cucumber-squeezed', [8, 22, 40], ['vegetable'], { needed: true }),
      slot('herb', 'dill', [0, 2, 6], ['herb', 'green']),
      lemon(2),
      garlic(0.4),
      salt(0.5),
      oil(4),
    ],
    targets: soft,
  },
  {
    id: 'cheese-whip',
    name: 'Soft cheese whip',
    family: 'yogurt',
    slots: [
      slot('base', 'feta', [40, 58, 80], ['cheese'], {
        only: [
          'feta',
          'ricotta',
          'goat-cheese-fresh',
          'cream-cheese',
          'cottage-cheese',
          'mascarpone',
        ],
      }),
      slot('body', 'greek-yogurt-10', [10, 28, 45], ['dairy']),
      lemon(3),
      oil(9),
      garlic(0.3),
    ],
    targets: { chilledBody: band(6.3, 8.2) },
  },
  {
    id: 'nut-pate',
    name: 'Nut pâté',
    family: 'pate',
    slots: [
      slot('base', 'hazelnut', [15, 28, 50], ['nut-seed']),
      slot('body', 'kidney-beans-red-cooked', [20, 42, 60], ['legume', 'vegetable']),
      slot('accent', 'onion-caramelised', [0, 12, 25], ['vegetable', 'umami']),
      lemon(3),
      salt(0.8),
      oil(7),
      water(6),
    ],
    targets: { chilledBody: band(8.4, 9.9), saltG: band(0.85, 1.2) },
  },
  {
    id: 'pesto-cheese',
    name: 'Leaf pesto with cheese',
    family: 'pesto-spread',
    slots: [
      slot('aromatic', 'garlic-raw', [0, 1, 3], ['aromatic'], { only: garlics }),
      slot('body', 'pine-nut', [8, 16, 30], ['nut-seed']),
      slot('base', 'basil', [18, 28, 45], ['herb', 'green']),
      slot('accent', 'parmesan-style', [8, 16, 28], ['cheese'], {
        only: ['parmesan-style', 'pecorino-style', 'grana-style', 'manchego-style-aged'],
        needed: true,
      }),
      lemon(1),
      salt(0.3),
      slot('fat', 'olive-oil-extra-virgin', [25, 36, 50], ['oil'], { needed: true }),
    ],
    targets: pesto,
  },
  {
    id: 'pesto-plain',
    name: 'Leaf pesto without cheese',
    family: 'pesto-spread',
    slots: [
      garlic(1),
      slot('body', 'pumpkin-seed', [10, 22, 35], ['nut-seed']),
      slot('base', 'nettle-blanched', [20, 32, 50], ['green', 'herb']),
      slot('accent', 'miso-white', [0, 3, 8], ['umami']),
      lemon(4),
      salt(0.7),
      slot('fat', 'olive-oil-extra-virgin', [22, 35, 50], ['oil'], { needed: true }),
    ],
    targets: pesto,
  },
  {
    id: 'pepper-nut',
    name: 'Roasted pepper and nut',
    family: 'vegetable',
    slots: [
      slot('base', 'red-pepper-roasted', [40, 56, 72], ['vegetable'], {
        only: [
          'red-pepper-roasted',
          'red-pepper-jarred',
          'beetroot-boiled',
          'beetroot-roasted',
          'tomato-fresh',
          'sun-dried-tomato-oil',
        ],
      }),
      slot('body', 'walnut', [10, 20, 34], ['nut-seed']),
      slot('accent', 'breadcrumbs-dry', [0, 5, 14], ['bread-starch']),
      slot('accent', 'tomato-paste', [0, 3, 8], ['umami', 'spice']),
      slot('acid', 'pomegranate-molasses', [0, 3, 8], ['acid']),
      garlic(0.6),
      salt(0.8),
      oil(10),
    ],
    targets: { chilledBody: band(6.2, 8), saltG: band(0.85, 1.2) },
  },
  {
    id: 'avocado',
    name: 'Avocado',
    family: 'vegetable',
    slots: [
      slot('base', 'avocado', [55, 78, 92], ['vegetable'], { only: ['avocado'] }),
      slot('acid', 'lime-juice', [2, 6, 10], ['acid']),
      slot('herb', 'coriander-leaf', [0, 3, 8], ['herb', 'green']),
      slot('accent', 'onion-raw', [0, 5, 12], ['vegetable', 'aromatic'], {
        only: [
          'onion-raw',
          'onion-sauteed',
          'onion-caramelised',
          'tomato-fresh',
          'red-chilli-fresh',
          'scallion',
        ],
      }),
      garlic(0.3),
      salt(1),
    ],
    targets: { freshBody: band(5.5, 7.6), saltG: band(0.85, 1.2), acidG: band(0.3, 0.7) },
  },
];

/** Whether an ingredient can play a part. */
export function canPlay(
  { roles, only }: Slot,
  { kind, role, hazards }: Pick<Ingredient, 'kind' | 'role' | 'hazards'>,
): boolean {
  // what is still raw is made ready first
  if (hazards.includes('raw-pulse')) return false;
  return roles.includes(role) && (only === undefined || only.includes(kind));
}
