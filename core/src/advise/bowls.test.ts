import { beforeAll, describe, expect, test } from '@jest/globals';
import { part } from '../../test/bowlOf';
import { conditionsOf } from '../../test/kitchenOf';
import { ingredient } from '../../test/larderIngredient';
import { kitchenMeasures } from '../amounts/kitchenMeasure';
import { highsSolver } from '../landing/highsSolver';
import type { LinearSolver } from '../landing/linearProgram';
import type { Family } from '../mix/families';
import type { Targets } from '../mix/targets';
import type { TasteMarks } from '../readings/tastes';
import { advise } from './advise';
import type { Suggestion } from './suggestion';
import type { AdviseInput } from './adviseInput';

let solver: LinearSolver;
beforeAll(async () => {
  solver = await highsSolver();
});

type Row = [id: string, massG: number];

/** A bowl with what a good cook would do, and would never do. */
interface Bowl {
  name: string;
  family?: Family;
  bowl: Row[];
  tastes?: TasteMarks;
  targets?: Targets;
  hand: string[];
  /** One of these goes in first; empty where it should be left alone. */
  does: string[];
  /** None of these goes in at all. */
  never?: string[];
  /** More than this is another dip, g. */
  mostG?: number;
  free?: AdviseInput['free'];
}

const basics = ['water', 'lemon-juice', 'olive-oil-extra-virgin', 'sea-salt-fine', 'tahini-hulled'];
const hummus = (saltG = 3, more: Row[] = []): Row[] => [
  ['chickpeas-canned-drained', 330],
  ['tahini-hulled', 80],
  ['lemon-juice', 30],
  ['water', 50],
  ['garlic-raw', 4],
  ['sea-salt-fine', saltG],
  ...more,
];
const stiff: Row[] = [
  ['chickpeas-canned-drained', 330],
  ['tahini-hulled', 80],
  ['lemon-juice', 30],
  ['sea-salt-fine', 3],
];
const yogurt = (saltG = 3): Row[] => [
  ['greek-yogurt-10', 300],
  ['dill', 10],
  ['olive-oil-extra-virgin', 15],
  ['garlic-raw', 3],
  ['sea-salt-fine', saltG],
];
const pesto = (saltG = 2): Row[] => [
  ['basil', 80],
  ['pine-nut', 50],
  ['parmesan-style', 50],
  ['olive-oil-extra-virgin', 110],
  ['garlic-raw', 4],
  ['sea-salt-fine', saltG],
];
const beans: Row[] = [
  ['butter-beans-canned-drained', 300],
  ['olive-oil-extra-virgin', 20],
  ['lemon-juice', 8],
  ['water', 30],
  ['sea-salt-fine', 2],
];
const body = (low: number, high: number): Targets => ({ freshBody: { low, high } });
const seeds = ['cumin-ground', 'paprika-smoked', 'chickpeas-dried', 'breadcrumbs-dry'];

