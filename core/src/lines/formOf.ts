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

/** What a part of a line says of its food: states, and how its amount is given; what is said not to be is left out. */
export function saidOf(
  { words, instead }: Pick<Mentions, 'words' | 'instead'>,
  { from, to, amounts, food }: Segment,
): Set<string> {
  const said = new Set<string>(amounts.length === 0 ? ['#none'] : amounts.flatMap(amountTags));
  let denied = false;
  for (let at = from; at < to; at += 1) {
    const word = words.lower[at] ?? '';
    if (word === 'not') denied = true;
    else if (words.tokens[at]?.kind === 'sign') denied = false;
    if (denied || instead[at]) continue;
    // the jar it stands in says where it is from; the can it is counted in is an amount already
    const inName = at >= food.from && at < food.next;
    for (const state of [...statesOf(word), ...statesOf(words.stems[at] ?? '')]) {
      if (!(inName && food.food.words.length === 1)) said.add(state);
    }
    said.add(word);
  }
  return said;
}

/** The form of a food a line means: the first all of whose states are said. */
export function formOf(forms: readonly FoodForm[], said: ReadonlySet<string>): FoodForm | null {
  return forms.find(({ needs }) => needs.every((need) => said.has(need))) ?? null;
}
