import type { Batch, Pot } from '@cobbet/core/book/batch';
import type { Book } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import type { KeptContainer } from '@cobbet/core/book/container';
import { newBatch } from '@cobbet/core/book/newBatch';
import type { KeptPrice } from '@cobbet/core/book/price';
import type { Thing } from '@cobbet/core/book/thing';
import { thingBatches } from '@cobbet/core/book/thingBatch';
import { newThing } from '@cobbet/core/book/thingKinds';
import { latestTrial } from '@cobbet/core/book/trial';

/** What the Lockside kitchen fills. */
export const containers: readonly KeptContainer[] = [
  { id: 'jar-200', name: 'jar 200 ml', ml: 200, tareG: 132, count: 24 },
  { id: 'jar-120', name: 'jar 120 ml', ml: 120, tareG: 95, count: 30 },
  { id: 'tub-500', name: 'tub 500 ml', ml: 500, tareG: 21, count: 12 },
];

const price = (
  ingredientId: string,
  paid: number,
  forAmount: string,
  forG: number,
  on: string,
): KeptPrice => ({
  ...{ id: `price-${ingredientId}-${on}`, ingredientId, price: paid, forAmount, forG, on },
  shop: '',
});

/** What some packs cost in those weeks. */
export const prices: readonly KeptPrice[] = [
  price('tahini-hulled', 5.2, '350 g', 350, '2026-04-29'),
  price('tahini-hulled', 5.6, '350 g', 350, '2026-05-27'),
  price('chickpeas-canned-drained', 0.95, '1 can', 255, '2026-05-27'),
  price('hazelnut', 4.4, '200 g', 200, '2026-05-20'),
  price('grana-style', 3.9, '200 g', 200, '2026-05-20'),
  price('olive-oil-extra-virgin', 9.5, '1 l', 910, '2026-05-06'),
];

const pot = (id: string, name: string, g: number, extra: Partial<Pot> = {}): Pot => ({
  ...{ id, name, g, oilG: 0, place: 'fridge', outMin: 0, outSince: null, gone: null },
  ...extra,
});

let rowsMade = 0;
/** What the Lockside kitchen makes for its dips. */
export const things: readonly Thing[] = [
  newThing(
    'garlic-oil',
    'garlic-slow-in-oil',
    () => `garlic-slow-in-oil-${(rowsMade += 1)}`,
    '2026-05-18T09:00:00.000Z',
  ),
];

/** The last garlic in oil: the cloves eaten, the oil poured away on its fifth day. */
export function sampleThingBatches(book: Book): Batch[] {
  const kitchen = bookKitchen(book);
  const gone = [
    { how: 'eaten', on: '2026-06-05', why: '' },
    { how: 'thrown', on: '2026-06-08', why: 'past its day' },
  ] as const;
  return things.flatMap((thing) =>
    thingBatches(
      thing,
      { factor: 1, staysG: 46, offG: 231 },
      kitchen,
      [`batch-${thing.id}`, `batch-${thing.id}-off`],
      { madeAt: '2026-06-03T09:40:00.000Z', madeOn: '2026-06-03' },
      new Set(),
    ).map((batch, i) => ({
      ...batch,
      pots: batch.pots.map((one) => ({ ...one, gone: gone[i] ?? null })),
    })),
  );
}

/** The last making of two dips in jars: most eaten, one given away, one thrown, one frozen. */
export function sampleBatches(book: Book): Batch[] {
  const kitchen = bookKitchen(book);
  const made = (dipId: string, madeOn: string, pots: Pot[], kept: Batch['kept']): Batch[] => {
    const dip = book.dips.get(dipId);
    const trial = latestTrial(book.trials.values(), dipId);
    if (!dip || !trial) return [];
    const batch = newBatch(`batch-${dipId}`, trial, dip, kitchen, madeOn, new Set());
    return [{ ...batch, pots, kept }];
  };
  const gone = (how: 'eaten' | 'given' | 'thrown', on: string, why = '') => ({
    gone: { how, on, why },
  });
  return [
    ...made(
      'weir-house-hummus',
      '2026-06-02',
      [
        pot('h1', 'jar 200 ml', 186, gone('eaten', '2026-06-03')),
        pot('h2', 'jar 200 ml', 186, { openedOn: '2026-06-04', ...gone('eaten', '2026-06-05') }),
        pot('h3', 'jar 200 ml', 186, gone('given', '2026-06-03')),
      ],
      { how: 'fine', days: 3 },
    ),
    ...made(
      'watercress-hazelnut-pesto',
      '2026-06-05',
      [
        pot('p1', 'jar 120 ml', 96, { oilG: 6, ...gone('eaten', '2026-06-07') }),
        pot('p2', 'jar 120 ml', 96, { oilG: 6, ...gone('thrown', '2026-06-10', 'past its day') }),
        pot('p3', 'jar 120 ml', 96, { oilG: 6, place: 'freezer', frozenOn: '2026-06-06' }),
      ],
      null,
    ),
  ];
}
