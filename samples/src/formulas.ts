import type { Method } from '@cobbet/core/body/conditions';
import type { Place } from '@cobbet/core/bowl/part';
import type { Targets } from '@cobbet/core/landing/targets';
import type { Family } from '@cobbet/core/seasoning/families';

/** A row of a sample formula: amount, ingredient, how it is prepared. */
export type FormulaRow = [
  amount: string,
  ingredientId: string,
  prep?: string,
  extra?: { place?: Place; hold?: boolean },
];

/** How one trial differed from the formula as it stands now; row numbers count from 1. */
export interface FormulaTrial {
  /** Day of the six weeks, 0–41. */
  day: number;
  amounts?: Record<number, string>;
  notes?: string;
  changeNext?: string;
}

/** A sample dip with the trials that led to it. */
export interface Formula {
  id: string;
  name: string;
  family: Family;
  parentId?: string;
  note: string;
  machineId?: string;
  method?: Partial<Method>;
  servedAtC?: number;
  portionG?: number;
  targets: Targets;
  nextThing: string;
  rows: FormulaRow[];
  trials: FormulaTrial[];
}

const pulseTargets: Targets = {
  chilledBody: { low: 7.2, high: 8 },
  saltG: { low: 0.9, high: 1.2 },
  acidG: { low: 0.3, high: 0.5 },
};

