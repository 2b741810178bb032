import type { Byproduct } from '@cobbet/core/book/byproduct';
import type { KeptPot } from '@cobbet/core/book/batchKeeping';
import type { StockItem } from '@cobbet/core/book/stock';
import type { EventAttributes } from 'ics';

/** What there is, each with the day it should be gone by. */
export interface InHouse {
  made: readonly KeptPot[];
  stock: readonly StockItem[];
  kept: readonly Byproduct[];
  /** What an ingredient is called. */
  nameOf: (id: string) => string;
  /** Local date; what was due before it is no longer to be eaten. */
  today: string;
}

interface Due {
  id: string;
  what: string;
  by: string;
}

function dueOf({ made, stock, kept, nameOf, today }: InHouse): Due[] {
  const pots = made.flatMap(({ batch, pot, keeping }): Due[] =>
    keeping.useBy === null || keeping.fridgeDays === 0
      ? []
      : [{ id: pot.id, what: `${batch.name}, ${pot.name} (${batch.code})`, by: keeping.useBy }],
  );
  const shelf = stock.flatMap(({ id, amount, useBy }): Due[] =>
    useBy === null ? [] : [{ id, what: `${nameOf(id)}, ${amount}`, by: useBy }],
  );
  const left = kept.flatMap(({ id, what, useBy, gone }): Due[] =>
    gone ? [] : [{ id, what, by: useBy }],
  );
  return [...pots, ...shelf, ...left]
    .filter(({ by }) => by >= today)
    .sort((a, b) => a.by.localeCompare(b.by));
}

const says =
  'An estimate for what is kept cold and covered. Local rules, and anything that looks or smells wrong, come first.';

/** Whole-day events of what should be used by then, each with an alarm at five in the afternoon of the day before. */
export function useByEvents(house: InHouse): EventAttributes[] {
  return dueOf(house).map(({ id, what, by }) => {
    const [year = 0, month = 0, day = 0] = by.split('-').map(Number);
    const next = new Date(Date.UTC(year, month - 1, day + 1));
    return {
      uid: `use-by-${id.replace(/[^A-Za-z0-9-]+/g, '-')}@cobbet`,
      title: `Use by: ${what}`,
      description: says,
      start: [year, month, day] as [number, number, number],
      end: [next.getUTCFullYear(), next.getUTCMonth() + 1, next.getUTCDate()] as [
        number,
        number,
        number,
      ],
      calName: 'Use by',
      productId: 'cobbet',
      alarms: [
        {
          action: 'display' as const,
          description: `Use by tomorrow: ${what}`,
          trigger: { hours: 7, before: true },
        },
      ],
    };
  });
}
