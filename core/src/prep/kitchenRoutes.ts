import { yieldOf } from './pulses';
import {
  about,
  type Range,
  ratioOf,
  type Route,
  type RouteLeftover,
  type RouteStep,
  times,
} from './route';

type Pieces = Route['pieceG'];

function route(
  to: string,
  from: string,
  raw: string,
  yields: readonly string[],
  steps: RouteStep[],
  extra: { pieceG?: Pieces; leftovers?: RouteLeftover[]; cautions?: string[]; ratio?: Range } = {},
): Route {
  return {
    to,
    from,
    raw,
    pieceG: extra.pieceG ?? {},
    ratio: extra.ratio ?? ratioOf(...yields.map(yieldOf)),
    steps,
    leftovers: extra.leftovers ?? [],
    cautions: extra.cautions ?? [],
  };
}

const left = (
  what: string,
  ingredientId: string | null,
  perRawG: Range,
  unit: 'g' | 'ml',
  keepDays: number,
  nextUse: string,
): RouteLeftover => ({ what, ingredientId, perRawG, unit, keepDays, nextUse });

const trim = (label: string, perKg: number): RouteStep => ({
  label,
  handsOnMin: 2,
  handsOnMinPerKg: perKg,
});
const roast = (
  tempC: number,
  waitMin: number,
  label = 'Roast until soft and browned',
): RouteStep => ({
  label,
  handsOnMin: 2,
  waitMin,
  uses: { oven: { tempC } },
});
const boil = (waitMin: number, label = 'Boil until soft'): RouteStep => ({
  label,
  handsOnMin: 2,
  waitMin,
  uses: { hob: 1 },
});
const rest = (label: string, waitMin: number, cold = false): RouteStep => ({
  label,
  handsOnMin: 1,
  waitMin,
  uses: { bowl: 1, ...(cold ? { fridge: 1 } : {}) },
});

const lemonG: Pieces = {
  lemon: about(120, 0.15),
  'small lemon': about(90, 0.1),
  'large lemon': about(165, 0.1),
};
const juiceDensity = 1.03;
const juice = (id: string, wholeG: number) => times(yieldOf(id), juiceDensity / wholeG);
const hotOil = 'Let what is hot cool before it meets a closed jug: half full, vented.';
const rancid = 'Taste one first: nuts that smell of paint are thrown away.';

const toasted = (to: string, raw: string): Route =>
  route(
    to,
    'raw',
    raw,
    [to === 'pine-nut' ? 'pine-nut-toasting-loss' : 'nut-toasting-loss'],
    [
      {
        label: 'Toast in one layer, shaking; watch the last minutes',
        handsOnMin: 4,
        waitMin: 8,
        uses: { oven: { tempC: 160 } },
      },
      rest('Cool on a cold tray', 15),
    ],
    { cautions: [rancid] },
  );

const bunchG: Record<string, Range> = {
  basil: about(60, 0.25),
  parsley: about(80, 0.25),
  'coriander-leaf': about(80, 0.25),
  mint: about(60, 0.25),
  dill: about(50, 0.25),
  kale: about(250, 0.2),
  'spinach-raw': about(300, 0.3),
  rocket: about(100, 0.25),
  watercress: about(85, 0.2),
  'dandelion-leaf': about(150, 0.3),
  'radish-tops': about(90, 0.33),
  'beet-greens': about(225, 0.33),
  tarragon: about(25, 0.2),
};
/** Rows of the table of yields, where they are not named as the larder names the leaf. */
const bunchYield: Record<string, string> = {
  'coriander-leaf': 'coriander-bunch',
  'spinach-raw': 'spinach-bunch',
  'dandelion-leaf': 'dandelion-bunch',
};
const wild = 'Wild greens: only with certain identity and from clean ground.';

/** What is not leaf is stalk. */
const stalksOf = ({ low, typical, high }: Range): Range => ({
  low: 1 - high,
  typical: 1 - typical,
  high: 1 - low,
});

