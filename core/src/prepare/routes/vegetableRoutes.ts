import type { Works } from '../route';
import { times, yieldOf } from '../yields';
import { hotOil, left, rest, trim, work } from './steps';

const cucumberJuice = (of: string, nextUse: string) =>
  left('cucumber juice', null, times(yieldOf(of), 0.0096), 'ml', 1, nextUse);
const stoned = work([trim('Stone', 45)]);

/** Ways to make ready onions, mushrooms, cucumber, olives. */
export const vegetableRoutes: Works = {
  'onion-raw/onion': work([trim('Peel', 8)]),
  'onion-sauteed/onion': work(
    [
      trim('Peel, chop', 20),
      { label: 'Sweat until soft', handsOnMin: 5, waitMin: 8, uses: { hob: 1 } },
    ],
    { cautions: [hotOil] },
  ),
  'onion-caramelised/onion': work(
    [
      trim('Peel, slice', 20),
      { label: 'Caramelise slowly, stirring', handsOnMin: 12, waitMin: 38, uses: { hob: 1 } },
    ],
    { cautions: [hotOil] },
  ),
  'mushroom-sauteed/mushroom': work([
    trim('Wipe, slice', 20),
    { label: 'Fry dry and hot', handsOnMin: 8, waitMin: 4, uses: { hob: 1 } },
  ]),
  'cucumber-grated/cucumber': work([trim('Trim, grate', 10)]),
  'cucumber-squeezed/cucumber': work(
    [
      trim('Trim, grate, salt with 1–1.5 %', 10),
      rest('Let it weep', 25),
      trim('Squeeze in a cloth', 12),
    ],
    {
      leftovers: [
        cucumberJuice('cucumber-liquid-salted', 'salty: loosen a yogurt dip by the spoon'),
      ],
      cautions: ['About a third of the salt stays: count it.'],
    },
  ),
  'cucumber-squeezed/cucumber-plain': work(
    [trim('Trim, grate', 10), trim('Squeeze in a cloth', 15)],
    { leftovers: [cucumberJuice('cucumber-liquid-plain', 'loosen a yogurt dip')] },
  ),
  'olives-black-brined/whole': stoned,
  'olives-green/whole': stoned,
};
