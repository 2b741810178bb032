import type { Thing } from '../src/book/thing';
import { plainRow } from '../src/dip/dip';

/** Garlic slow in oil: 300 g in, 48 g of cloves and 234 g of oil out. */
export const garlicInOil = {
  id: 'garlic',
  name: 'Garlic slow in oil',
  rows: [
    plainRow('garlic', 'garlic-raw', '60 g'),
    plainRow('oil', 'olive-oil-extra-virgin', '240 g'),
  ],
  stays: { name: 'Slow garlic, ours', like: 'garlic-confit', share: 0.16 },
  off: { name: 'Garlic oil, ours', like: 'garlic-oil', share: 0.78, kind: 'oil' },
  steps: [
    { label: 'Peel the garlic', handsOnMin: 10, waitMin: 0, on: 'hand' },
    { label: 'Barely simmer in the oil', handsOnMin: 2, waitMin: 40, on: 'hob' },
    { label: 'Cool at once, strain', handsOnMin: 3, waitMin: 0, on: 'hand' },
  ],
  keepDays: 4,
  note: '',
  createdAt: '2026-05-04T10:00:00.000Z',
} satisfies Thing;
