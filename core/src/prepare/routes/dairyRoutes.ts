import type { Range } from '../../statistics/range';
import type { RouteStep, Works } from '../route';
import { about, times, yieldOf } from '../yields';
import { left, rest, trim, work } from './steps';

const whey = (perRawG: Range) =>
  left('whey', null, perRawG, 'ml', 3, 'bread, soup, or loosen a yogurt dip');
const hardCheese = (step: RouteStep) =>
  work([step], { leftovers: [left('rind', null, about(0.09, 0.4), 'g', 30, 'into a soup')] });
const grated = hardCheese(trim('Cut off the rind, grate', 20));
const cubed = hardCheese(trim('Cut off the rind, cut in cubes', 5));

/** Ways to strain yogurt and to cut hard cheese. */
export const dairyRoutes: Works = {
  'labneh/yogurt': work(
    [trim('Salt lightly, hang in a cloth', 4), rest('Strain in the fridge', 12 * 60, true)],
    { leftovers: [whey(times(yieldOf('whey-overnight'), 0.01))] },
  ),
  'greek-yogurt-10/yogurt': work(
    [trim('Into a cloth over a bowl', 3), rest('Strain in the fridge', 120, true)],
    { leftovers: [whey(times(yieldOf('whey-2h'), 0.01))] },
  ),
  'parmesan-style/wedge': grated,
  'parmesan-style/piece': cubed,
  'pecorino-style/wedge': grated,
  'pecorino-style/piece': cubed,
  'grana-style/wedge': grated,
  'grana-style/piece': cubed,
};
