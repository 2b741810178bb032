import { type Book, defaultSettings, emptyBook } from '../src/book/book';
import { type Dip, emptyDip } from '../src/dip/dip';
import type { Trial } from '../src/book/trial';

const now = '2026-05-04T10:00:00.000Z';

/** A dip of the sample kitchen with two rows. */
export function dip(id: string, extra: Partial<Dip> = {}): Dip {
  return {
    ...emptyDip(id, `Dip ${id}`, now),
    rows: [
      {
        id: `${id}-1`,
        ingredientId: 'chickpeas-canned-drained',
        amount: '2 cups',
        place: 'bowl',
        prep: '',
        hold: false,
      },
      {
        id: `${id}-2`,
        ingredientId: 'water',
        amount: '1/4 cup',
        place: 'bowl',
        prep: 'cold',
        hold: false,
      },
    ],
    ...extra,
  };
}

/** A trial of a dip with one row. */
export function trial(id: string, dipId: string, extra: Partial<Trial> = {}): Trial {
  return {
    id,
    dipId,
    number: 1,
    madeAt: now,
    rows: [
      {
        ingredientId: 'water',
        planned: '1 cup',
        amount: '1 cup',
        massG: 236,
        cv: 0.04,
        place: 'bowl',
      },
    ],
    method: { grind: 'normal', blendC: 32, overrunPct: 0 },
    machineId: 'food-processor',
    readings: [],
    tastes: {},
    yieldG: null,
    notes: '',
    changeNext: '',
    ...extra,
  };
}

/** A book of dips and trials. */
export function bookOf(dips: readonly Dip[], trials: readonly Trial[] = []): Book {
  return {
    ...emptyBook(),
    dips: new Map(dips.map((one) => [one.id, one])),
    trials: new Map(trials.map((one) => [one.id, one])),
    settings: new Map([['settings', { ...defaultSettings, began: 'blank' }]]),
  };
}
