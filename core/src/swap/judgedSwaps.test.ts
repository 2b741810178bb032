import { describe, expect, test } from '@jest/globals';
import { swapOf, writtenParts } from '../../test/swapOf';
import { shippedLarder } from '../larder/larder';
import type { Family } from '../mix/families';
import { readySwap, swapFor } from './swap';
import { couldStandIn } from './couldStandIn';
import { swaps } from './swaps';

type Rows = readonly (readonly [id: string, amount: string])[];

/** Everyday dips of the sample kitchen. */
const dips: Record<string, { family: Family; rows: Rows }> = {
  hummus: {
    family: 'pulse',
    rows: [
      ['tahini-hulled', '1/3 cup'],
      ['lemon-juice', '2 tbsp'],
      ['water', '1/4 cup'],
      ['garlic-raw', '1 clove'],
      ['sea-salt-fine', '1/2 tsp'],
      ['chickpeas-canned-drained', '2 cups'],
      ['cumin-ground', '1/2 tsp'],
      ['olive-oil-extra-virgin', '1 tbsp'],
    ],
  },
  pesto: {
    family: 'pesto-spread',
    rows: [
      ['garlic-raw', '1 clove'],
      ['pine-nut', '1/3 cup'],
      ['basil', '60 g'],
      ['parmesan-style', '40 g'],
      ['olive-oil-extra-virgin', '1/3 cup'],
      ['lemon-juice', '1 tsp'],
      ['sea-salt-fine', '1/4 tsp'],
    ],
  },
  yogurt: {
    family: 'yogurt',
    rows: [
      ['greek-yogurt-10', '300 g'],
      ['cucumber-squeezed', '100 g'],
      ['dill', '2 tbsp'],
      ['garlic-raw', '1 clove'],
      ['lemon-juice', '1 tbsp'],
      ['sea-salt-fine', '1/2 tsp'],
      ['olive-oil-extra-virgin', '1 tbsp'],
    ],
  },
  beans: {
    family: 'pulse',
    rows: [
      ['cannellini-canned-drained', '1 can'],
      ['sage', '1 tbsp'],
      ['garlic-raw', '2 cloves'],
      ['lemon-juice', '1 tbsp'],
      ['sea-salt-fine', '1/4 tsp'],
      ['olive-oil-extra-virgin', '3 tbsp'],
    ],
  },
  pepper: {
    family: 'vegetable',
    rows: [
      ['red-pepper-roasted', '300 g'],
      ['walnut', '1/2 cup'],
      ['breadcrumbs-dry', '1/4 cup'],
      ['tomato-paste', '1 tbsp'],
      ['pomegranate-molasses', '1 tbsp'],
      ['chilli-flakes', '1/2 tsp'],
      ['sea-salt-fine', '1/2 tsp'],
      ['olive-oil-extra-virgin', '3 tbsp'],
    ],
  },
  whip: {
    family: 'yogurt',
    rows: [
      ['feta', '200 g'],
      ['greek-yogurt-10', '100 g'],
      ['honey', '2 tsp'],
      ['olive-oil-extra-virgin', '1 tbsp'],
      ['lemon-juice', '2 tsp'],
    ],
  },
  pate: {
    family: 'pate',
    rows: [
      ['hazelnut', '100 g'],
      ['kidney-beans-red-cooked', '200 g'],
      ['onion-caramelised', '60 g'],
      ['miso-white', '1 tbsp'],
      ['white-wine-vinegar', '2 tsp'],
      ['sea-salt-fine', '1/2 tsp'],
      ['sunflower-oil', '2 tbsp'],
      ['water', '2 tbsp'],
    ],
  },
  avocado: {
    family: 'vegetable',
    rows: [
      ['avocado', '300 g'],
      ['lime-juice', '1 1/2 tbsp'],
      ['coriander-leaf', '2 tbsp'],
      ['onion-raw', '2 tbsp'],
      ['red-chilli-fresh', '1 tbsp'],
      ['sea-salt-fine', '1/2 tsp'],
    ],
  },
};

function asked(dip: string, from: string) {
  const { family, rows } = dips[dip] ?? { family: 'pulse', rows: [] };
  const index = rows.findIndex(([id]) => id === from);
  return swapOf(writtenParts(rows), index, { family });
}

const larder = [...shippedLarder.values()];
function rankedAll(dip: string, from: string, allergens: string[] = [], vegan = false) {
  const question = asked(dip, from);
  const free = { allergens, diets: vegan ? (['vegan'] as const) : [] };
  return swaps(question, couldStandIn(question, { larder, free }));
}
const ranked = (...args: Parameters<typeof rankedAll>) =>
  rankedAll(...args).map(({ ingredient }) => ingredient.id);

