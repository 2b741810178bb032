import type { Measure } from '../amounts/amount';
import { sizeWords } from '../amounts/unitWords';

/** Vessels cooks measure with that are no unit of their own, ml; those nobody can know the size of are asked about. */
export const vesselsMl: Readonly<Record<string, { ml: number; ask: boolean }>> = {
  'coffee spoon': { ml: 2.5, ask: false },
  'soup spoon': { ml: 15, ask: false },
  'dinner spoon': { ml: 15, ask: false },
  'table spoon': { ml: 15, ask: false },
  'tea spoon': { ml: 5, ask: false },
  'dessert spoon': { ml: 10, ask: false },
  'wooden spoon': { ml: 15, ask: true },
  spoon: { ml: 15, ask: true },
  spoonful: { ml: 15, ask: true },
  ladle: { ml: 100, ask: true },
  ladleful: { ml: 100, ask: true },
  glass: { ml: 200, ask: true },
  glassful: { ml: 200, ask: true },
  'wine glass': { ml: 125, ask: true },
  wineglass: { ml: 125, ask: true },
  'shot glass': { ml: 30, ask: true },
  shot: { ml: 30, ask: true },
  katori: { ml: 150, ask: true },
  mug: { ml: 300, ask: true },
  teacup: { ml: 180, ask: true },
  scoop: { ml: 60, ask: true },
  dollop: { ml: 30, ask: false },
  blob: { ml: 20, ask: true },
};

/** Packages that say nothing of what is in them. */
export const containers: ReadonlySet<string> = new Set(
  'jar tub pot carton packet pack package block box bag bottle sachet pouch tube punnet container brick log ball tray bar round'.split(
    ' ',
  ),
);

/** Pieces things are counted in, by the words for them. */
const pieceTable =
  'clove tooth=clove head bulb=head leaf sprig stem stalk stick rib slice fillet cube knob thumb cm centimetre=cm centimeter=cm inch half kernel nut frond strip wedge pat floret ear cob=ear blade heart quarter strand=sprig finger=piece';
export const pieceUnits: ReadonlyMap<string, string> = new Map(
  pieceTable.split(' ').map((entry) => {
    const [word = '', same = word] = entry.split('=');
    return [word, same];
  }),
);

/** Words for one of a thing: they say no more than the number does. */
export const countWords: ReadonlySet<string> = new Set(
  'no nos number pc pcs piece ea nr each whole x'.split(' '),
);

/** A little of it, by a word that is no measure. */
export const littleWords: ReadonlySet<string> = new Set(
  'touch hint smidgen smidge bit little whisper sprinkle sprinkling shake tad lick scattering suspicion trace'.split(
    ' ',
  ),
);

/** A good deal of it, by a word that is no measure. */
export const lotWords: ReadonlySet<string> = new Set(
  'lots lot plenty loads lotta lashings'.split(' '),
);

/** As much as it takes. */
export const openWords: ReadonlySet<string> = new Set(
  'some enough extra more additional'.split(' '),
);

const sizes: Readonly<Record<string, NonNullable<Measure['size']>>> = {
  ...sizeWords,
  tiny: 'small',
  sm: 'small',
  med: 'medium',
  lg: 'large',
  lge: 'large',
  baby: 'small',
  smallish: 'small',
  huge: 'large',
  giant: 'large',
  jumbo: 'large',
  biggish: 'large',
  hefty: 'large',
  massive: 'large',
};

/** The size a word says. */
export const sizeOf = (word: string): Measure['size'] =>
  Object.hasOwn(sizes, word) ? sizes[word] : undefined;

/** Whether a word counts, measures or sizes: such a word makes no other food of what stands before it. */
export const isMeasureWord = (lower: string, stem: string): boolean =>
  containers.has(stem) ||
  pieceUnits.has(stem) ||
  countWords.has(stem) ||
  Object.hasOwn(vesselsMl, stem) ||
  sizeOf(lower) !== undefined;
