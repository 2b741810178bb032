import { everyday } from '../larder/everyday';
import type { Larder } from '../larder/larder';
import { foodCalled } from './foods';
import type { Mentions } from './mentions';
import type { Segment } from './segments';

const withLiquid =
  /\b(?:liquid|water|juice) (?:and all|too|as well|included)|undrained|not drained|including (?:the |their )?(?:liquid|water)|(?:with|in|and|plus|\+|&) (?:all )?(?:the|their|its) (?:liquid|water|juice)/;

/** `1 tin chickpeas, liquid and all`: the can's liquid goes in as well. */
export function canLiquid(
  { words }: Mentions,
  segments: Segment[],
  { larder }: { larder: Larder },
): Segment[] {
  return segments.flatMap((segment) => {
    const own = words.lower.slice(segment.from, segment.to).join(' ');
    const [amount] = segment.amounts;
    const fromCan = segment.food.food.forms.some(({ ids }) => larder.get(ids[0] ?? '')?.cookedAs);
    if (amount?.measure.unit !== 'can' || !fromCan || !withLiquid.test(own)) return [segment];
    const food = {
      ...segment.food,
      food: { words: [], forms: [{ needs: [], ids: [everyday.canLiquid] }] },
    };
    return [segment, { ...segment, food, others: [] }];
  });
}

/** `zest and juice of 1 lime`, `lemon zest and juice`, `2 limes, juiced and zested`: two foods from one fruit. */
export function bothOfFruit(
  { words }: Mentions,
  segments: Segment[],
  { larder }: { larder: Larder },
): Segment[] {
  return segments.flatMap((segment) => {
    const stems = words.stems.slice(segment.from, segment.to);
    const said = (words: readonly string[]) => words.some((word) => stems.includes(word));
    if (!said(['juice', 'juiced']) || !said(['zest', 'zested'])) return [segment];
    const fruit = foodCalled(larder, segment.food.food.words[0] ?? '');
    const ids = fruit?.forms.flatMap(({ ids: some }) => some) ?? [];
    if (ids.length < 2 || !ids.some((id) => larder.get(id)?.pieceName?.endsWith('zest'))) {
      return [segment];
    }
    const only = (id: string): Segment => {
      const food = { words: fruit?.words ?? [], forms: [{ needs: [], ids: [id] }] };
      return { ...segment, food: { ...segment.food, food } };
    };
    return ids.map(only);
  });
}