const bunches = Object.entries(bunchG).map(([to, massG]) =>
  route(
    to,
    'bunch',
    `${to.replace(/-(leaf|raw)$/, '').replace('-', ' ')}, bunches`,
    [bunchYield[to] ?? `${to}-bunch`],
    [
      { label: 'Wash in plenty of water, twice', handsOnMin: 3, handsOnMinPerKg: 10 },
      { label: 'Spin and pat dry, pick the leaves', handsOnMin: 2, handsOnMinPerKg: 50 },
    ],
    {
      pieceG: { bunch: massG },
      leftovers: [
        left(
          'stalks',
          null,
          stalksOf(ratioOf(yieldOf(bunchYield[to] ?? `${to}-bunch`))),
          'g',
          2,
          'tender ones into the blend, up to a fifth; the rest to stock',
        ),
      ],
      cautions: to === 'dandelion-leaf' ? [wild] : [],
    },
  ),
);

const blanched = (to: string, raw: string, yields: string[], cautions: string[] = []): Route =>
  route(
    to,
    'leaf',
    raw,
    yields,
    [
      { label: 'Wash, twice', handsOnMin: 3, handsOnMinPerKg: 10 },
      boil(2, 'Blanch a minute or two'),
      {
        label: 'Into ice water, drain, squeeze hard, chop by knife',
        handsOnMin: 5,
        handsOnMinPerKg: 12,
      },
    ],
    { cautions },
  );

const whey = (perRawG: Range) =>
  left('whey', null, perRawG, 'ml', 3, 'bread, soup, or loosen a yogurt dip');

const aubergineG: Pieces = { aubergine: about(300, 0.2) };
const charred: RouteStep[] = [
  { label: 'Pierce, char over the flame for smoke', handsOnMin: 10, uses: { hob: 1 } },
  roast(220, 40, 'Bake whole until it collapses'),
  rest('Stand covered', 10),
  trim('Scoop out the flesh', 10),
];
const halved: RouteStep[] = [
  trim('Halve, score, oil', 8),
  roast(220, 35, 'Bake cut side down until it collapses'),
  trim('Scoop out the flesh', 8),
];
const drained = rest('Drain in a sieve', 30);
const aubergineJuice = left(
  'aubergine juice',
  null,
  times(yieldOf('aubergine-liquid'), 0.0055),
  'ml',
  2,
  'a spoon back in for smoke',
);
const pierce = 'Pierce whole aubergines before they bake: they burst.';

/** Aubergines charred whole or baked in halves, their juice drained off or kept. */
const aubergines = (
  [
    ['aubergine', charred, [pierce, hotOil]],
    ['halves', halved, [hotOil]],
  ] as const
).flatMap(([from, steps, cautions]) => [
  route(
    'aubergine-roasted-drained',
    from,
    'aubergines',
    ['aubergine-drained-flesh'],
    [...steps, drained],
    { pieceG: aubergineG, leftovers: [aubergineJuice], cautions: [...cautions] },
  ),
  route('aubergine-roasted', from, 'aubergines', ['aubergine-roasted-flesh'], [...steps], {
    pieceG: aubergineG,
    cautions: [...cautions],
  }),
]);