/** What a cook would take first where it is not in the house, and what is as good. */
const firstChoices: readonly (readonly [dip: string, from: string, anyOf: readonly string[]])[] = [
  ['hummus', 'tahini-hulled', ['tahini-home-made']],
  ['hummus', 'lemon-juice', ['lime-juice']],
  ['hummus', 'garlic-raw', ['garlic-jarred']],
  ['hummus', 'sea-salt-fine', ['salt-flaky', 'salt-table']],
  ['hummus', 'chickpeas-canned-drained', ['chickpeas-canned-rinsed']],
  ['hummus', 'cumin-ground', ['coriander-seed-ground']],
  ['hummus', 'olive-oil-extra-virgin', ['olive-oil-light', 'avocado-oil']],
  ['hummus', 'water', ['ice', 'bean-cooking-liquid', 'chickpea-can-liquid']],
  ['pesto', 'parmesan-style', ['grana-style', 'pecorino-style']],
  ['pesto', 'pine-nut', ['macadamia', 'cashew', 'hemp-hearts', 'sunflower-seed']],
  ['pesto', 'basil', ['parsley', 'mint', 'coriander-leaf']],
  ['yogurt', 'greek-yogurt-10', ['greek-yogurt-0', 'labneh']],
  ['yogurt', 'cucumber-squeezed', ['cucumber-grated']],
  ['yogurt', 'dill', ['tarragon', 'dill-dried']],
  ['beans', 'cannellini-canned-drained', ['navy-beans-canned-drained', 'cannellini-cooked']],
  ['beans', 'sage', ['rosemary', 'thyme', 'oregano-fresh']],
  ['pepper', 'red-pepper-roasted', ['red-pepper-jarred']],
  ['pepper', 'walnut', ['pecan', 'hazelnut']],
  ['pepper', 'breadcrumbs-dry', ['bread-stale']],
  ['pepper', 'tomato-paste', ['sun-dried-tomato-oil', 'sun-dried-tomato-dry']],
  ['pepper', 'pomegranate-molasses', ['tamarind-pulp', 'balsamic-vinegar']],
  ['pepper', 'chilli-flakes', ['cayenne', 'hot-sauce']],
  ['whip', 'feta', ['goat-cheese-fresh']],
  ['whip', 'honey', ['maple-syrup']],
  ['pate', 'kidney-beans-red-cooked', ['black-beans-cooked', 'pinto-beans-cooked']],
  ['pate', 'onion-caramelised', ['onion-sauteed']],
  ['pate', 'miso-white', ['miso-red']],
  ['pate', 'white-wine-vinegar', ['red-wine-vinegar', 'cider-vinegar']],
  ['pate', 'sunflower-oil', ['rapeseed-oil', 'corn-oil']],
  ['avocado', 'lime-juice', ['lemon-juice']],
  ['avocado', 'onion-raw', ['shallot-raw', 'scallion']],
  ['avocado', 'red-chilli-fresh', ['green-chilli-fresh']],
  ['avocado', 'coriander-leaf', ['parsley', 'mint', 'basil']],
];

/** How much of it a cook would take, g, and what must be said. */
const amounts: readonly (readonly [
  dip: string,
  from: string,
  to: string,
  least: number,
  most: number,
  says?: RegExp,
])[] = [
  ['hummus', 'garlic-raw', 'garlic-granulated', 0.5, 1.5],
  ['hummus', 'garlic-raw', 'garlic-roasted', 10, 30],
  ['hummus', 'garlic-raw', 'garlic-jarred', 3, 8],
  ['hummus', 'tahini-hulled', 'sunflower-butter', 50, 95, /no sesame/],
  ['hummus', 'tahini-hulled', 'cashew-butter', 50, 110, /no sesame; adds cashew/],
  ['hummus', 'chickpeas-canned-drained', 'chickpeas-cooked', 220, 330],
  ['hummus', 'chickpeas-canned-drained', 'butter-beans-canned-drained', 240, 340, /butter/],
  ['hummus', 'lemon-juice', 'white-wine-vinegar', 18, 34, /adds sulphite/],
  ['hummus', 'sea-salt-fine', 'salt-flaky', 2.2, 3.6],
  ['pesto', 'parmesan-style', 'pecorino-style', 26, 44],
  ['pesto', 'parmesan-style', 'nutritional-yeast', 8, 30, /no milk/],
  ['pesto', 'parmesan-style', 'miso-white', 8, 40, /no milk; adds soy/],
  ['pesto', 'pine-nut', 'sunflower-seed', 25, 50, /no pine nut/],
  ['pesto', 'pine-nut', 'walnut', 30, 60, /adds walnut/],
  ['yogurt', 'dill', 'dill-dried', 0.5, 1.8],
  ['yogurt', 'greek-yogurt-10', 'coconut-yogurt', 260, 330, /no milk/],
  ['beans', 'cannellini-canned-drained', 'cannellini-cooked', 190, 270],
  ['pepper', 'breadcrumbs-dry', 'flaxseed-ground', 15, 45, /no gluten/],
  ['whip', 'honey', 'sugar', 9, 14],
];

describe('judged swaps', () => {
  test.each(firstChoices)('%s without its %s', (dip, from, anyOf) => {
    const [first = 'nothing'] = ranked(dip, from);
    expect(anyOf).toContain(first);
  });

  test.each(amounts)('%s: %s becomes %s', (dip, from, to, least, most, says = /./) => {
    const thing = shippedLarder.get(to);
    if (!thing) throw new Error(to);
    const one = swapFor(readySwap(asked(dip, from)), thing);
    expect([one.massG >= least, one.massG <= most, one.massG, one.amount]).toEqual([
      true,
      true,
      one.massG,
      one.amount,
    ]);
    expect(one.words).toMatch(says);
  });

  test('free of something, the nearest without it comes first', () => {
    expect(ranked('hummus', 'tahini-hulled', ['sesame'])[0]).toBe('sunflower-butter');
    expect(ranked('pesto', 'parmesan-style', ['milk']).slice(0, 3)).toContain('nutritional-yeast');
    expect(ranked('yogurt', 'greek-yogurt-10', [], true)[0]).toBe('coconut-yogurt');
    const noNuts = ranked('pepper', 'walnut').filter((id) => id.endsWith('-seed'));
    expect(noNuts.slice(0, 3)).toEqual(expect.arrayContaining(['sunflower-seed', 'pumpkin-seed']));
  });

  test('what nothing stands in for is far from everything', () => {
    const [nearest] = rankedAll('avocado', 'avocado');
    expect(nearest?.distance).toBeGreaterThan(10);
  });
});
