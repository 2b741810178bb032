import type { MeasureSystem } from '../amounts/measureSystem';
import type { Ingredient } from '../larder/ingredient';
import { everyday } from '../larder/everyday';
import type { Larder } from '../larder/larder';
import { searchLarder } from '../larder/find';
import type { Place } from '../mix/part';
import { bothOfFruit, canLiquid } from './alongside';
import { amountOf } from './amountOf';
import { asWritten } from './asWritten';
import { cleanLine } from './cleanLine';
import type { FoodForm } from './foods';
import { formOf, saidOf } from './formOf';
import { beginsWithVerb, skippedByShape } from './lineKind';
import type { DoubtKind, LineQuestion, LineReading, ReadPart, SkipReason } from './lineReading';
import { findMentions, type Mentions } from './mentions';
import { isOptional, placeOf } from './placeOf';
import { type Segment, segmentsOf } from './segments';
import { toldOnly } from './toldOnly';
import { unusual } from './unusual';
import { warmthOf } from './warmthOf';

/** What a line is read with. */
export interface LineContext {
  larder: Larder;
  measures: MeasureSystem;
  /** Where things go unless the line says otherwise: what the heading above it says. */
  place?: Place;
  /** What this cook has answered before: the id for the words of a food. */
  picked?: ReadonlyMap<string, string>;
}

const nothing = (skipped: SkipReason): LineReading => ({ parts: [], ask: [], skipped });

/** A cook's words for a food, by which an answer is remembered: what makes another food of it belongs to them. */
const keyOf = ({ food: { food, strange } }: Segment): string =>
  [...food.words, ...(strange === undefined ? [] : [strange])].join(' ');

/** Words that say a thing is for the pot and perhaps not for the dip. */
const besides =
  /\bfor (?:the )?(?:pot|pan|frying|fry|boiling|soaking|soak|cooking|tray|roasting|brushing|greasing)\b/;

function sorted(ids: readonly string[], larder: Larder): string[] {
  return [...new Set(ids)].filter((id) => larder.has(id)).slice(0, 3);
}

