import { yieldOf } from '../pulses';
import type { Range } from '../../statistics/range';
import { about, type Route, times } from '../route';
import { left, rest, route, trim } from './steps';

const whey = (perRawG: Range) =>
  left('whey', null, perRawG, 'ml', 3, 'bread, soup, or loosen a yogurt dip');

/** Ways to strain yogurt and to cut hard cheese. */
export const dairyRoutes: readonly Route[] = [
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
];
