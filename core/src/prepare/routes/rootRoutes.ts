import type { Works } from '../route';
import { times, yieldOf } from '../yields';
import { boil, hotOil, left, rest, roast, trim, work } from './steps';

const squash = work(
  [trim('Halve and seed', 8), roast(200, 50), rest('Cool, drain', 30), trim('Scoop', 8)],
  {
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
);

/** Ways to make ready what is roasted or boiled: garlic, peppers, pumpkins, roots. */
export const rootRoutes: Works = {
  'garlic-raw/bulb': work([{ label: 'Break, peel', handsOnMin: 1, handsOnMinPerKg: 100 }]),
  'garlic-roasted/bulb': work(
    [
      roast(190, 45, 'Roast wrapped, until the cloves give'),
      rest('Cool', 15),
      trim('Squeeze out', 60),
    ],
    { cautions: ['Kept in oil, garlic can carry botulism: fridge at once, 4 days, or freeze.'] },
  ),
  'garlic-roasted/pan': work(
    [
      trim('Peel', 100),
      {
        label: 'Fry slowly beside the onion, until soft and gold',
        handsOnMin: 4,
        waitMin: 8,
        uses: { hob: 1 },
      },
    ],
    { cautions: ['Kept in oil, garlic can carry botulism: fridge at once, 4 days, or freeze.'] },
  ),
  'red-pepper-roasted/pepper': work(
    [
      roast(230, 35, 'Roast until black in places'),
      rest('Steam in a covered bowl', 15),
      trim('Peel and seed', 25),
    ],
    { cautions: [hotOil] },
  ),
  'pumpkin-roasted/whole': squash,
  'butternut-roasted/whole': squash,
  'beetroot-boiled/beetroot': work([boil(45), rest('Cool', 20), trim('Slip the skins', 10)]),
  'beetroot-roasted/beetroot': work([
    roast(200, 70, 'Roast in foil'),
    rest('Cool', 20),
    trim('Slip the skins', 10),
  ]),
  'carrot-roasted/carrot': work([trim('Cut', 12), roast(200, 35), rest('Cool', 15)]),
  'cauliflower-roasted/florets': work([trim('Cut small', 10), roast(220, 28), rest('Cool', 15)]),
  'courgette-roasted/courgette': work([trim('Cut', 8), roast(220, 25), rest('Cool', 15)]),
  'celeriac-cooked/celeriac': work([trim('Peel, cut', 15), boil(18)]),
  'potato-boiled/potato': work([trim('Peel, cut', 15), boil(20)]),
  'sweet-potato-baked/sweet-potato': work([roast(200, 55), rest('Cool', 20), trim('Scoop', 6)]),
  'avocado/avocado': work([trim('Halve, stone, scoop', 10)]),
};