/** Ways to make everything but pulses ready. */
export const kitchenRoutes: readonly Route[] = [
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
  ...aubergines,
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
  route(
    'labneh',
    'yogurt',
    'plain yogurt',
    ['yogurt-strained-overnight'],
    [trim('Salt lightly, hang in a cloth', 4), rest('Strain in the fridge', 12 * 60, true)],
    {
      leftovers: [whey(times(yieldOf('whey-overnight'), 0.01))],
    },
  ),
  route(
    'greek-yogurt-10',
    'yogurt',
    'plain yogurt',
    ['yogurt-strained-2h'],
    [trim('Into a cloth over a bowl', 3), rest('Strain in the fridge', 120, true)],
    {
      leftovers: [whey(times(yieldOf('whey-2h'), 0.01))],
    },
  ),
  blanched('spinach-cooked-squeezed', 'spinach, trimmed', ['spinach-blanched-squeezed']),
  blanched(
    'nettle-blanched',
    'nettle tips',
    ['nettle-blanched-squeezed'],
    [wild, 'Gloves until they are blanched.'],
  ),
  blanched('carrot-tops-blanched', 'carrot fronds', ['carrot-tops-blanched-squeezed']),
  ...bunches,
  ...(['rosemary', 'thyme'] as const).map((to) =>
    route(to, 'sprigs', `${to} sprigs`, [`${to}-stripping`], [trim('Strip the leaves', 200)]),
  ),
  ...Object.keys(bunchG).map((to) =>
    route(
      to,
      'blanched',
      `${to.replace(/-(leaf|raw)$/, '').replace('-', ' ')}, picked`,
      [],
      [
        { label: 'Wash in plenty of water, twice', handsOnMin: 3, handsOnMinPerKg: 10 },
        boil(1, 'Blanch for seconds'),
        { label: 'Into ice water, squeeze dry, chop by knife', handsOnMin: 5, handsOnMinPerKg: 12 },
      ],
      { ratio: about(0.95, 0.1) },
    ),
  ),
  toasted('walnut', 'walnuts'),
  toasted('almond', 'almonds'),
  toasted('cashew', 'cashews'),
  toasted('pecan', 'pecans'),
  toasted('pine-nut', 'pine nuts'),
  route(
    'hazelnut',
    'raw',
    'hazelnuts, skins on',
    ['nut-toasting-loss', 'hazelnut-skins'],
    [
      { label: 'Toast in one layer', handsOnMin: 3, waitMin: 12, uses: { oven: { tempC: 160 } } },
      rest('Wrap in a cloth', 8),
      trim('Rub off the skins', 15),
    ],
    { cautions: [rancid] },
  ),
  ...(['sesame-seeds', 'sesame-seeds-hulled'] as const).map((to) =>
    route(
      to,
      'raw',
      'sesame seeds',
      ['sesame-toasting-loss'],
      [
        { label: 'Toast, stirring all the time', handsOnMin: 6, uses: { hob: 1 } },
        rest('Cool', 10),
      ],
    ),
  ),
  route(
    'walnut',
    'shell',
    'walnuts in the shell',
    ['walnut-shelling'],
    [trim('Crack and pick', 60)],
    { cautions: [rancid] },
  ),
  route(
    'pistachio',
    'shell',
    'pistachios in the shell',
    ['pistachio-shelling'],
    [trim('Shell', 60)],
    { cautions: [rancid] },
  ),
  ...(['olives-black-brined', 'olives-green'] as const).map((to) =>
    route(to, 'whole', 'olives with stones', ['olive-pitting'], [trim('Stone', 45)]),
  ),
  ...(['parmesan-style', 'pecorino-style', 'grana-style'] as const).flatMap((to) =>
    (
      [
        ['wedge', trim('Cut off the rind, grate', 20)],
        ['piece', trim('Cut off the rind, cut in cubes', 5)],
      ] as const
    ).map(([from, step]) =>
      route(to, from, 'a wedge', ['hard-cheese-rind'], [step], {
        leftovers: [left('rind', null, about(0.09, 0.4), 'g', 30, 'into a soup')],
      }),
    ),
  ),
  // the oven is the usual way, and the first of a thing's ways is the usual one
  ...(['walnut', 'almond', 'cashew', 'pecan', 'pine-nut', 'hazelnut'] as const).flatMap((to) => [
    route(
      to,
      'pan',
      to === 'pine-nut' ? 'pine nuts' : `${to}s`,
      [to === 'pine-nut' ? 'pine-nut-toasting-loss' : 'nut-toasting-loss'],
      [
        { label: 'Toast in a dry pan, never leaving it', handsOnMin: 6, uses: { hob: 1 } },
        rest('Cool on a cold plate', 10),
      ],
      { cautions: [rancid] },
    ),
    route(
      to,
      'soaked',
      to === 'pine-nut' ? 'pine nuts' : `${to}s`,
      [],
      [
        rest('Soak in cold water', 240),
        {
          label: 'Drain, dry in a low oven',
          handsOnMin: 4,
          waitMin: 120,
          uses: { oven: { tempC: 70 } },
        },
      ],
      { ratio: about(1, 0.03), cautions: [rancid] },
    ),
  ]),
];