const bowls: Bowl[] = [
  {
    name: 'hummus short of salt',
    bowl: hummus(1),
    tastes: { salt: 'short' },
    hand: basics,
    does: ['sea-salt-fine'],
    never: ['water', 'tahini-hulled'],
    mostG: 4,
  },
  {
    name: 'hummus short of salt though its target lies lower',
    bowl: hummus(4),
    tastes: { salt: 'short' },
    targets: { saltG: { low: 0.8, high: 1 } },
    hand: basics,
    does: ['sea-salt-fine'],
    mostG: 4,
  },
  {
    name: 'hummus a little dull',
    bowl: hummus(),
    tastes: { sour: 'short' },
    hand: basics,
    does: ['lemon-juice'],
    never: ['olive-oil-extra-virgin'],
    mostG: 20,
  },
  {
    name: 'hummus too sharp',
    bowl: hummus(3, [['lemon-juice', 25]]),
    tastes: { sour: 'over' },
    hand: [...basics, 'chickpeas-canned-drained'],
    does: ['chickpeas-canned-drained', 'tahini-hulled'],
    never: ['lemon-juice'],
    mostG: 140,
  },
  {
    name: 'salty hummus',
    bowl: hummus(7),
    tastes: { salt: 'over' },
    hand: [...basics, 'chickpeas-canned-drained'],
    does: ['chickpeas-canned-drained'],
    never: ['sea-salt-fine'],
    mostG: 400,
  },
  {
    name: 'double salt with cooked chickpeas at hand',
    bowl: hummus(7),
    tastes: { salt: 'over' },
    hand: [...basics, 'chickpeas-cooked'],
    does: ['chickpeas-cooked'],
    never: ['sea-salt-fine'],
    mostG: 400,
  },
  {
    name: 'hummus too garlicky',
    bowl: hummus(3, [['garlic-raw', 8]]),
    tastes: { garlic: 'over' },
    hand: [...basics, 'chickpeas-canned-drained', 'garlic-raw'],
    does: ['chickpeas-canned-drained'],
    never: ['garlic-raw'],
    mostG: 200,
  },
  {
    name: 'garlicky, and right so',
    bowl: hummus(3, [['garlic-raw', 12]]),
    tastes: { garlic: 'right', sour: 'right' },
    targets: { garlicG: { low: 0.2, high: 1.8 } },
    hand: [...basics, 'chickpeas-canned-drained'],
    does: [],
  },
  {
    name: 'hummus short of garlic',
    bowl: hummus()
      .filter(([id]) => id !== 'garlic-raw')
      .concat([['garlic-raw', 2]]),
    tastes: { garlic: 'short' },
    hand: [...basics, 'garlic-raw'],
    does: ['garlic-raw'],
    mostG: 12,
  },
  {
    name: 'stiff hummus',
    bowl: stiff,
    targets: body(6.4, 7.4),
    hand: [...basics, 'chickpea-can-liquid'],
    does: ['water', 'chickpea-can-liquid'],
    never: ['tahini-hulled'],
    mostG: 130,
  },
  {
    name: 'stiff hummus with ice and water at hand',
    bowl: stiff,
    targets: body(6.4, 7.4),
    hand: [...basics, 'ice'],
    does: ['water'],
    never: ['ice'],
    mostG: 130,
  },
  {
    name: 'stiff hummus with nothing but ice to loosen it',
    bowl: stiff,
    targets: body(6.4, 7.8),
    hand: ['ice', 'sea-salt-fine'],
    does: ['ice'],
    mostG: 140,
  },
  {
    name: 'a hair too stiff, all tastes right',
    bowl: hummus(),
    tastes: { salt: 'right', sour: 'right', garlic: 'right' },
    targets: body(6.4, 7.4),
    hand: basics,
    does: ['water', 'olive-oil-extra-virgin'],
    mostG: 60,
  },
  {
    name: 'loose hummus',
    bowl: hummus(3, [['water', 110]]),
    targets: body(6.2, 7.2),
    hand: [...basics, ...seeds, 'chickpeas-canned-drained'],
    does: ['chickpeas-canned-drained', 'tahini-hulled'],
    never: seeds,
    mostG: 260,
  },
  {
    name: 'lean hummus',
    bowl: hummus(),
    tastes: { lean: 'over' },
    hand: basics,
    does: ['olive-oil-extra-virgin', 'tahini-hulled'],
    never: ['water'],
    mostG: 60,
  },
  {
    name: 'too rich',
    bowl: hummus(3, [['olive-oil-extra-virgin', 60]]),
    tastes: { lean: 'short' },
    hand: [...basics, 'chickpeas-canned-drained'],
    does: ['chickpeas-canned-drained', 'water'],
    never: ['olive-oil-extra-virgin', 'tahini-hulled'],
    mostG: 220,
  },
  {
    name: 'flat hummus',
    bowl: hummus(2),
    tastes: { flat: 'over' },
    hand: basics,
    does: ['lemon-juice', 'sea-salt-fine'],
    never: ['tahini-hulled', 'olive-oil-extra-virgin'],
    mostG: 25,
  },
  {
    name: 'flat, with its salt right',
    bowl: hummus(),
    tastes: { flat: 'over', salt: 'right' },
    hand: basics,
    does: ['lemon-juice'],
    never: ['tahini-hulled'],
    mostG: 25,
  },
  {
    name: 'bitter, with honey at hand',
    bowl: hummus(),
    tastes: { bitter: 'over', salt: 'right' },
    hand: [...basics, 'honey'],
    does: ['honey', 'olive-oil-extra-virgin', 'lemon-juice'],
    never: ['tahini-hulled'],
  },
  {
    name: 'free of sesame, loose',
    bowl: beans.concat([['water', 60]]),
    targets: body(6.4, 7.6),
    hand: ['tahini-hulled', 'butter-beans-canned-drained', 'water'],
    does: ['butter-beans-canned-drained'],
    never: ['tahini-hulled'],
    free: { allergens: ['sesame'], diets: [] },
    mostG: 420,
  },
  {
    name: 'vegan, too sharp',
    bowl: beans.concat([['lemon-juice', 20]]),
    tastes: { sour: 'over' },
    hand: ['greek-yogurt-10', 'butter-beans-canned-drained', 'olive-oil-extra-virgin'],
    does: ['butter-beans-canned-drained', 'olive-oil-extra-virgin'],
    never: ['greek-yogurt-10'],
    free: { allergens: [], diets: ['vegan'] },
  },
  {
    name: 'bean dip short of salt and dull',
    bowl: beans,
    tastes: { salt: 'short', sour: 'short' },
    hand: ['sea-salt-fine', 'lemon-juice', 'water'],
    does: ['sea-salt-fine', 'lemon-juice'],
    never: ['water'],
    mostG: 25,
  },
  {
    name: 'two teaspoons of salt in yogurt',
    family: 'yogurt',
    bowl: [
      ['greek-yogurt-10', 400],
      ['sea-salt-fine', 12],
    ],
    tastes: { salt: 'over' },
    hand: ['greek-yogurt-10', 'lemon-juice', 'olive-oil-extra-virgin', 'water'],
    does: ['greek-yogurt-10'],
    never: ['lemon-juice', 'olive-oil-extra-virgin'],
    mostG: 500,
  },
  {
    name: 'yogurt dip short of salt',
    family: 'yogurt',
    bowl: yogurt(1),
    tastes: { salt: 'short' },
    hand: ['sea-salt-fine', 'greek-yogurt-10', 'feta'],
    does: ['sea-salt-fine'],
    mostG: 3,
  },
  {
    name: 'loose yogurt dip',
    family: 'yogurt',
    bowl: [
      ['greek-yogurt-0', 300],
      ['cucumber-squeezed', 200],
      ['sea-salt-fine', 3],
      ['garlic-raw', 4],
    ],
    targets: body(5, 6.2),
    hand: ['labneh', 'greek-yogurt-0', 'breadcrumbs-dry', 'chickpeas-dried', 'cumin-ground'],
    does: ['labneh', 'greek-yogurt-0'],
    never: ['breadcrumbs-dry', 'chickpeas-dried', 'cumin-ground'],
    mostG: 220,
  },
  {
    name: 'stiff yogurt dip',
    family: 'yogurt',
    bowl: [
      ['labneh', 300],
      ['dill', 10],
      ['sea-salt-fine', 2],
    ],
    targets: body(5.5, 6.8),
    hand: ['water', 'milk-whole', 'lemon-juice', 'greek-yogurt-0'],
    does: ['water', 'milk-whole', 'greek-yogurt-0'],
    mostG: 160,
  },
  {
    name: 'yogurt dip not sour enough',
    family: 'yogurt',
    bowl: yogurt(),
    tastes: { sour: 'short' },
    hand: ['lemon-juice', 'white-wine-vinegar', 'greek-yogurt-10'],
    does: ['lemon-juice', 'white-wine-vinegar'],
    mostG: 20,
  },
  {
    name: 'guacamole, dull, with lime in it',
    family: 'vegetable',
    bowl: [
      ['avocado', 300],
      ['lime-juice', 5],
      ['onion-raw', 30],
      ['sea-salt-fine', 3],
    ],
    tastes: { sour: 'short' },
    hand: ['white-wine-vinegar', 'lime-juice', 'water'],
    does: ['lime-juice'],
    never: ['water'],
    mostG: 20,
  },
  {
    name: 'guacamole short of salt',
    family: 'vegetable',
    bowl: [
      ['avocado', 300],
      ['lime-juice', 15],
      ['sea-salt-fine', 1],
    ],
    tastes: { salt: 'short' },
    hand: ['sea-salt-fine', 'soy-sauce', 'lime-juice'],
    does: ['sea-salt-fine'],
    never: ['soy-sauce'],
    mostG: 4,
  },
  {
    name: 'charred aubergine, lean',
    family: 'vegetable',
    bowl: [
      ['aubergine-roasted-drained', 400],
      ['lemon-juice', 20],
      ['sea-salt-fine', 4],
    ],
    tastes: { lean: 'over' },
    hand: ['olive-oil-extra-virgin', 'tahini-hulled', 'water'],
    does: ['olive-oil-extra-virgin', 'tahini-hulled'],
    never: ['water'],
    mostG: 60,
  },
  {
    name: 'pumpkin dip too sweet a thing to be salted by cheese alone',
    family: 'vegetable',
    bowl: [
      ['pumpkin-roasted', 400],
      ['tahini-hulled', 40],
      ['lemon-juice', 15],
      ['sea-salt-fine', 1.5],
    ],
    tastes: { salt: 'short' },
    hand: ['sea-salt-fine', 'feta', 'cheddar'],
    does: ['sea-salt-fine'],
    never: ['feta', 'cheddar'],
    mostG: 5,
  },
  {
    name: 'stiff pesto',
    family: 'pesto-spread',
    bowl: [
      ['basil', 80],
      ['pine-nut', 70],
      ['parmesan-style', 70],
      ['olive-oil-extra-virgin', 60],
      ['garlic-raw', 3],
    ],
    targets: body(5.5, 6.8),
    hand: ['olive-oil-extra-virgin', 'water', 'sunflower-oil'],
    does: ['olive-oil-extra-virgin', 'water'],
    never: ['sunflower-oil'],
    mostG: 60,
  },
  {
    name: 'salty pesto',
    family: 'pesto-spread',
    bowl: pesto(5),
    tastes: { salt: 'over' },
    hand: ['basil', 'pine-nut', 'parmesan-style', 'olive-oil-extra-virgin'],
    does: ['basil', 'pine-nut', 'olive-oil-extra-virgin'],
    mostG: 200,
  },
  {
    name: 'pesto short of salt',
    family: 'pesto-spread',
    bowl: pesto(0.5),
    tastes: { salt: 'short' },
    hand: ['sea-salt-fine', 'parmesan-style', 'anchovy'],
    does: ['sea-salt-fine', 'parmesan-style'],
    never: ['anchovy'],
  },
  {
    name: 'bitter pesto of kale',
    family: 'pesto-spread',
    bowl: [
      ['kale', 100],
      ['walnut', 60],
      ['olive-oil-extra-virgin', 90],
      ['parmesan-style', 40],
    ],
    tastes: { bitter: 'over' },
    hand: ['honey', 'sea-salt-fine', 'olive-oil-extra-virgin', 'lemon-juice', 'kale'],
    does: ['honey', 'sea-salt-fine', 'olive-oil-extra-virgin', 'lemon-juice'],
    never: ['kale'],
    mostG: 40,
  },
  {
    name: 'pesto with too much garlic',
    family: 'pesto-spread',
    bowl: pesto().concat([['garlic-raw', 8]]),
    tastes: { garlic: 'over' },
    hand: ['basil', 'pine-nut', 'parmesan-style', 'olive-oil-extra-virgin', 'garlic-raw'],
    does: ['basil', 'pine-nut', 'olive-oil-extra-virgin', 'parmesan-style'],
    never: ['garlic-raw'],
    mostG: 260,
  },
  {
    name: 'pâté too soft',
    family: 'pate',
    bowl: [
      ['kidney-beans-red-canned-drained', 250],
      ['hazelnut', 80],
      ['olive-oil-extra-virgin', 15],
      ['water', 50],
      ['sea-salt-fine', 3],
    ],
    targets: body(8.5, 9.6),
    hand: ['hazelnut', 'kidney-beans-red-canned-drained', 'breadcrumbs-dry', 'chickpeas-dried'],
    does: ['hazelnut', 'kidney-beans-red-canned-drained'],
    never: ['breadcrumbs-dry', 'chickpeas-dried'],
    mostG: 300,
  },
  {
    name: 'black beans, dull, with lime',
    bowl: [
      ['black-beans-canned-drained', 300],
      ['lime-juice', 8],
      ['water', 40],
      ['olive-oil-extra-virgin', 15],
      ['sea-salt-fine', 1],
    ],
    tastes: { sour: 'short' },
    hand: ['lemon-juice', 'lime-juice', 'water'],
    does: ['lime-juice'],
    never: ['water'],
    mostG: 20,
  },
  { name: 'where it should be', bowl: hummus(), targets: body(6.5, 8.5), hand: basics, does: [] },
  {
    name: 'short of salt and nothing salty at hand',
    bowl: hummus(0),
    tastes: { salt: 'short' },
    hand: ['water', 'olive-oil-extra-virgin'],
    does: [],
    never: ['water', 'olive-oil-extra-virgin'],
  },
];