/** The dips of the Lockside kitchen at Penbury Weir, as they stand before the regatta. */
export const formulas: readonly Formula[] = [
  {
    id: 'weir-house-hummus',
    name: 'Weir House hummus',
    family: 'pulse',
    note: 'The base of three. Tahini and lemon first, then loosen, then the chickpeas.',
    method: { grind: 'silky' },
    targets: {
      freshBody: { low: 6.2, high: 7.3 },
      chilledBody: { low: 7, high: 7.9 },
      saltG: { low: 0.9, high: 1.15 },
      acidG: { low: 0.3, high: 0.45 },
    },
    nextThing: 'One spoon less water, and read it cold again.',
    rows: [
      ['1/3 cup', 'tahini-hulled', 'stirred to the bottom', { hold: true }],
      ['2 tbsp', 'lemon-juice', '1 small lemon'],
      ['1/4 cup', 'water', 'ice cold'],
      ['1 clove', 'garlic-raw', 'germ out, crushed', { hold: true }],
      ['1/2 tsp', 'sea-salt-fine'],
      ['2 cups', 'chickpeas-canned-drained', 'very soft, room warm', { hold: true }],
      ['1/4 cup', 'chickpea-can-liquid', 'a spoon at a time'],
      ['1/2 tsp', 'cumin-ground'],
      ['1 tbsp', 'olive-oil-extra-virgin', 'streamed'],
      ['2 tsp', 'lemon-juice', 'after tasting'],
    ],
    trials: [
      {
        day: 1,
        amounts: { 3: '2 tbsp', 7: '1 tbsp' },
        notes: 'Far too stiff; the machine laboured.',
        changeNext: 'Loosen the tahini before the chickpeas go in.',
      },
      {
        day: 4,
        amounts: { 3: '1/4 cup', 7: '2 tbsp', 5: '1/4 tsp' },
        notes: 'Better, flat.',
        changeNext: 'More salt.',
      },
      {
        day: 8,
        amounts: { 7: '1/3 cup' },
        notes: 'Nearly slumps in the bowl, holds next day.',
        changeNext: 'A little less can liquid.',
      },
      {
        day: 15,
        amounts: { 2: '1 1/2 tbsp' },
        notes: 'Stroke found it shy of lemon.',
        changeNext: 'Back to two spoons of lemon at the start.',
      },
      { day: 24, notes: 'Bow, two and cox scraped the bowl.' },
      {
        day: 36,
        amounts: { 7: '1/4 cup + 1 tbsp' },
        notes: 'Made for the trial boat. A touch loose warm.',
        changeNext: 'One spoon less water, and read it cold again.',
      },
    ],
  },
  {
    id: 'weir-house-no-sesame',
    name: 'Weir House hummus, no sesame',
    family: 'pulse',
    parentId: 'weir-house-hummus',
    note: 'For seat five. Sunflower butter stands in for the tahini.',
    method: { grind: 'silky' },
    targets: {
      chilledBody: { low: 7, high: 7.9 },
      saltG: { low: 0.9, high: 1.15 },
      acidG: { low: 0.3, high: 0.45 },
    },
    nextThing: 'Try it with half a spoon less sunflower butter.',
    rows: [
      ['1/4 cup', 'sunflower-butter', 'stirred'],
      ['2 1/2 tbsp', 'lemon-juice'],
      ['1/4 cup', 'water', 'ice cold'],
      ['1 clove', 'garlic-raw', 'crushed'],
      ['1/2 tsp', 'sea-salt-fine'],
      ['2 cups', 'chickpeas-canned-drained', 'very soft'],
      ['2 tbsp', 'chickpea-can-liquid'],
      ['1/2 tsp', 'cumin-ground'],
      ['1 tbsp', 'rapeseed-oil'],
    ],
    trials: [
      {
        day: 9,
        amounts: { 1: '1/3 cup', 3: '2 tbsp' },
        notes: 'Sunflower speaks too loud.',
        changeNext: 'Less sunflower butter, more water.',
      },
      {
        day: 17,
        amounts: { 5: '1/4 tsp' },
        notes: 'Good body. Needs salt.',
        changeNext: 'Salt to half a teaspoon.',
      },
      {
        day: 30,
        notes: 'Five had seconds.',
        changeNext: 'Try it with half a spoon less sunflower butter.',
      },
    ],
  },
  {
    id: 'weir-house-green',
    name: 'Weir House hummus, green',
    family: 'pulse',
    parentId: 'weir-house-hummus',
    note: 'The base with parsley, coriander and mint blended in.',
    method: { grind: 'silky' },
    targets: {
      chilledBody: { low: 6.8, high: 7.8 },
      saltG: { low: 0.9, high: 1.15 },
      acidG: { low: 0.3, high: 0.5 },
    },
    nextThing: 'Leaves in cold, last, to keep the colour.',
    rows: [
      ['1/3 cup', 'tahini-hulled'],
      ['3 tbsp', 'lemon-juice'],
      ['1/4 cup', 'water', 'ice cold'],
      ['1 clove', 'garlic-raw'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['2 cups', 'chickpeas-canned-drained'],
      ['1 packed cup', 'parsley', 'leaves and fine stalks'],
      ['1/2 packed cup', 'coriander-leaf'],
      ['1/4 packed cup', 'mint'],
      ['2 tbsp', 'water', 'if the blade asks'],
      ['1 tbsp', 'olive-oil-extra-virgin'],
    ],
    trials: [
      {
        day: 11,
        amounts: { 7: '2 packed cups' },
        notes: 'Grassy.',
        changeNext: 'Half the parsley.',
      },
      {
        day: 20,
        notes: 'Bright on the day, dull on the next.',
        changeNext: 'Leaves in cold, last, to keep the colour.',
      },
    ],
  },
  {
    id: 'weir-house-smoked-carrot',
    name: 'Weir House hummus, smoked carrot',
    family: 'pulse',
    parentId: 'weir-house-hummus',
    note: 'Roasted carrot takes the place of a third of the chickpeas.',
    targets: {
      chilledBody: { low: 6.8, high: 7.8 },
      saltG: { low: 0.9, high: 1.2 },
      acidG: { low: 0.3, high: 0.5 },
    },
    nextThing: 'More smoke: another half teaspoon of paprika.',
    rows: [
      ['1/4 cup', 'tahini-hulled'],
      ['3 tbsp', 'lemon-juice'],
      ['2 tbsp', 'water'],
      ['1 clove', 'garlic-raw'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['1 1/2 cups', 'chickpeas-canned-drained'],
      ['1 cup', 'carrot-roasted', 'roasted dark, cooled'],
      ['1 tsp', 'paprika-smoked'],
      ['1 tbsp', 'olive-oil-extra-virgin'],
      ['1 tbsp', 'seeds-toasted-mix', 'to strew', { place: 'top' }],
    ],
    trials: [
      {
        day: 13,
        amounts: { 3: '1/4 cup' },
        notes: 'Loose, sweet.',
        changeNext: 'Less water, more lemon.',
      },
      {
        day: 22,
        amounts: { 8: '1/2 tsp' },
        notes: 'Landed. Hardly smoky.',
        changeNext: 'Double the paprika.',
      },
      {
        day: 33,
        notes: 'Seven asked for the card.',
        changeNext: 'More smoke: another half teaspoon of paprika.',
      },
    ],
  },
  {
    id: 'butter-bean-sage',
    name: 'Butter bean and sage',
    family: 'pulse',
    note: 'Sage warmed in the oil and left to cool before anything meets it.',
    targets: {
      chilledBody: { low: 6.8, high: 7.8 },
      saltG: { low: 0.8, high: 1.1 },
      acidG: { low: 0.2, high: 0.45 },
    },
    nextThing: 'Hold back the last spoon of liquid; it loosens on standing.',
    rows: [
      ['2 x 400 g cans', 'butter-beans-canned-drained', 'drained, liquid kept'],
      ['1 tbsp', 'sherry-vinegar'],
      ['1 tbsp', 'lemon-juice'],
      ['3 tbsp', 'olive-oil-extra-virgin', 'sage oil, cooled'],
      ['2 tbsp', 'sage', 'chopped'],
      ['1/2 tsp', 'sea-salt-fine'],
      ['1/4 tsp', 'black-pepper'],
      ['1 clove', 'garlic-roasted'],
      ['1/4 cup', 'bean-cooking-liquid', 'last, a spoon at a time'],
    ],
    trials: [
      { day: 2, amounts: { 2: '2 tbsp' }, notes: 'Sharp.', changeNext: 'Halve the vinegar.' },
      {
        day: 16,
        amounts: { 4: '1/4 cup' },
        notes: 'Rich. Cox liked it, three did not.',
        changeNext: 'Three spoons of oil.',
      },
      {
        day: 27,
        notes: 'Right warm and right cold.',
        changeNext: 'Hold back the last spoon of liquid; it loosens on standing.',
      },
    ],
  },
  {
    id: 'split-pea-capers',
    name: 'Yellow split pea with capers',
    family: 'pulse',
    note: 'Cooked to a mash and cooled; capers and shallot folded in whole.',
    targets: pulseTargets,
    nextThing: 'Rinse the capers once more; salt by them, not by the spoon.',
    rows: [
      ['2 cups', 'split-peas-yellow-cooked', 'cooled'],
      ['3 tbsp', 'lemon-juice'],
      ['1/4 cup', 'olive-oil-extra-virgin'],
      ['1 clove', 'garlic-raw', 'crushed'],
      ['1 tsp', 'sea-salt-fine'],
      ['1/4 cup', 'water'],
      ['2 tbsp', 'capers', 'rinsed', { place: 'fold' }],
      ['2 tbsp', 'shallot-pickled', 'drained', { place: 'fold' }],
    ],
    trials: [
      {
        day: 5,
        amounts: { 6: '2 tbsp' },
        notes: 'Set like a brick in the fridge.',
        changeNext: 'Twice the water.',
      },
      {
        day: 19,
        amounts: { 5: '1 1/2 tsp' },
        notes: 'Salty with the capers.',
        changeNext: 'Back to one teaspoon.',
      },
      {
        day: 34,
        notes: 'Six took a jar home.',
        changeNext: 'Rinse the capers once more; salt by them, not by the spoon.',
      },
    ],
  },
  {
    id: 'black-bean-lime-cocoa',
    name: 'Black bean, lime and cocoa',
    family: 'pulse',
    note: 'A teaspoon of cocoa for depth; not enough to taste of it.',
    targets: {
      chilledBody: { low: 7.2, high: 8.2 },
      saltG: { low: 0.9, high: 1.2 },
      acidG: { low: 0.3, high: 0.55 },
    },
    nextThing: 'Taste cold before more lime.',
    rows: [
      ['3 cups', 'black-beans-cooked', 'boiled hard, then simmered soft'],
      ['3 tbsp', 'lime-juice'],
      ['1/2 cup', 'bean-cooking-liquid'],
      ['2 tbsp', 'rapeseed-oil'],
      ['1 1/4 tsp', 'sea-salt-fine'],
      ['1 tsp', 'cocoa-powder'],
      ['1 tsp', 'cumin-ground'],
      ['1/4 tsp', 'chilli-flakes'],
      ['2 cloves', 'garlic-roasted'],
    ],
    trials: [
      {
        day: 6,
        amounts: { 3: '1/4 cup' },
        notes: 'The stick blender would not have turned.',
        changeNext: 'Double the liquid.',
      },
      {
        day: 21,
        amounts: { 6: '1 tbsp' },
        notes: 'Tastes of cocoa.',
        changeNext: 'One teaspoon only.',
      },
      {
        day: 35,
        notes: 'Four called it the best of the table.',
        changeNext: 'Taste cold before more lime.',
      },
    ],
  },
  {
    id: 'watercress-hazelnut-pesto',
    name: 'Watercress, hazelnut and hard cheese pesto',
    family: 'pesto-spread',
    note: 'Cheese last but for the oil. To spread; loosen with pasta water to dress.',
    portionG: 30,
    servedAtC: 15,
    targets: {
      freshBody: { low: 6, high: 7.4 },
      saltG: { low: 0.7, high: 1.1 },
      garlicG: { low: 0.7, high: 1.8 },
    },
    nextThing: 'Light oil inside, fruity only on top.',
    rows: [
      ['2 packed cups', 'watercress', 'washed, spun dry'],
      ['1/2 cup', 'hazelnut', 'toasted, rubbed, cooled'],
      ['1 clove', 'garlic-raw', 'crushed'],
      ['1/4 tsp', 'sea-salt-fine'],
      ['3/4 cup', 'grana-style', 'finely grated'],
      ['1/3 cup + 1 tbsp', 'olive-oil-light', 'streamed'],
      ['2 tsp', 'lemon-juice'],
      ['1 tbsp', 'olive-oil-extra-virgin', 'to cover', { place: 'top' }],
    ],
    trials: [
      {
        day: 3,
        amounts: { 6: '3/4 cup' },
        notes: 'Ran off the bread.',
        changeNext: 'Half the oil.',
      },
      {
        day: 18,
        amounts: { 5: '1 cup' },
        notes: 'Firm, good on toast, salty.',
        changeNext: 'Three quarters of a cup of cheese.',
      },
      {
        day: 31,
        notes: 'Landed. Bitter when run too long.',
        changeNext: 'Light oil inside, fruity only on top.',
      },
    ],
  },
  {
    id: 'nettle-pumpkin-seed-pesto',
    name: 'Nettle and pumpkin seed pesto',
    family: 'pesto-spread',
    note: 'No cheese: white miso for depth. Nettles blanched and squeezed.',
    portionG: 30,
    servedAtC: 15,
    targets: { freshBody: { low: 6, high: 7.6 }, saltG: { low: 0.6, high: 1.1 } },
    nextThing: 'Pick again upstream of the slipway, clean ground only.',
    rows: [
      ['1 cup', 'nettle-blanched', 'squeezed, chopped'],
      ['1/2 cup', 'pumpkin-seed', 'toasted'],
      ['1 clove', 'garlic-raw'],
      ['1 tbsp', 'miso-white'],
      ['1/4 tsp', 'sea-salt-fine'],
      ['1 tbsp', 'lemon-juice'],
      ['1/2 cup', 'rapeseed-oil', 'streamed'],
    ],
    trials: [
      { day: 7, amounts: { 4: '2 tbsp' }, notes: 'Miso leads.', changeNext: 'One spoon of miso.' },
      {
        day: 26,
        notes: 'Two thought it had cheese.',
        changeNext: 'Pick again upstream of the slipway, clean ground only.',
      },
    ],
  },
  {
    id: 'charred-aubergine-labneh',
    name: 'Charred aubergine with labneh',
    family: 'vegetable',
    note: 'Pierced, charred, drained an hour. A fork, not the machine.',
    machineId: 'fork',
    method: { grind: 'coarse' },
    targets: {
      chilledBody: { low: 6, high: 7 },
      saltG: { low: 0.8, high: 1.1 },
      acidG: { low: 0.3, high: 0.6 },
    },
    nextThing: 'Drain twice as long and see if it weeps less.',
    rows: [
      ['3 aubergines', 'aubergine-roasted-drained', 'drained'],
      ['1/2 cup', 'labneh'],
      ['1 tbsp', 'tahini-hulled'],
      ['1 tbsp', 'lemon-juice'],
      ['1 clove', 'garlic-raw', 'crushed with the salt'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['1 tbsp', 'olive-oil-extra-virgin', 'to finish', { place: 'top' }],
    ],
    trials: [
      { day: 10, amounts: { 2: '1/4 cup' }, notes: 'Wept by noon.', changeNext: 'More labneh.' },
      { day: 23, amounts: { 4: '2 tbsp' }, notes: 'Sour.', changeNext: 'Half the lemon.' },
      {
        day: 37,
        notes: 'Holds till evening.',
        changeNext: 'Drain twice as long and see if it weeps less.',
      },
    ],
  },
  {
    id: 'radish-dill-yogurt',
    name: 'Radish and dill yogurt',
    family: 'yogurt',
    note: 'Stirred, never blended. Radish salted and squeezed.',
    machineId: 'whisk',
    targets: {
      chilledBody: { low: 5.2, high: 6.4 },
      saltG: { low: 0.5, high: 0.8 },
      acidG: { low: 0.7, high: 1 },
    },
    nextThing: 'Stir back what weeps before it goes out.',
    rows: [
      ['2 cups', 'greek-yogurt-10'],
      ['1 cup', 'radish-raw', 'grated, squeezed'],
      ['1/4 packed cup', 'dill'],
      ['2 tsp', 'lemon-juice'],
      ['1/2 tsp', 'sea-salt-fine'],
      ['1/2 clove', 'garlic-raw', 'to a paste'],
      ['1 tbsp', 'olive-oil-extra-virgin'],
    ],
    trials: [
      {
        day: 12,
        amounts: { 2: '1 1/2 cups' },
        notes: 'Loose within the hour.',
        changeNext: 'Less radish, squeezed harder.',
      },
      {
        day: 28,
        amounts: { 5: '3/4 tsp' },
        notes: 'Salty for a yogurt.',
        changeNext: 'Half a teaspoon.',
      },
      { day: 38, notes: 'Cool and right.', changeNext: 'Stir back what weeps before it goes out.' },
    ],
  },
  {
    id: 'cauliflower-cashew',
    name: 'Cauliflower and cashew',
    family: 'vegetable',
    note: 'Cauliflower roasted dark; cashews soaked in hot water and drained.',
    targets: {
      chilledBody: { low: 6.8, high: 7.8 },
      saltG: { low: 0.8, high: 1.1 },
      acidG: { low: 0.3, high: 0.5 },
    },
    nextThing: 'Turmeric down by half: it stains the cups.',
    rows: [
      ['1/2 cup', 'cashew', 'soaked, drained'],
      ['2 tbsp', 'lemon-juice'],
      ['1 tbsp', 'water'],
      ['1 clove', 'garlic-roasted'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['3 cups', 'cauliflower-roasted'],
      ['1/4 tsp', 'turmeric'],
      ['1 tbsp', 'rapeseed-oil'],
    ],
    trials: [
      { day: 14, amounts: { 3: '1/2 cup' }, notes: 'Soup.', changeNext: 'Next to no water.' },
      { day: 32, notes: 'Landed.', changeNext: 'Turmeric down by half: it stains the cups.' },
    ],
  },
  {
    id: 'edamame-mint',
    name: 'Edamame and mint',
    family: 'pulse',
    note: 'Blended cold, to stay green.',
    targets: {
      chilledBody: { low: 6.8, high: 7.9 },
      saltG: { low: 0.8, high: 1.1 },
      acidG: { low: 0.3, high: 0.5 },
    },
    nextThing: 'Lime instead of lemon, same amount.',
    rows: [
      ['2 cups', 'edamame-cooked', 'cold'],
      ['1/2 packed cup', 'mint'],
      ['3 tbsp', 'lemon-juice'],
      ['1/3 cup', 'water', 'ice cold'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['1/2 clove', 'garlic-raw'],
      ['2 tbsp', 'olive-oil-light'],
      ['1/4 cup', 'edamame-cooked', 'kept whole', { place: 'fold' }],
    ],
    trials: [
      {
        day: 25,
        amounts: { 4: '1/4 cup' },
        notes: 'Stiff, grainy.',
        changeNext: 'More water, longer run.',
      },
      { day: 39, notes: 'Smooth and green.', changeNext: 'Lime instead of lemon, same amount.' },
    ],
  },
  {
    id: 'hazelnut-red-bean-pate',
    name: 'Hazelnut and red bean pâté',
    family: 'pate',
    note: 'Beans boiled hard before they simmer. Packs; sliced with a warm knife.',
    portionG: 40,
    targets: {
      chilledBody: { low: 9, high: 10.2 },
      saltG: { low: 0.9, high: 1.2 },
      acidG: { low: 0.1, high: 0.4 },
    },
    nextThing: 'Press it in a lined tin overnight.',
    rows: [
      ['3/4 cup', 'hazelnut', 'toasted, rubbed'],
      ['1 1/2 cups', 'kidney-beans-red-cooked', 'boiled hard, simmered soft'],
      ['1/4 cup', 'onion-caramelised'],
      ['2 tbsp', 'tomato-paste'],
      ['2 tsp', 'balsamic-vinegar'],
      ['3/4 tsp', 'sea-salt-fine'],
      ['2 tbsp', 'rapeseed-oil'],
      ['1 tbsp', 'water'],
      ['1 tsp', 'thyme', 'leaves'],
    ],
    trials: [
      {
        day: 29,
        amounts: { 8: '1/4 cup' },
        notes: 'Would not hold a slice.',
        changeNext: 'A quarter of the water.',
      },
      { day: 40, notes: 'Slices clean.', changeNext: 'Press it in a lined tin overnight.' },
    ],
  },
];
