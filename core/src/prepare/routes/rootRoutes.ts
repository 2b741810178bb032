import { yieldOf } from '../pulses';
import { about, type Route, times } from '../route';
import { boil, hotOil, left, rest, roast, route, trim } from './steps';

/** Ways to make ready what is roasted or boiled: garlic, peppers, pumpkins, roots. */
export const rootRoutes: readonly Route[] = [
  route(
    'garlic-raw',
    'bulb',
    'garlic bulbs',
    ['garlic-peel-loss'],
    [{ label: 'Break, peel', handsOnMin: 1, handsOnMinPerKg: 100 }],
    {
      pieceG: { bulb: about(50, 0.3), clove: about(4.6, 0.25) },
    },
  ),
  route(
    'garlic-roasted',
    'bulb',
    'garlic bulbs',
    ['garlic-peel-loss', 'garlic-roast-loss'],
    [
      roast(190, 45, 'Roast wrapped, until the cloves give'),
      rest('Cool', 15),
      trim('Squeeze out', 60),
    ],
    {
      pieceG: { bulb: about(50, 0.3) },
      cautions: ['Kept in oil, garlic can carry botulism: fridge at once, 4 days, or freeze.'],
    },
  ),
  route(
    'red-pepper-roasted',
    'pepper',
    'red peppers',
    ['red-pepper-roasted'],
    [
      roast(230, 35, 'Roast until black in places'),
      rest('Steam in a covered bowl', 15),
      trim('Peel and seed', 25),
    ],
    { pieceG: { pepper: about(160, 0.2) }, cautions: [hotOil] },
  ),
  ...(
    [
      ['pumpkin-roasted', 'pumpkin', 'pumpkin-whole-to-roasted', 1200],
      ['butternut-roasted', 'butternut squash', 'butternut-whole-to-roasted', 1000],
    ] as const
  ).map(([to, raw, id, massG]) =>
    route(
      to,
      'whole',
      raw,
      [id],
      [trim('Halve and seed', 8), roast(200, 50), rest('Cool, drain', 30), trim('Scoop', 8)],
      {
        pieceG: { [raw.split(' ')[0] ?? raw]: about(massG, 0.3) },
        leftovers: [
          left(
            'roasting juices',
            'pumpkin-roast-juices',
            times(yieldOf('pumpkin-liquid'), 0.006),
            'ml',
            2,
            'loosen this dip with it',
          ),
        ],
      },
    ),
  ),
  route(
    'beetroot-boiled',
    'beetroot',
    'beetroots',
    ['beetroot-boiled'],
    [boil(45), rest('Cool', 20), trim('Slip the skins', 10)],
    {
      pieceG: { beetroot: about(98, 0.25) },
    },
  ),
  route(
    'beetroot-roasted',
    'beetroot',
    'beetroots',
    ['beetroot-roasted'],
    [roast(200, 70, 'Roast in foil'), rest('Cool', 20), trim('Slip the skins', 10)],
    {
      pieceG: { beetroot: about(100, 0.25) },
    },
  ),
  route(
    'carrot-roasted',
    'carrot',
    'carrots, peeled',
    ['carrot-roasted'],
    [trim('Cut', 12), roast(200, 35), rest('Cool', 15)],
    {
      pieceG: { carrot: about(70, 0.25) },
    },
  ),
  route(
    'cauliflower-roasted',
    'florets',
    'cauliflower florets',
    ['cauliflower-roasted'],
    [trim('Cut small', 10), roast(220, 28), rest('Cool', 15)],
  ),
  route(
    'courgette-roasted',
    'courgette',
    'courgettes, trimmed',
    ['courgette-roasted'],
    [trim('Cut', 8), roast(220, 25), rest('Cool', 15)],
    {
      pieceG: { courgette: about(200, 0.25) },
    },
  ),
  route(
    'celeriac-cooked',
    'celeriac',
    'celeriac',
    ['celeriac-trimmed'],
    [trim('Peel, cut', 15), boil(18)],
    {
      pieceG: { celeriac: about(700, 0.3) },
    },
  ),
  route(
    'potato-boiled',
    'potato',
    'potatoes',
    ['potato-boiled'],
    [trim('Peel, cut', 15), boil(20)],
    {
      pieceG: { potato: about(150, 0.3) },
    },
  ),
  route(
    'sweet-potato-baked',
    'sweet-potato',
    'sweet potatoes',
    ['sweet-potato-baked'],
    [roast(200, 55), rest('Cool', 20), trim('Scoop', 6)],
    {
      pieceG: { 'sweet potato': about(200, 0.3) },
    },
  ),
  route('avocado', 'avocado', 'avocados', ['avocado-flesh'], [trim('Halve, stone, scoop', 10)], {
    pieceG: { avocado: about(200, 0.25) },
  }),
];
