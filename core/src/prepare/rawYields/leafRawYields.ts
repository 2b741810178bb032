import type { Range } from '../../statistics/range';
import { rawYield, type RawYield } from './rawYield';
import { about } from '../yields';

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

/** Leaves that come in bunches, by larder id. */
export const bunched: readonly string[] = Object.keys(bunchG);

/** Rows of the table of yields, where they are not named as the larder names the leaf. */
const bunchYields: Record<string, string> = {
  'coriander-leaf': 'coriander-bunch',
  'spinach-raw': 'spinach-bunch',
  'dandelion-leaf': 'dandelion-bunch',
};

const leafName = (id: string) => id.replace(/-(leaf|raw)$/, '').replace('-', ' ');

/** What leaves give, picked from a bunch or blanched. */
export const leafRawYields: readonly RawYield[] = [
  rawYield('spinach-cooked-squeezed', 'leaf', 'spinach, trimmed', ['spinach-blanched-squeezed']),
  rawYield('nettle-blanched', 'leaf', 'nettle tips', ['nettle-blanched-squeezed']),
  rawYield('carrot-tops-blanched', 'leaf', 'carrot fronds', ['carrot-tops-blanched-squeezed']),
  ...Object.entries(bunchG).map(([to, bunch]) =>
    rawYield(to, 'bunch', `${leafName(to)}, bunches`, [bunchYields[to] ?? `${to}-bunch`], {
      bunch,
    }),
  ),
  ...['rosemary', 'thyme'].map((to) => rawYield(to, 'sprigs', `${to} sprigs`, [`${to}-stripping`])),
  ...bunched.map((to) => rawYield(to, 'blanched', `${leafName(to)}, picked`, about(0.95, 0.1))),
];
