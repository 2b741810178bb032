import type { Range } from '../../statistics/range';
import { leafRawYields } from './leafRawYields';
import { nutRawYields } from './nutRawYields';
import { type Pieces, rawYield, type RawYield } from './rawYield';
import { about, times, yieldOf } from '../yields';

const lemonG: Pieces = {
  lemon: about(120, 0.15),
  'small lemon': about(90, 0.1),
  'large lemon': about(165, 0.1),
};
const juiceDensity = 1.03;
/** Juice of a fruit, g for each g of it whole. */
export const juice = (id: string, wholeG: number): Range =>
  times(yieldOf(id), juiceDensity / wholeG);
/** Zest of a lemon, g for each g of it whole. */
export const zest = times(yieldOf('lemon-medium-zest'), 1 / 120);

const fruit = [
  rawYield('lemon-juice', 'lemon', 'lemons', juice('lemon-medium-juice', 120), lemonG),
  rawYield('lemon-zest', 'lemon', 'lemons', zest, lemonG),
  rawYield('lime-juice', 'lime', 'limes', juice('lime-juice', 68), { lime: about(68, 0.2) }),
  rawYield('orange-juice', 'orange', 'oranges', juice('orange-juice', 180), {
    orange: about(180, 0.15),
  }),
];

const aubergines = ['aubergine', 'halves'].flatMap((from) =>
  (
    [
      ['aubergine-roasted-drained', 'aubergine-drained-flesh'],
      ['aubergine-roasted', 'aubergine-roasted-flesh'],
    ] as const
  ).map(([to, flesh]) => rawYield(to, from, 'aubergines', [flesh], { aubergine: about(300, 0.2) })),
);

const bulb = about(50, 0.3);
const roots = [
  rawYield('garlic-raw', 'bulb', 'garlic bulbs', ['garlic-peel-loss'], {
    bulb,
    clove: about(4.6, 0.25),
  }),
  rawYield('garlic-roasted', 'bulb', 'garlic bulbs', ['garlic-peel-loss', 'garlic-roast-loss'], {
    bulb,
  }),
  // fried slowly beside the onion it loses about as much as in the oven
  rawYield('garlic-roasted', 'pan', 'garlic bulbs', ['garlic-peel-loss', 'garlic-roast-loss'], {
    bulb,
  }),
  rawYield('red-pepper-roasted', 'pepper', 'red peppers', ['red-pepper-roasted'], {
    pepper: about(160, 0.2),
  }),
  rawYield('pumpkin-roasted', 'whole', 'pumpkin', ['pumpkin-whole-to-roasted'], {
    pumpkin: about(1200, 0.3),
  }),
  rawYield('butternut-roasted', 'whole', 'butternut squash', ['butternut-whole-to-roasted'], {
    butternut: about(1000, 0.3),
  }),
  rawYield('beetroot-boiled', 'beetroot', 'beetroots', ['beetroot-boiled'], {
    beetroot: about(98, 0.25),
  }),
  rawYield('beetroot-roasted', 'beetroot', 'beetroots', ['beetroot-roasted'], {
    beetroot: about(100, 0.25),
  }),
  rawYield('carrot-roasted', 'carrot', 'carrots, peeled', ['carrot-roasted'], {
    carrot: about(70, 0.25),
  }),
  rawYield('cauliflower-roasted', 'florets', 'cauliflower florets', ['cauliflower-roasted']),
  rawYield('courgette-roasted', 'courgette', 'courgettes, trimmed', ['courgette-roasted'], {
    courgette: about(200, 0.25),
  }),
  rawYield('celeriac-cooked', 'celeriac', 'celeriac', ['celeriac-trimmed'], {
    celeriac: about(700, 0.3),
  }),
  rawYield('potato-boiled', 'potato', 'potatoes', ['potato-boiled'], { potato: about(150, 0.3) }),
  rawYield('sweet-potato-baked', 'sweet-potato', 'sweet potatoes', ['sweet-potato-baked'], {
    'sweet potato': about(200, 0.3),
  }),
  rawYield('avocado', 'avocado', 'avocados', ['avocado-flesh'], { avocado: about(200, 0.25) }),
];

const onionG: Pieces = { onion: about(122, 0.25) };
const cucumberG: Pieces = { cucumber: about(365, 0.15) };
const vegetables = [
  rawYield('onion-raw', 'onion', 'onions', ['onion-peeled'], onionG),
  rawYield('onion-sauteed', 'onion', 'onions', ['onion-peeled', 'onion-sauteed'], onionG),
  rawYield('onion-caramelised', 'onion', 'onions', ['onion-peeled', 'onion-caramelised'], onionG),
  rawYield('mushroom-sauteed', 'mushroom', 'mushrooms', ['mushroom-sauteed'], {
    mushroom: about(18, 0.3),
  }),
  rawYield('cucumber-grated', 'cucumber', 'cucumbers', ['cucumber-grated'], cucumberG),
  rawYield(
    'cucumber-squeezed',
    'cucumber',
    'cucumbers',
    ['cucumber-grated', 'cucumber-squeezed-salted'],
    cucumberG,
  ),
  rawYield(
    'cucumber-squeezed',
    'cucumber-plain',
    'cucumbers',
    ['cucumber-grated', 'cucumber-squeezed-plain'],
    cucumberG,
  ),
  ...['olives-black-brined', 'olives-green'].map((to) =>
    rawYield(to, 'whole', 'olives with stones', ['olive-pitting']),
  ),
];

const dairy = [
  rawYield('labneh', 'yogurt', 'plain yogurt', ['yogurt-strained-overnight']),
  rawYield('greek-yogurt-10', 'yogurt', 'plain yogurt', ['yogurt-strained-2h']),
  ...['parmesan-style', 'pecorino-style', 'grana-style'].flatMap((to) =>
    ['wedge', 'piece'].map((from) => rawYield(to, from, 'a wedge', ['hard-cheese-rind'])),
  ),
];

/** What everything but pulses gives from raw; the first of a thing's ways is the usual one. */
export const kitchenRawYields: readonly RawYield[] = [
  ...fruit,
  ...aubergines,
  ...roots,
  ...vegetables,
  ...dairy,
  ...leafRawYields,
  ...nutRawYields,
];
