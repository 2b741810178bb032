import { yieldOf } from '../pulses';
import type { Range } from '../../statistics/range';
import { about, ratioOf, type Route } from '../route';
import { boil, left, route, trim } from './steps';

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

/** Ways to make leaves ready. */
export const leafRoutes: readonly Route[] = [
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
];
