import { juice, zest } from '../rawYields/kitchenRawYields';
import type { Works } from '../route';
import { left, work } from './steps';

/** Ways to juice and zest. */
export const fruitRoutes: Works = {
  'lemon-juice/lemon': work(
    [{ label: 'Roll, halve, press, strain', handsOnMin: 1, handsOnMinPerKg: 10 }],
    {
      leftovers: [
        left('zest', 'lemon-zest', zest, 'g', 2, 'rasp it first; on top, or into this dip'),
      ],
    },
  ),
  'lemon-zest/lemon': work(
    [{ label: 'Wash, rasp the yellow only', handsOnMin: 1, handsOnMinPerKg: 12 }],
    {
      leftovers: [
        left(
          'juice',
          'lemon-juice',
          juice('lemon-medium-juice', 120),
          'g',
          3,
          'into this dip or the next',
        ),
      ],
    },
  ),
  'lime-juice/lime': work([{ label: 'Roll, halve, press', handsOnMin: 1, handsOnMinPerKg: 14 }]),
  'orange-juice/orange': work([{ label: 'Halve, press', handsOnMin: 1, handsOnMinPerKg: 8 }]),
};
