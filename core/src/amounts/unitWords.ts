import type { Fill, Size, Unit } from './amount';

const spellings: Record<Exclude<Unit, 'piece'>, string> = {
  mg: 'mg milligram milligrams',
  g: 'g gr gm gms gram grams gramme grammes',
  kg: 'kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes',
  oz: 'oz ozs ounce ounces',
  lb: 'lb lbs pound pounds',
  ml: 'ml mls millilitre millilitres milliliter milliliters cc',
  cl: 'cl centilitre centilitres centiliter centiliters',
  dl: 'dl decilitre decilitres deciliter deciliters',
  l: 'l litre litres liter liters ltr',
  floz: 'floz',
  pint: 'pint pints pt pts',
  quart: 'quart quarts qt qts',
  cup: 'c cup cups',
  tbsp: 'tbsp tbsps tbs tb tbl tbls tblsp tablespoon tablespoons tablespoonful tablespoonfuls',
  dsp: 'dsp dessertspoon dessertspoons dstspn',
  tsp: 'tsp tsps teaspoon teaspoons teaspoonful teaspoonfuls',
  pinch: 'pinch pinches',
  dash: 'dash dashes',
  splash: 'splash splashes',
  drizzle: 'drizzle drizzles',
  glug: 'glug glugs',
  squeeze: 'squeeze squeezes',
  grind: 'grind grinds twist twists',
  grating: 'grating gratings',
  drop: 'drop drops',
  handful: 'handful handfuls fistful fistfuls',
  can: 'can cans tin tins',
  bunch: 'bunch bunches',
};

const unitBySpelling = new Map<string, Unit>();
for (const [unit, words] of Object.entries(spellings)) {
  for (const word of words.split(' ')) unitBySpelling.set(word, unit as Unit);
}

/**
 * The unit a word stands for. Capital `T` is a tablespoon, small `t` a teaspoon; other capitals do not matter.
 *
 * @param word as written, without a closing full stop
 * @returns the unit, or undefined when the word is no unit
 */
export function unitOf(word: string): Unit | undefined {
  if (word === 'T') return 'tbsp';
  if (word === 't') return 'tsp';
  if (/^T(bs?|bsp)$/.test(word)) return 'tbsp';
  return unitBySpelling.get(word.toLowerCase());
}

export const fillWords: Record<string, Fill> = {
  level: 'level',
  heaped: 'heaped',
  heaping: 'heaped',
  rounded: 'rounded',
  scant: 'scant',
  generous: 'generous',
  packed: 'packed',
  firmly: 'packed',
  tightly: 'packed',
  loose: 'loose',
  loosely: 'loose',
  chopped: 'chopped',
  minced: 'chopped',
  snipped: 'chopped',
  shredded: 'chopped',
};

export const sizeWords: Record<string, Size> = {
  small: 'small',
  little: 'small',
  medium: 'medium',
  large: 'large',
  big: 'large',
};

/** How finely is no matter beside that it is chopped. */
export const cutWords = new Set(['finely', 'coarsely', 'fine', 'roughly']);

/** Notes after an amount that don't change it; anything else left over is an error. */
export const harmlessNotes = new Set([
  'drained',
  'rinsed',
  'peeled',
  'juiced',
  'zested',
  'pitted',
  'toasted',
  'crushed',
  'chopped',
  'minced',
  'grated',
  'sliced',
  'sifted',
  'approx',
  'approximately',
  'about',
  'roughly',
]);
