import { about, type Route } from '../route';
import { rest, route, trim } from './steps';

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

/** Ways to make nuts and seeds ready. */
export const nutRoutes: readonly Route[] = [
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
