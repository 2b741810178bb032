import { yieldOf } from '../pulses';
import { about, type Route, times } from '../route';
import { hotOil, left, rest, route, trim } from './steps';

/** Ways to make ready onions, mushrooms, cucumber, olives. */
export const vegetableRoutes: readonly Route[] = [
  route('onion-raw', 'onion', 'onions', ['onion-peeled'], [trim('Peel', 8)], {
    pieceG: { onion: about(122, 0.25) },
  }),
  route(
    'onion-sauteed',
    'onion',
    'onions',
    ['onion-peeled', 'onion-sauteed'],
    [
      trim('Peel, chop', 20),
      { label: 'Sweat until soft', handsOnMin: 5, waitMin: 8, uses: { hob: 1 } },
    ],
    {
      pieceG: { onion: about(122, 0.25) },
      cautions: [hotOil],
    },
  ),
  route(
    'onion-caramelised',
    'onion',
    'onions',
    ['onion-peeled', 'onion-caramelised'],
    [
      trim('Peel, slice', 20),
      { label: 'Caramelise slowly, stirring', handsOnMin: 12, waitMin: 38, uses: { hob: 1 } },
    ],
    {
      pieceG: { onion: about(122, 0.25) },
      cautions: [hotOil],
    },
  ),
  route(
    'mushroom-sauteed',
    'mushroom',
    'mushrooms',
    ['mushroom-sauteed'],
    [
      trim('Wipe, slice', 20),
      { label: 'Fry dry and hot', handsOnMin: 8, waitMin: 4, uses: { hob: 1 } },
    ],
    {
      pieceG: { mushroom: about(18, 0.3) },
    },
  ),
  route(
    'cucumber-grated',
    'cucumber',
    'cucumbers',
    ['cucumber-grated'],
    [trim('Trim, grate', 10)],
    {
      pieceG: { cucumber: about(365, 0.15) },
    },
  ),
  route(
    'cucumber-squeezed',
    'cucumber',
    'cucumbers',
    ['cucumber-grated', 'cucumber-squeezed-salted'],
    [
      trim('Trim, grate, salt with 1–1.5 %', 10),
      rest('Let it weep', 25),
      trim('Squeeze in a cloth', 12),
    ],
    {
      pieceG: { cucumber: about(365, 0.15) },
      leftovers: [
        left(
          'cucumber juice',
          null,
          times(yieldOf('cucumber-liquid-salted'), 0.0096),
          'ml',
          1,
          'salty: loosen a yogurt dip by the spoon',
        ),
      ],
      cautions: ['About a third of the salt stays: count it.'],
    },
  ),
  route(
    'cucumber-squeezed',
    'cucumber-plain',
    'cucumbers',
    ['cucumber-grated', 'cucumber-squeezed-plain'],
    [trim('Trim, grate', 10), trim('Squeeze in a cloth', 15)],
    {
      pieceG: { cucumber: about(365, 0.15) },
      leftovers: [
        left(
          'cucumber juice',
          null,
          times(yieldOf('cucumber-liquid-plain'), 0.0096),
          'ml',
          1,
          'loosen a yogurt dip',
        ),
      ],
    },
  ),
  ...(['olives-black-brined', 'olives-green'] as const).map((to) =>
    route(to, 'whole', 'olives with stones', ['olive-pitting'], [trim('Stone', 45)]),
  ),
];
