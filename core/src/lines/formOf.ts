import type { SaidAmount } from './amountAt';
import type { FoodForm } from './foods';
import type { Mentions } from './mentions';
import type { Segment } from './segments';
import { statesOf } from './vocabulary/states';

const spoons = new Set(['tbsp', 'dsp', 'tsp', 'pinch', 'dash', 'grind', 'grating', 'drop']);
const cups = new Set([
  'cup',
  'floz',
  'pint',
  'quart',
  'ml',
  'cl',
  'dl',
  'l',
  'splash',
  'drizzle',
  'glug',
  'squeeze',
]);
const weights = new Set(['mg', 'g', 'kg', 'oz', 'lb']);
const leaves = new Set(['leaf', 'sprig', 'stem', 'stalk', 'frond']);

function amountTags({ kind, measure }: SaidAmount): string[] {
  const { unit, piece = '' } = measure;
  if (unit === 'tsp') return ['#spoon', '#tsp'];
  if (kind === 'open') return ['#none'];
  if (kind === 'little' || kind === 'lots') return ['#vague', '#spoon'];
  if (kind === 'container') return ['#can'];
  if (spoons.has(unit)) return ['#spoon'];
  if (cups.has(unit)) return ['#cup'];
  if (weights.has(unit)) return ['#weight'];
  if (unit === 'can') return ['#can'];
  if (unit === 'bunch' || unit === 'handful') return ['#bunch'];
  return [leaves.has(piece) ? '#leaf' : '#count'];
}

/** What a part of a line says of its food, and what it says the food is not. */
export interface Said {
  states: Set<string>;
  denied: Set<string>;
}

/** What a part of a line says of its food: states, and how its amount is given; what is said not to be stands apart. */
export function saidOf(
  { words, instead }: Pick<Mentions, 'words' | 'instead'>,
  { from, to, amounts, food }: Segment,
): Said {
  const states = new Set<string>(amounts.length === 0 ? ['#none'] : amounts.flatMap(amountTags));
  const denied = new Set<string>();
  let not = false;
  for (let at = from; at < to; at += 1) {
    const word = words.lower[at] ?? '';
    if (word === 'not') not = true;
    else if (words.tokens[at]?.kind === 'sign') not = false;
    if (instead[at]) continue;
    // a food of one word is called so and says nothing more: olive oil is not what is in oil
    const name = at >= food.from && at < food.next && food.food.words.length === 1;
    const said = not ? denied : states;
    if (!name)
      for (const state of [...statesOf(word), ...statesOf(words.stems[at] ?? '')]) said.add(state);
    said.add(word);
  }
  return { states, denied };
}

/**
 * The form of a food a line means: the first all of whose states are said. One it says it is not is none; where that leaves only
 * guesses, they are asked about.
 */
export function formOf(forms: readonly FoodForm[], { states, denied }: Said): FoodForm | null {
  const refused = new Set(
    forms.filter(({ needs }) => needs.some((need) => denied.has(need))).flatMap(({ ids }) => ids),
  );
  const left = forms.filter(({ ids }) => !ids.some((id) => refused.has(id)));
  const found = left.find(({ needs }) => needs.every((need) => states.has(need)));
  if (found) return found;
  const ids = [...new Set(left.flatMap((form) => form.ids))];
  return ids.length > 0 ? { needs: [], ids, ask: true } : (forms.at(-1) ?? null);
}
