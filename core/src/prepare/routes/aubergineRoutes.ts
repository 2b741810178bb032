import type { RouteStep, Works } from '../route';
import { times, yieldOf } from '../yields';
import { hotOil, left, rest, roast, trim, work } from './steps';

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
const leftovers = [
  left(
    'aubergine juice',
    null,
    times(yieldOf('aubergine-liquid'), 0.0055),
    'ml',
    2,
    'a spoon back in for smoke',
  ),
];
const burst = ['Pierce whole aubergines before they bake: they burst.', hotOil];

/** Aubergines charred whole or baked in halves, their juice drained off or kept. */
export const aubergineRoutes: Works = {
  'aubergine-roasted-drained/aubergine': work([...charred, drained], {
    leftovers,
    cautions: burst,
  }),
  'aubergine-roasted/aubergine': work(charred, { cautions: burst }),
  'aubergine-roasted-drained/halves': work([...halved, drained], {
    leftovers,
    cautions: [hotOil],
  }),
  'aubergine-roasted/halves': work(halved, { cautions: [hotOil] }),
};