const wordsOf = ({ words }: Mentions, from: number, to: number) =>
  words.tokens
    .slice(from, to)
    .map(({ text }, i) => (i === 0 || /^[,;:)\]]$/.test(text) ? text : ` ${text}`))
    .join('')
    .replace(/([([]) /g, '$1')
    .replace(/^[\s,;+&]+|[\s,;]+$/g, '')
    .replace(/^(?:and|plus|with) /i, '');

/** What follows the first comma or stands in brackets, without amounts: how it is prepared. */
function noteOf(clean: string): string | undefined {
  const at = clean.search(/[,(]/);
  if (at < 0) return undefined;
  const text = clean
    .slice(at)
    .replace(/^[,(\s]+|[)\s]+$/g, '')
    .trim();
  return text === '' || /\d|^(?:or|about|net)\b/i.test(text) ? undefined : text.slice(0, 120);
}

/** Everything that was found out about one food of a line. */
interface Found {
  form: FoodForm;
  states: ReadonlySet<string>;
  ingredient: Ingredient;
  candidates: string[];
}

function foundFood(mentions: Mentions, segment: Segment, context: LineContext): Found | null {
  const said = saidOf(mentions, segment);
  const form = formOf(segment.food.food.forms, said);
  const picked = context.picked?.get(keyOf(segment));
  const [best] = form?.ids ?? [];
  const id = picked ?? best;
  const ingredient = id === undefined ? undefined : context.larder.get(id);
  if (!form || !ingredient) return null;
  const others = segment.others.flatMap(({ food }) => formOf(food.forms, said)?.ids ?? []);
  const settled = picked === undefined ? form : { ...form, ask: false };
  return {
    form: settled,
    states: said.states,
    ingredient,
    candidates: sorted([ingredient.id, ...form.ids, ...others], context.larder),
  };
}

function questionAbout(
  mentions: Mentions,
  segment: Segment,
  clean: string,
  context: LineContext,
  alone: boolean,
): { part?: ReadPart; ask?: LineQuestion } {
  const { food } = segment;
  const text = alone ? clean : wordsOf(mentions, segment.from, segment.to);
  const found = foundFood(mentions, segment, context);
  const question = (kind: DoubtKind, why: string, part?: ReadPart): { ask: LineQuestion } => ({
    ask: {
      ...{ text, kind, why, food: keyOf(segment), candidates: found?.candidates ?? [] },
      ...(part ? { part } : {}),
    },
  });
  const name = wordsOf(mentions, food.from, food.next);
  if (!found) return question('food', `What is “${name}” here?`);
  const { ingredient, form, states } = found;
  const answered = context.picked?.has(keyOf(segment)) === true;
  if (food.strange !== undefined && !answered) {
    return question('food', `“${name}” with “${food.strange}” is not in the larder.`);
  }
  const line = mentions.words.lower
    .join(' ')
    .replace(/ ,/g, ',')
    .replace(/\( /g, '(')
    .replace(/ \)/g, ')');
  const own = mentions.words.lower.slice(segment.from, segment.to).join(' ').replace(/ ,/g, ',');
  const measured = segment.amounts.some(({ kind }) => kind !== 'open' && kind !== 'little');
  const ends = segment.to >= mentions.words.lower.length;
  const place = placeOf(
    alone || !measured || ends ? line : own,
    own,
    context.place,
    !measured || ends,
  );
  const optional = isOptional(alone ? line : own) ? { optional: true as const } : {};
  const note = alone ? noteOf(clean) : undefined;
  const amount = amountOf(mentions, segment, ingredient, form, states, context.measures);
  const atC = warmthOf(states, ingredient);
  const shell = {
    text,
    ingredient: ingredient.id,
    place,
    ...(atC === null ? {} : { atC }),
    ...optional,
    ...(note ? { note } : {}),
  };
  if ('open' in amount) {
    const open: ReadPart = { ...shell, amount: 'to taste', massG: 0, low: 0, high: 0, sure: 0.5 };
    return question(
      form.ask ? 'form' : 'open',
      form.ask ? `Which ${name}, and how much?` : `How much ${name}?`,
      open,
    );
  }
  if ('problem' in amount) return question('amount', amount.problem);
  const { settled } = amount;
  const others = segment.others.length > 0 ? 0.08 : 0;
  const part: ReadPart = {
    ...shell,
    amount:
      alone && settled.rawG === undefined
        ? asWritten(clean, settled.amount, ingredient, settled.massG, context.measures)
        : settled.amount,
    massG: settled.massG,
    low: settled.low,
    high: settled.high,
    ...(settled.rawG === undefined ? {} : { raw: { massG: settled.rawG } }),
    sure: Math.max(0.3, 0.97 - 0.1 * food.slips - others - (form.ask ? 0.4 : 0)),
  };
  if (form.ask) return question('form', `Which ${name}?`, part);
  const short = Math.min(...food.food.words.map((word) => word.length));
  if (food.slips > 0 && short < 5 && !answered)
    return question('food', `Is “${name}” what was meant?`, part);
  if (amount.doubt !== undefined) return question('amount', amount.doubt, { ...part, sure: 0.5 });
  if (besides.test(own)) {
    return question('food', `Does “${name}” go into the dip, or only where it is cooked?`, {
      ...part,
      sure: 0.4,
    });
  }
  const odd = unusual(ingredient, part.massG);
  return odd === null ? { part } : question('unusual', odd, { ...part, sure: 0.4 });
}

/** Amounts of an unknown food one line may name. */
const mostUnknown = 4;

/** A line with an amount of something the larder does not know. */
function unknownFood(mentions: Mentions, clean: string, context: LineContext): LineReading {
  const { larder, picked } = context;
  const [amount] = mentions.amounts;
  const name = mentions.written
    .filter(
      (word, i) => (!amount || i < amount.from || i >= amount.next) && /\p{L}{3,}/u.test(word),
    )
    .slice(0, 4)
    .join(' ');
  const known = larder.get(picked?.get(name) ?? '');
  const lower = clean.toLowerCase();
  if (known && lower.includes(name)) {
    const [short = known.name] = known.name.split(',');
    return readLine(lower.replace(name, short), { ...context, picked: new Map() });
  }
  const clove = amount?.measure.piece === 'clove';
  // what lists many amounts and no food is no line to look anything up for
  const named = name !== '' && mentions.amounts.length <= mostUnknown;
  const found = named ? searchLarder(larder, name.slice(0, 40), 3).map(({ id }) => id) : [];
  const why = name === '' ? 'Of what?' : `“${name}” is not in the larder.`;
  const candidates = clove ? [everyday.garlic] : found;
  const question = { text: clean, kind: 'food' as const, why, food: name, candidates };
  return { parts: [], ask: [question], skipped: null };
}

/**
 * Reads one line as a cook writes or says it: amounts, foods, their state, how they are cut and where they go, in any order.
 * Never another food in silence, and never 0 g that looks like an amount: what is not sure is asked about.
 *
 * @param text one line
 * @returns parts and questions, or why nothing comes of it; never throws
 */
export function readLine(text: string, context: LineContext): LineReading {
  const clean = cleanLine(text);
  const skipped = skippedByShape(clean);
  if (skipped) return nothing(skipped);
  const mentions = findMentions(clean, context.larder);
  const told = toldOnly(clean, mentions);
  if (told) return nothing(told);
  const segments = segmentsOf(mentions, context.larder);
  if (segments.length === 0) {
    const measured = mentions.amounts.some(({ kind }) => kind !== 'open');
    const negated = mentions.foods.length > 0;
    if (!measured || negated) return nothing('note');
    return beginsWithVerb(clean) ? nothing('step') : unknownFood(mentions, clean, context);
  }
  const reading: LineReading = { parts: [], ask: [], skipped: null };
  const all = canLiquid(mentions, bothOfFruit(mentions, segments, context), context);
  for (const segment of all) {
    const { part, ask } = questionAbout(mentions, segment, clean, context, segments.length === 1);
    if (part) reading.parts.push(part);
    if (ask) reading.ask.push(ask);
  }
  return reading;
}
