import { fractionWords, wholeWords } from '../amounts/numberWords';
import { unitOf } from '../amounts/unitWords';
import { type Larder, shippedLarder } from '../larder/larder';
import { sameLetters, slipsOf } from '../larder/slips';
import table from './data/foods.json';
import { stemOf } from './lineWords';
import { otherFoods } from './vocabulary/otherFoods';
import { plainWords } from './vocabulary/plainWords';
import { statesOf, stateWords } from './vocabulary/states';

/** One form of a food: what must stand in the line, and what it then is. */
export interface FoodForm {
  needs: readonly string[];
  ids: readonly string[];
  raw?: boolean;
  ask?: boolean;
}

/** A food by one of its names. */
export interface FoodName {
  words: readonly string[];
  forms: readonly FoodForm[];
}

interface Lexicon {
  /** By first word, longest name first. */
  byWord: ReadonlyMap<string, readonly FoodName[]>;
  /** Every word of every name, for slips of spelling. */
  spelling: readonly string[];
  words: ReadonlySet<string>;
}

const numberWords = new Set([
  ...Object.keys(wholeWords),
  ...Object.keys(fractionWords),
  'hundred',
  'several',
  'both',
  'each',
]);

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/’/g, "'")
    .split(/[^\p{L}\p{N}']+/u)
    .filter((word) => word !== '')
    .map(stemOf);

const lexicons = new WeakMap<Larder, Lexicon>();

function build(larder: Larder): Lexicon {
  const byWord = new Map<string, FoodName[]>();
  const add = (name: string, forms: readonly FoodForm[], first = false) => {
    const words = plain(name);
    const [head] = words;
    if (head === undefined) return;
    const known = byWord.get(head) ?? [];
    const same = known.findIndex((one) => one.words.join(' ') === words.join(' '));
    if (same >= 0 && !first) return;
    if (same >= 0) known.splice(same, 1);
    byWord.set(head, [...known, { words, forms }]);
  };
  for (const { names, forms } of table) for (const name of names) add(name, forms);
  for (const one of larder.values()) {
    const own = shippedLarder.get(one.id) === undefined;
    const [short = one.name] = one.name.replace(/\s*\([^)]*\)/g, '').split(',');
    const forms = [{ needs: [], ids: [one.id] }];
    // what a cook has called so is so
    if (own) for (const name of [one.name, short]) add(name, forms, true);
    else add(short, forms);
    for (const name of one.aliases ?? []) add(name, forms, own);
  }
  for (const list of byWord.values()) list.sort((a, b) => b.words.length - a.words.length);
  const spelling = new Set<string>();
  for (const list of byWord.values()) {
    for (const { words } of list) for (const word of words) spelling.add(word);
  }
  return { byWord, spelling: [...spelling].filter((word) => word.length > 3), words: spelling };
}

function lexiconOf(larder: Larder): Lexicon {
  const known = lexicons.get(larder);
  if (known) return known;
  const built = build(larder);
  lexicons.set(larder, built);
  return built;
}

/** A food named at a place. */
export interface NamedFood {
  food: FoodName;
  next: number;
}

/** The longest name of a food that starts at a word. */
export function foodAt(larder: Larder, stems: readonly string[], at: number): NamedFood | null {
  const stem = stems[at];
  if (stem === undefined) return null;
  for (const food of lexiconOf(larder).byWord.get(stem) ?? []) {
    if (food.words.every((word, i) => stems[at + i] === word)) {
      return { food, next: at + food.words.length };
    }
  }
  return null;
}

/** The food of a name, whole. */
export function foodCalled(larder: Larder, name: string): FoodName | null {
  const words = plain(name);
  const found = foodAt(larder, words, 0);
  return found?.next === words.length ? found.food : null;
}

/** Whether a word means anything here: a food, a state, a measure, or a word that only describes. */
export function isKnownWord(larder: Larder, lower: string, stem: string): boolean {
  return (
    lexiconOf(larder).byWord.has(stem) ||
    /'(?:ll|re|ve|d|m|t)$/.test(lower) ||
    numberWords.has(lower) ||
    statesOf(lower).length > 0 ||
    plainWords.has(lower) ||
    plainWords.has(stem) ||
    otherFoods.has(stem) ||
    unitOf(lower) !== undefined
  );
}

/** Whether a word is spelled as something is, in a name or by itself. */
export const isSpelt = (larder: Larder, lower: string, stem: string): boolean =>
  lexiconOf(larder).words.has(stem) || isKnownWord(larder, lower, stem);

const measureWords = ['tbsp', 'tablespoon', 'teaspoon', 'clove', 'bunch', 'handful', 'pinch'];

/**
 * The word that a misspelt one most likely is, out of foods, states and measures.
 *
 * @returns null where none is near, or two are as near
 */
export function respelt(larder: Larder, word: string): string | null {
  if (word.length < 4) return null;
  const allowed = word.length >= 7 ? 2 : 1;
  let best: string[] = [];
  let fewest = allowed;
  const { spelling } = lexiconOf(larder);
  for (const other of [...spelling, ...stateWords, ...measureWords]) {
    if (Math.abs(other.length - word.length) > allowed || other.length < 4) continue;
    if (word.length === 4 && other.length === 4 && !sameLetters(word, other)) continue;
    const slips = slipsOf(word, other);
    if (slips < fewest) [best, fewest] = [[other], slips];
    else if (slips === fewest && !best.includes(other)) best.push(other);
  }
  if (best.length > 1) {
    const same = best.filter((other) => other[0] === word[0]);
    if (same.length === 1) best = same;
  }
  return best.length === 1 ? (best[0] ?? null) : null;
}
