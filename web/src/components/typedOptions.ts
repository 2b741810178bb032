import { readGrams } from '@cobbet/core/amounts/toGrams';
import { searchLarder } from '@cobbet/core/larder/find';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import type { LineContext } from '@cobbet/core/lines/readLine';
import { newFood, type NewFood } from '@cobbet/core/lines/newFood';
import { readRule } from '@cobbet/core/lines/readRule';
import type { RuleRow } from '@cobbet/core/lines/ruleSides';
import type { Rule } from '@cobbet/core/mix/rule';
import { understandLine } from '@cobbet/core/lines/understand';

/** Something a typed line may become: everything that was understood, one way to settle a doubt, or a name that fits so far. */
export interface TypedOption {
  key: string;
  kind: 'understood' | 'choice' | 'name' | 'rule';
  parts: readonly ReadPart[];
  /** What the answer is remembered by, where it settles a doubt. */
  food?: string;
  /** A food that goes into the larder with it. */
  own?: NewFood;
  /** What holds between rows, where that is what was typed. */
  rule?: Omit<Rule, 'id'>;
}

/** What a typed line offers, and what it asks. */
export interface TypedLine {
  options: TypedOption[];
  /** Why it is not taken in silence. */
  why: string | null;
}

const bare = (text: string, ingredient: string, amount: string, massG: number): ReadPart => ({
  ...{ text, ingredient, amount, massG, low: massG, high: massG },
  place: 'bowl',
  sure: 0.6,
});

/** Names that begin with what was typed, with the amount typed before it: `2 tbsp lem`. */
function namesFor(text: string, { larder, measures }: LineContext): TypedOption[] {
  const words = text.trim().split(/\s+/);
  const option = (part: ReadPart): TypedOption => ({
    key: `name ${part.ingredient}`,
    kind: 'name',
    parts: [part],
  });
  for (let count = Math.min(words.length - 1, 6); count > 0; count -= 1) {
    const amount = words.slice(0, count).join(' ');
    if (!/^[\d½⅓⅔¼¾⅛]|^(a|an|half|one|two|three|pinch|splash|handful)\b/i.test(amount)) break;
    const name = words.slice(count).join(' ').replace(/^of /, '');
    const found = searchLarder(larder, name, 7).flatMap((ingredient) => {
      const read = readGrams(amount, ingredient, measures);
      return read.ok ? [option(bare(text, ingredient.id, amount, read.value.massG))] : [];
    });
    if (found.length > 0) return found;
  }
  return searchLarder(larder, text, 8).map(({ id }) => option(bare(text, id, '', 0)));
}

/** Whether every word typed of a food begins a word of a name. */
function beginsSo({ parts }: TypedOption, food = '', { larder }: LineContext): boolean {
  const found = larder.get(parts[0]?.ingredient ?? '');
  const typed = food.split(' ').filter((word) => word !== '');
  const names = [found?.name ?? '', ...(found?.aliases ?? [])].map((name) =>
    name.toLowerCase().split(/[^\p{L}]+/u),
  );
  return (
    typed.length > 0 &&
    names.some((words) => typed.every((word) => words.some((one) => one.startsWith(word))))
  );
}

/** What a cook says of no amount is open, and is asked for in its row. */
const saidOpen = /\b(?:to taste|to serve|as needed|if needed|to cover|to finish|some|for)\b/i;

/**
 * What a line typed so far may become, what is understood first. Where it is not sure there is no understanding to take, only
 * choices.
 *
 * @param rows that a rule may be written for
 */
export function typedOptions(
  text: string,
  context: LineContext,
  rows: readonly RuleRow[] = [],
): TypedLine {
  if (text.trim() === '') return { options: [], why: null };
  const rule = rows.length > 0 ? readRule(text, rows) : null;
  if (rule && !rule.ok) return { options: [], why: rule.message };
  if (rule)
    return { options: [{ key: 'rule', kind: 'rule', parts: [], rule: rule.rule }], why: null };
  const { parts, question, choices } = understandLine(text, context);
  // several foods, and a doubt about one that is found, are no half of a name
  const named = question?.part || parts.length > 1 ? [] : namesFor(text, context);
  // half a word is no other food yet
  const begun = named.filter((one) => beginsSo(one, question?.food, context));
  if (question && choices.length > 0 && begun.length === 0) {
    const settled = choices.map(({ ingredient, part }): TypedOption => ({
      key: `choice ${ingredient}`,
      kind: 'choice',
      parts: [...parts, part],
      food: question.food,
    }));
    const own = newFood(question, context.larder);
    const like = choices.find(({ ingredient }) => ingredient === own?.like);
    if (own && like) {
      const part = { ...like.part, ingredient: own.id };
      settled.push({ key: 'own', kind: 'choice', parts: [...parts, part], own });
    }
    return { options: settled, why: question.why };
  }
  if (question) {
    const unknown = question.kind === 'food' && question.food !== '' && choices.length === 0;
    const way = unknown ? ' Put it into the Larder, or write what it is most like.' : '';
    return { options: begun, why: `${question.why}${way}` };
  }
  if (parts.length === 0) return { options: named, why: null };
  const shown = parts.map((part) =>
    part.massG === 0 && !saidOpen.test(text) ? { ...part, amount: '' } : part,
  );
  const taken = new Set(parts.map(({ ingredient }) => ingredient));
  return {
    options: [
      { key: 'understood', kind: 'understood', parts: shown },
      ...named.filter(({ parts: [one] }) => one && !taken.has(one.ingredient)).slice(0, 5),
    ],
    why: null,
  };
}