const ask = ({ bowl, family = 'pulse', tastes = {}, targets = {}, hand, free }: Bowl) =>
  advise(
    {
      parts: bowl.map(([id, massG]) => part(id, massG)),
      conditions: conditionsOf(),
      machine: { mostMl: 1500 },
      ...{ family, tastes, targets },
      atHand: hand.map(ingredient),
      leadId: bowl[0]?.[0] ?? '',
      ...(free ? { free } : {}),
    },
    solver,
  );

/** What no suggestion may ever be, whatever the bowl. */
function faultsOf({ add, proposal, gives }: Suggestion): string[] {
  const faults: string[] = [];
  for (const { ingredient: id, massG } of add) {
    const [least] = kitchenMeasures(ingredient(id), 'us', 0);
    if (massG < Math.min(1, least?.massG ?? 1) * 0.99)
      faults.push(`${massG} g ${id} can't be measured`);
  }
  const right = /puts? it right|do(es)? both/.test(proposal.why);
  if (right && proposal.misses.length > 0) faults.push(`says it is right: ${proposal.why}`);
  for (const { name, times } of gives) {
    if (times > 2 && !/^It will be /.test(proposal.why)) faults.push(`${name} goes unsaid`);
  }
  return faults;
}

describe('forty bowls, with what a good cook would do and would never do', () => {
  test('are forty', () => expect(new Set(bowls.map(({ name }) => name)).size).toBe(40));

  test.each(bowls)('$name', (bowl) => {
    const { does, never = [], mostG = Infinity } = bowl;
    const { suggestions, rescue, met } = ask(bowl);
    const steps = suggestions.filter(({ add }) => add.length > 0);
    const first = steps[0]?.add ?? rescue?.add ?? [];
    const ids = first.map(({ ingredient: id }) => id);
    const told = [...steps.map(({ proposal }) => proposal.why), rescue?.proposal.why ?? ''].join(
      ' | ',
    );
    if (does.length === 0) expect([ids, told]).toEqual([[], told]);
    else expect([does.some((id) => ids.includes(id)), ids, told]).toEqual([true, ids, told]);
    for (const one of [...steps.map(({ add }) => add), rescue?.add ?? []]) {
      for (const { ingredient: id } of one)
        expect([never.includes(id), id, told]).toEqual([false, id, told]);
    }
    expect(first.reduce((sum, { massG }) => sum + massG, 0)).toBeLessThanOrEqual(mostG);
    expect(steps.flatMap(faultsOf)).toEqual([]);
    if (met) expect(steps.every(({ proposal }) => proposal.misses.length === 0)).toBe(true);
  });
});
