import { rawYield, type RawYield } from './rawYield';
import { about } from '../yields';

const toasting = (to: string) => [
  to === 'pine-nut' ? 'pine-nut-toasting-loss' : 'nut-toasting-loss',
];
const plural = (to: string) => (to === 'pine-nut' ? 'pine nuts' : `${to}s`);

/** Nuts that are toasted as they are. */
export const plainNuts = ['walnut', 'almond', 'cashew', 'pecan', 'pine-nut'] as const;
/** Nuts that a pan toasts too, or that are soaked and dried. */
export const panNuts = [...plainNuts, 'hazelnut'] as const;

/** What nuts and seeds give; the oven is the usual way. */
export const nutRawYields: readonly RawYield[] = [
  ...plainNuts.map((to) => rawYield(to, 'raw', plural(to), toasting(to))),
  rawYield('hazelnut', 'raw', 'hazelnuts, skins on', ['nut-toasting-loss', 'hazelnut-skins']),
  ...['sesame-seeds', 'sesame-seeds-hulled'].map((to) =>
    rawYield(to, 'raw', 'sesame seeds', ['sesame-toasting-loss']),
  ),
  rawYield('tahini-home-made', 'raw', 'sesame seeds, hulled', [
    'sesame-toasting-loss',
    'tahini-home-made',
  ]),
  rawYield('walnut', 'shell', 'walnuts in the shell', ['walnut-shelling']),
  rawYield('pistachio', 'shell', 'pistachios in the shell', ['pistachio-shelling']),
  ...panNuts.flatMap((to) => [
    rawYield(to, 'pan', plural(to), toasting(to)),
    rawYield(to, 'soaked', plural(to), about(1, 0.03)),
  ]),
];
