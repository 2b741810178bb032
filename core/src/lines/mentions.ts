import type { Larder } from '../larder/larder';
import { amountAt, type SaidAmount } from './amountAt';
import { foodAt, type FoodName, isKnownWord, isSpelt, respelt } from './foods';
import { lineWords, type LineWords, withStems } from './lineWords';
import { isMeasureWord } from './measureWords';
import { otherFoods } from './vocabulary/otherFoods';
import { describes } from './vocabulary/plainWords';

/** A food named in a line. */
export interface FoodMention {
  from: number;
  next: number;
  food: FoodName;
  /** It was put together from slips of spelling. */
  slips: number;
  /** A word that belongs to it and makes another food of it: `tomato ketchup`, `oat milk`. */
  strange?: string;
}

/** A line with everything found in it. */
export interface Mentions {
  words: LineWords;
  /** Each word as it was written, in lower case: what is said back. */
  written: string[];
  foods: FoodMention[];
  amounts: SaidAmount[];
  /** For each word, how deep in brackets it stands. */
  depth: number[];
  /** For each word, whether it says another way that would do: `(or 2 cans, drained)`. */
  instead: boolean[];
}

const clockWords = new Set(
  'min mins minute minutes hour hours hr hrs h sec secs second seconds day days week weeks month months degree degrees person persons people serving servings serve serves portion portions load loads finger fingers kcal cal kj percent step steps times rating ratings am pm night'.split(
    ' ',
  ),
);

const isWord = ({ tokens }: LineWords, at: number) => tokens[at]?.kind === 'word';

/** A line with more strange words than this is in no kitchen's English, and nothing of it is put right. */
const mostStrange = 12;

/** Words put right where they are slips of something known. */
function spelled(larder: Larder, line: LineWords): { line: LineWords; slipped: Set<number> } {
  const slipped = new Set<number>();
  let strange = 0;
  const tokens = line.tokens.map((token, i) => {
    const [lower = '', stem = ''] = [line.lower[i], line.stems[i]];
    if (token.kind !== 'word' || isSpelt(larder, lower, stem)) return token;
    if (isMeasureWord(lower, stem) || clockWords.has(lower) || otherFoods.has(lower)) return token;
    strange += 1;
    if (strange > mostStrange) return token;
    const right = respelt(larder, stem) ?? (stem === lower ? null : respelt(larder, lower));
    if (!right) return token;
    slipped.add(i);
    return { ...token, text: right };
  });
  return { line: withStems(tokens), slipped };
}

function depths({ lower }: LineWords): number[] {
  let depth = 0;
  return lower.map((word) => {
    if (word === '(' || word === '[') depth += 1;
    const here = depth;
    if ((word === ')' || word === ']') && depth > 0) depth -= 1;
    return here;
  });
}

/** By-products: a thing's leaf, juice or seed is not the thing. */
const byProducts = new Set(
  'leaf juice zest powder liquid seed peel rind root flower brine paste skin flour spice sauce soup bread cake cracker crisp chip flakes flake milk butter cream cheese vinegar pod sprout dressing spread stock granule'.split(
    ' ',
  ),
);

/** Whether what follows a food belongs to it and makes another one of it. */
function strangeAfter(
  larder: Larder,
  words: LineWords,
  next: number,
  leafy: boolean,
): string | undefined {
  if (!isWord(words, next)) return undefined;
  const [lower = '', stem = ''] = [words.lower[next], words.stems[next]];
  if (otherFoods.has(stem) || otherFoods.has(lower)) return lower;
  if (byProducts.has(stem)) return leafy && stem === 'leaf' ? undefined : lower;
  if (foodAt(larder, words.stems, next)) return lower;
  const known = isMeasureWord(lower, stem) || isKnownWord(larder, lower, stem);
  return known || describes(lower) || clockWords.has(lower) ? undefined : lower;
}

/** A word before it that is another food: `oat milk`. */
function strangeBefore(words: LineWords, from: number): string | undefined {
  if (!isWord(words, from - 1)) return undefined;
  const stem = words.stems[from - 1] ?? '';
  return otherFoods.has(stem) ? words.lower[from - 1] : undefined;
}

/**
 * Everything a line names: foods and amounts, each with its place.
 *
 * @param clean from `cleanLine`
 */
export function findMentions(clean: string, larder: Larder): Mentions {
  const asWritten = lineWords(clean);
  const { line: words, slipped } = spelled(larder, asWritten);
  const depth = depths(words);
  const foods: FoodMention[] = [];
  const amounts: SaidAmount[] = [];
  const leafy = ({ forms }: FoodName) =>
    forms.some(({ ids }) => ids.some((id) => larder.get(id)?.structure === 'leaf'));
  let at = 0;
  while (at < words.lower.length) {
    const numeral = words.tokens[at]?.kind === 'number';
    const found = numeral ? null : foodAt(larder, words.stems, at);
    if (found) {
      const slips = Array.from({ length: found.next - at }, (_, i) => at + i).filter((i) =>
        slipped.has(i),
      ).length;
      const strange =
        strangeAfter(larder, words, found.next, leafy(found.food)) ?? strangeBefore(words, at);
      foods.push({
        from: at,
        next: found.next,
        food: found.food,
        slips,
        ...(strange ? { strange } : {}),
      });
      // what makes another food of it is named with it
      const within = strange && foodAt(larder, words.stems, found.next);
      at = within ? within.next : found.next;
      continue;
    }
    const amount = amountAt(words, at);
    if (amount && amount.next > at) {
      const after = words.lower[amount.kind === 'count' ? amount.next : at + 1] ?? '';
      const timed = amount.kind === 'count' && clockWords.has(after);
      const article =
        amount.kind === 'count' && ['a', 'an', 'one'].includes(words.lower[amount.from] ?? '');
      if (!timed && !(article && !foodSoon(larder, words, amount.next))) amounts.push(amount);
      at = amount.next;
      continue;
    }
    at += 1;
  }
  const instead = otherWay(words, depth, amounts);
  return {
    ...{ words, written: asWritten.lower, foods, depth, instead },
    amounts: amounts.filter(({ from }) => !instead[from]),
  };
}

/** Words from an `or` that begins brackets, or stands before another amount of the same, to where that ends. */
function otherWay({ lower }: LineWords, depth: readonly number[], amounts: readonly SaidAmount[]) {
  let instead = false;
  return lower.map((word, i) => {
    const begins = word === 'or' && !amounts.some(({ from, next }) => i >= from && i < next);
    if (begins && i > 0) {
      const bracket = lower[i - 1] === '(';
      const amount =
        amounts.some(({ from }) => from === i + 1) && amounts.some(({ next }) => next <= i);
      if (bracket || amount) instead = true;
    } else if (word === ')' || (word === ',' && depth[i] === 0)) instead = false;
    return instead;
  });
}

/** Whether a food is named within a few words: `a ripe avocado`, and not `in a cloth`. */
function foodSoon(larder: Larder, words: LineWords, from: number): boolean {
  for (let i = from; i < from + 4 && isWord(words, i); i += 1) {
    if (foodAt(larder, words.stems, i)) return true;
    if (['of', 'in', 'with', 'for', 'and'].includes(words.lower[i] ?? '')) return false;
  }
  return false;
}
