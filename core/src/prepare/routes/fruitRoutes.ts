import { yieldOf } from '../pulses';
import { about, type Route, times } from '../route';
import { left, type Pieces, route } from './steps';

const lemonG: Pieces = {
  lemon: about(120, 0.15),
  'small lemon': about(90, 0.1),
  'large lemon': about(165, 0.1),
};
const juiceDensity = 1.03;
const juice = (id: string, wholeG: number) => times(yieldOf(id), juiceDensity / wholeG);

/** Ways to juice and zest. */
export const fruitRoutes: readonly Route[] = [
  route(
    'lemon-juice',
    'lemon',
    'lemons',
    [],
    [{ label: 'Roll, halve, press, strain', handsOnMin: 1, handsOnMinPerKg: 10 }],
    {
      ratio: juice('lemon-medium-juice', 120),
      pieceG: lemonG,
      leftovers: [
        left(
          'zest',
          'lemon-zest',
          times(yieldOf('lemon-medium-zest'), 1 / 120),
          'g',
          2,
          'rasp it first; on top, or into this dip',
        ),
      ],
    },
  ),
  route(
    'lemon-zest',
    'lemon',
    'lemons',
    [],
    [{ label: 'Wash, rasp the yellow only', handsOnMin: 1, handsOnMinPerKg: 12 }],
    {
      ratio: times(yieldOf('lemon-medium-zest'), 1 / 120),
      pieceG: lemonG,
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
  route(
    'lime-juice',
    'lime',
    'limes',
    [],
    [{ label: 'Roll, halve, press', handsOnMin: 1, handsOnMinPerKg: 14 }],
    {
      ratio: juice('lime-juice', 68),
      pieceG: { lime: about(68, 0.2) },
    },
  ),
  route(
    'orange-juice',
    'orange',
    'oranges',
    [],
    [{ label: 'Halve, press', handsOnMin: 1, handsOnMinPerKg: 8 }],
    {
      ratio: juice('orange-juice', 180),
      pieceG: { orange: about(180, 0.15) },
    },
  ),
];
