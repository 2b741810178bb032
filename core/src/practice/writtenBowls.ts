import type { Family } from '../mix/families';
import type { Larder } from '../larder/larder';
import { shelfFor } from './shelf';
import { additionOf, bowlWithWay, type HiddenBowl, type Level, offBy, partOf } from './hiddenBowl';

interface WrittenBowl {
  id: string;
  name: string;
  told: string;
  level: Level;
  family: Family;
  /** g of each thing that stands in it. */
  start: readonly (readonly [ingredientId: string, massG: number])[];
  /** What brings it right. */
  way: readonly (readonly [ingredientId: string, amount: string])[];
  /** Body this kitchen is off by. */
  off: number;
}

/** Ten bowls by hand, the plain ones first. */
const written: readonly WrittenBowl[] = [
  {
    ...{ id: 'cold-tub', name: 'The cold tub', level: 1, family: 'pulse', off: 0 },
    told: 'Weir House hummus, made with half the water so that it would keep its shape in the tub. It keeps it too well.',
    start: [
      ['tahini-hulled', 75],
      ['lemon-juice', 38],
      ['water', 18],
      ['garlic-raw', 4],
      ['sea-salt-fine', 3],
      ['chickpeas-canned-drained', 300],
      ['olive-oil-extra-virgin', 15],
    ],
    way: [['water', '3 tbsp']],
  },
  {
    ...{ id: 'jug-slipped', name: 'The jug slipped', level: 1, family: 'pulse', off: 0.2 },
    told: 'Butter bean and sage for tea. Whoever held the jug was talking.',
    start: [
      ['butter-beans-canned-drained', 300],
      ['lemon-juice', 20],
      ['water', 78],
      ['garlic-raw', 3],
      ['sea-salt-fine', 3],
      ['olive-oil-extra-virgin', 50],
      ['sage', 3],
    ],
    way: [['butter-beans-canned-drained', '1/2 cup']],
  },
  {
    ...{ id: 'nobody-salted', name: 'Nobody salted it', level: 1, family: 'pulse', off: -0.1 },
    told: 'Yellow split peas, cooked without salt. Two cooks each thought the other had seen to it.',
    start: [
      ['split-peas-yellow-cooked', 350],
      ['lemon-juice', 30],
      ['water', 30],
      ['garlic-raw', 3],
      ['sea-salt-fine', 0.8],
      ['olive-oil-extra-virgin', 40],
    ],
    way: [['sea-salt-fine', '1/2 tsp']],
  },
  {
    ...{ id: 'lemon-short', name: 'A lemon short', level: 1, family: 'pulse', off: 0.1 },
    told: 'Edamame and mint. One of the lemons was dry as a cork.',
    start: [
      ['edamame-cooked', 300],
      ['lemon-juice', 8],
      ['water', 65],
      ['garlic-raw', 2],
      ['sea-salt-fine', 3.5],
      ['olive-oil-extra-virgin', 40],
      ['mint', 8],
    ],
    way: [['lemon-juice', '5 tsp']],
  },
  {
    ...{ id: 'thirsty-jar', name: 'A thirsty jar', level: 1, family: 'pulse', off: 1.1 },
    told: 'The same hummus as every week, out of a new jar of tahini. Everything was weighed. Something is stiffer than it should be.',
    start: [
      ['tahini-hulled', 75],
      ['lemon-juice', 38],
      ['water', 40],
      ['garlic-raw', 4],
      ['sea-salt-fine', 3],
      ['chickpeas-canned-drained', 300],
      ['olive-oil-extra-virgin', 15],
    ],
    way: [['water', '3 tbsp']],
  },
  {
    ...{ id: 'stiff-and-dull', name: 'Stiff and dull', level: 2, family: 'pulse', off: 0.2 },
    told: 'Black beans with cocoa, before the limes came. One thing may mend two.',
    start: [
      ['black-beans-canned-drained', 320],
      ['lime-juice', 6],
      ['water', 20],
      ['garlic-raw', 3],
      ['sea-salt-fine', 2.5],
      ['olive-oil-extra-virgin', 25],
    ],
    way: [['lime-juice', '2 tbsp']],
  },
  {
    ...{ id: 'stretched', name: 'Stretched for twelve', level: 2, family: 'pulse', off: -0.3 },
    told: 'Six were expected and twelve came, so somebody let water into it. It runs, and it tastes of little.',
    start: [
      ['chickpeas-canned-drained', 220],
      ['lemon-juice', 40],
      ['water', 60],
      ['garlic-raw', 4],
      ['sea-salt-fine', 2],
      ['olive-oil-extra-virgin', 20],
      ['tahini-hulled', 40],
    ],
    way: [
      ['tahini-hulled', '4 tbsp'],
      ['sea-salt-fine', '1/4 tsp'],
    ],
  },
  {
    ...{ id: 'salted-twice', name: 'Salted twice', level: 2, family: 'pulse', off: 0.1 },
    told: 'Both cooks saw to the salt this time. Nothing can be taken out again.',
    start: [
      ['tahini-hulled', 60],
      ['lemon-juice', 18],
      ['water', 66],
      ['garlic-raw', 3],
      ['sea-salt-fine', 4.6],
      ['chickpeas-canned-drained', 200],
      ['olive-oil-extra-virgin', 15],
    ],
    way: [['chickpeas-canned-drained', '1 cup']],
  },
  {
    ...{ id: 'after-training', name: 'After training', level: 2, family: 'pulse', off: -0.2 },
    told: 'It is as the card has it, and the eight come off the water wanting it saltier and easier to scoop.',
    start: [
      ['butter-beans-canned-drained', 320],
      ['lemon-juice', 22],
      ['water', 22],
      ['garlic-raw', 3],
      ['sea-salt-fine', 2],
      ['olive-oil-extra-virgin', 45],
    ],
    way: [
      ['sea-salt-fine', '1/2 tsp'],
      ['water', '3 tbsp'],
    ],
  },
  {
    ...{
      id: 'salty-sharp-loose',
      name: 'Salty, sharp and loose',
      level: 3,
      family: 'pulse',
      off: 0.3,
    },
    told: 'Everything that could be poured was poured twice. There are chickpeas left, and tahini.',
    start: [
      ['tahini-hulled', 30],
      ['lemon-juice', 46],
      ['water', 52],
      ['garlic-raw', 4],
      ['sea-salt-fine', 3.6],
      ['chickpeas-canned-drained', 170],
      ['olive-oil-extra-virgin', 15],
    ],
    way: [
      ['chickpeas-canned-drained', '1 cup'],
      ['tahini-hulled', '4 tbsp'],
    ],
  },
];

/** The ids of the written bowls, the plain ones first. */
export const writtenIds: readonly string[] = written.map(({ id }) => id);

/** What a written bowl is called, without making it; null for an id there is none of. */
export function writtenTitle(id: string): Pick<HiddenBowl, 'name' | 'told' | 'level'> | null {
  return written.find((one) => one.id === id) ?? null;
}

/**
 * A bowl written by hand.
 *
 * @returns null for an id there is none of
 * @throws RangeError where the larder lacks one of its things
 */
export function writtenBowl(id: string, larder: Larder): HiddenBowl | null {
  const place = written.findIndex((one) => one.id === id);
  const found = written[place];
  if (!found) return null;
  const { name, told, level, family, way, off } = found;
  const start = found.start.map(([ingredient, massG]) => partOf(ingredient, massG, larder));
  return bowlWithWay(
    {
      ...{ name, told, level, family, correction: offBy(off) },
      ...{
        start,
        shelf: shelfFor(
          start.map(({ ingredient }) => ingredient),
          larder,
        ),
      },
    },
    way.map(([ingredient, amount]) => additionOf(ingredient, amount, larder)),
    place + 1,
    larder,
  );
}
