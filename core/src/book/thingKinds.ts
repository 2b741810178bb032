import { plainRow } from '../dip/dip';
import type { OffKind } from '../batch/splitMass';
import type { Thing, ThingStep } from './thing';

/** A thing kitchens make for their dips, to begin from: figures usual and cautious, judged. */
export interface ThingKind {
  key: string;
  name: string;
  rows: readonly [ingredientId: string, amount: string][];
  stays: Thing['stays'];
  off: Thing['off'];
  steps: readonly ThingStep[];
  keepDays: number;
  note: string;
}

const step = (label: string, handsOnMin: number, waitMin = 0, on: ThingStep['on'] = 'hand') => ({
  ...{ label, handsOnMin, waitMin, on },
});

/** Things to begin from. */
export const thingKinds: readonly ThingKind[] = [
  {
    ...{ key: 'garlic-oil', name: 'Garlic slow in oil' },
    rows: [
      ['garlic-raw', '60 g'],
      ['olive-oil-extra-virgin', '240 g'],
    ],
    stays: { name: 'Slow garlic', like: 'garlic-confit', share: 0.16 },
    off: { name: 'Garlic oil, our own', like: 'garlic-oil', share: 0.78, kind: 'oil' },
    steps: [
      step('Peel the cloves', 8),
      step('Barely simmer in the oil', 3, 40, 'hob'),
      step('Strain, cool at once, into the fridge', 4),
    ],
    ...{ keepDays: 4, note: 'Cold from the first hour on. Oil is no preserve.' },
  },
  {
    ...{ key: 'strained-yogurt', name: 'Yogurt hung in a cloth' },
    rows: [
      ['yogurt-plain', '1 kg'],
      ['sea-salt-fine', '4 g'],
    ],
    stays: { name: 'Hung yogurt', like: 'labneh', share: 0.42 },
    off: { name: 'Whey', like: 'buttermilk', share: 0.55, kind: 'water' },
    steps: [step('Salt, hang in a cloth', 5), step('Drain in the fridge', 1, 720, 'fridge')],
    ...{ keepDays: 5, note: '' },
  },
  {
    ...{ key: 'ground-tahini', name: 'Tahini ground here' },
    rows: [
      ['sesame-seeds-hulled', '300 g'],
      ['sunflower-oil', '20 g'],
    ],
    stays: { name: 'Tahini, ground here', like: 'tahini-home-made', share: 0.96 },
    off: null,
    steps: [
      step('Warm the seeds, never browning', 6, 0, 'hob'),
      step('Cool', 1, 15),
      step('Grind with the oil until it runs', 12, 0, 'machine'),
    ],
    ...{ keepDays: 30, note: '' },
  },
  {
    ...{ key: 'nut-butter', name: 'Almond butter ground here' },
    rows: [['almond', '300 g']],
    stays: { name: 'Almond butter, ground here', like: 'almond-butter', share: 0.96 },
    off: null,
    steps: [
      step('Toast in one layer', 3, 12, 'oven'),
      step('Cool', 1, 15),
      step('Grind, scraping down', 15, 0, 'machine'),
    ],
    ...{ keepDays: 21, note: '' },
  },
  {
    ...{ key: 'vegetable-stock', name: 'Vegetable stock of trimmings' },
    rows: [
      ['onion-raw', '150 g'],
      ['celery-raw', '80 g'],
      ['parsley-stalks', '30 g'],
      ['water', '1.5 l'],
    ],
    stays: { name: 'Spent vegetables', like: 'leek-cooked', share: 0 },
    off: { name: 'Vegetable stock, our own', like: 'vegetable-stock', share: 0.62, kind: 'water' },
    steps: [
      step('Cut small', 6),
      step('Simmer', 2, 45, 'hob'),
      step('Strain, cool within two hours', 4),
    ],
    ...{ keepDays: 3, note: '' },
  },
  {
    ...{ key: 'pickled-shallots', name: 'Pickled shallots' },
    rows: [
      ['shallot-raw', '200 g'],
      ['red-wine-vinegar', '120 g'],
      ['water', '120 g'],
      ['sugar', '15 g'],
      ['sea-salt-fine', '6 g'],
    ],
    stays: { name: 'Pickled shallots, our own', like: 'shallot-pickled', share: 0.46 },
    off: { name: 'Pickling liquid', like: 'red-wine-vinegar', share: 0.5, kind: 'water' },
    steps: [
      step('Slice the shallots', 10),
      step('Boil vinegar, water, sugar and salt, pour over', 4, 5, 'hob'),
      step('Cool, then cold', 2, 90, 'fridge'),
    ],
    ...{ keepDays: 7, note: '' },
  },
];

/** Something nobody has thought of: one thing, all of it. */
const otherKind: ThingKind = {
  ...{ key: 'other', name: 'Made here', rows: [], off: null, steps: [], keepDays: 3, note: '' },
  stays: { name: 'Made here', like: 'vegetable-stock', share: 0.97 },
};

/** What runs off, before anything is said of it. */
export const firstOff: Record<OffKind, NonNullable<Thing['off']>> = {
  oil: { name: 'Oil', like: 'olive-oil-extra-virgin', share: 0.6, kind: 'oil' },
  water: { name: 'Liquid', like: 'vegetable-stock', share: 0.4, kind: 'water' },
};

/**
 * A thing to begin with.
 *
 * @param key of its kind; any other is a thing with nothing in it yet
 * @param newId a new id for every row
 * @param now ISO 8601
 */
export function newThing(key: string, id: string, newId: () => string, now: string): Thing {
  const kind = thingKinds.find((one) => one.key === key) ?? otherKind;
  const { name, rows, stays, off, steps, keepDays, note } = kind;
  return {
    ...{ id, name, stays, off, keepDays, note, createdAt: now },
    rows: rows.map(([ingredientId, amount]) => plainRow(newId(), ingredientId, amount)),
    steps: [...steps],
  };
}

/** A name nobody has yet: with a figure after it where it is taken. */
function freeName(name: string, taken: ReadonlySet<string>): string {
  if (!taken.has(name)) return name;
  for (let count = 2; ; count += 1) {
    if (!taken.has(`${name} ${count}`)) return `${name} ${count}`;
  }
}

/**
 * A thing whose products go by names of their own, so that a typed line means one of them.
 *
 * @param taken names of the larder
 */
export function withFreeNames(thing: Thing, taken: ReadonlySet<string>): Thing {
  const { stays, off } = thing;
  return {
    ...thing,
    stays: { ...stays, name: freeName(stays.name, taken) },
    off: off && { ...off, name: freeName(off.name, taken) },
  };
}
