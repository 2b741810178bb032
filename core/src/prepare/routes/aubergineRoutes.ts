import { yieldOf } from '../pulses';
import { about, type Route, type RouteStep, times } from '../route';
import { hotOil, left, type Pieces, rest, roast, route, trim } from './steps';

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
export const aubergineRoutes: readonly Route[] = (
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
