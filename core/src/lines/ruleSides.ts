import { singular } from '../amounts/pieceWords';
import type { Ingredient } from '../larder/ingredient';
import type { RuleSide } from '../mix/rule';
import { groupWords, wholeWords } from './vocabulary/groupWords';

/** A row a rule may be about. */
export interface RuleRow {
  id: string;
  ingredient: Ingredient;
  /** As it is written. */
  amount: string;
}

/** What a phrase stands for in a dip, or why that is not known. */
export type SideRead = { ok: true; side: RuleSide } | { ok: false; message: string };

const wordsOf = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((word) => word !== '')
    .map(singular);

const articles = new Set(['the', 'all', 'of', 'my', 'a', 'an', 'its']);

/** A phrase without what stands before the thing itself. */
function bare(phrase: string): string[] {
  const words = wordsOf(phrase);
  while (words.length > 1 && articles.has(words[0] ?? '')) words.shift();
  return words;
}

/** Rows that a phrase names: all its words are in one of a row's names. */
function rowsNamed(words: readonly string[], rows: readonly RuleRow[]): RuleRow[] {
  return rows.filter(({ ingredient }) =>
    [ingredient.name, ...(ingredient.aliases ?? [])].some((name) => {
      const have = new Set(wordsOf(name));
      return words.every((word) => have.has(word));
    }),
  );
}

const notHere = (phrase: string): SideRead => ({
  ok: false,
  message: `Nothing in this dip is called “${phrase.trim()}”.`,
});

/** Rows whose name is that thing itself, and not something else of it: chickpeas, and not their can liquid. */
function itself(words: readonly string[], rows: readonly RuleRow[]): RuleRow[] {
  const last = words.at(-1);
  const own = rows.filter(({ ingredient }) =>
    [ingredient.name, ...(ingredient.aliases ?? [])].some(
      (name) => wordsOf(name.split(',')[0] ?? '').at(-1) === last,
    ),
  );
  return own.length > 0 ? own : [...rows];
}

function oneSide(phrase: string, rows: readonly RuleRow[]): SideRead {
  const words = bare(phrase);
  const said = words.join(' ');
  if (wholeWords.has(said)) return { ok: true, side: { whole: true } };
  const roles = groupWords.get(said);
  if (roles) {
    return rows.some(({ ingredient }) => roles.includes(ingredient.role))
      ? { ok: true, side: { roles } }
      : notHere(phrase);
  }
  const named = words.length > 0 ? itself(words, rowsNamed(words, rows)) : [];
  const kinds = new Set(named.map(({ ingredient }) => ingredient.id));
  if (kinds.size > 1) {
    const names = [...new Set(named.map(({ ingredient }) => ingredient.name))];
    return { ok: false, message: `“${phrase.trim()}” could be ${names.join(' or ')}: say which.` };
  }
  return named.length > 0
    ? { ok: true, side: { rows: named.map(({ id }) => id) } }
    : notHere(phrase);
}

/**
 * What a phrase stands for among the rows of a dip: one thing, all of a kind, several of them, or the whole.
 *
 * @param phrase `tahini`, `the nuts`, `pumpkin and carrot`, `the whole dip`
 */
export function readSide(phrase: string, rows: readonly RuleRow[]): SideRead {
  const whole = oneSide(phrase, rows);
  const pieces = phrase.split(/\s+(?:and|plus)\s+|\s*[+,]\s*/);
  if (whole.ok || pieces.length < 2) return whole;
  const sides = pieces.map((piece) => oneSide(piece, rows));
  const wrong = sides.find((one) => !one.ok);
  if (wrong) return wrong;
  const found = sides.flatMap((one) => (one.ok ? [one.side] : []));
  if (found.some((side) => 'whole' in side)) return { ok: true, side: { whole: true } };
  if (found.every((side) => 'roles' in side)) {
    return { ok: true, side: { roles: [...new Set(found.flatMap(({ roles }) => roles))] } };
  }
  const ids = found.flatMap((side) => {
    if ('rows' in side) return side.rows;
    if (!('roles' in side)) return [];
    return rows
      .filter(({ ingredient }) => side.roles.includes(ingredient.role))
      .map(({ id }) => id);
  });
  return { ok: true, side: { rows: [...new Set(ids)] } };
}
