import { panNuts, plainNuts } from '../rawYields/nutRawYields';
import type { Works } from '../route';
import { rest, trim, work } from './steps';

const cautions = ['Taste one first: nuts that smell of paint are thrown away.'];

const toasted = work(
  [
    {
      label: 'Toast in one layer, shaking; watch the last minutes',
      handsOnMin: 4,
      waitMin: 8,
      uses: { oven: { tempC: 160 } },
    },
    rest('Cool on a cold tray', 15),
  ],
  { cautions },
);
const pan = work(
  [
    { label: 'Toast in a dry pan, never leaving it', handsOnMin: 6, uses: { hob: 1 } },
    rest('Cool on a cold plate', 10),
  ],
  { cautions },
);
const soaked = work(
  [
    rest('Soak in cold water', 240),
    {
      label: 'Drain, dry in a low oven',
      handsOnMin: 4,
      waitMin: 120,
      uses: { oven: { tempC: 70 } },
    },
  ],
  { cautions },
);
const seeds = work([
  { label: 'Toast, stirring all the time', handsOnMin: 6, uses: { hob: 1 } },
  rest('Cool', 10),
]);

/** Ways to make nuts and seeds ready. */
export const nutRoutes: Works = {
  ...Object.fromEntries(plainNuts.map((to) => [`${to}/raw`, toasted])),
  'hazelnut/raw': work(
    [
      { label: 'Toast in one layer', handsOnMin: 3, waitMin: 12, uses: { oven: { tempC: 160 } } },
      rest('Wrap in a cloth', 8),
      trim('Rub off the skins', 15),
    ],
    { cautions },
  ),
  'sesame-seeds/raw': seeds,
  'sesame-seeds-hulled/raw': seeds,
  'tahini-home-made/raw': work([
    { label: 'Warm the seeds, never browning', handsOnMin: 6, uses: { hob: 1 } },
    rest('Cool', 15),
    {
      label: 'Grind, scraping down, until it runs',
      handsOnMin: 12,
      uses: { processor: 1, bowl: 1 },
    },
  ]),
  'walnut/shell': work([trim('Crack and pick', 60)], { cautions }),
  'pistachio/shell': work([trim('Shell', 60)], { cautions }),
  ...Object.fromEntries(
    panNuts.flatMap((to) => [
      [`${to}/pan`, pan],
      [`${to}/soaked`, soaked],
    ]),
  ),
};
