import Fuse from 'fuse.js';
import { distance } from 'fastest-levenshtein';
import { singular } from '../amounts/pieceWords';
import type { Ingredient } from './ingredient';
import type { Larder } from './larder';
import { slipsOf } from './slips';

const words = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '')
    .map(singular);

const plain = (text: string) => words(text).join(' ');

/** Everything an ingredient may be called. */
const names = (ingredient: Ingredient) => [ingredient.name, ...(ingredient.aliases ?? [])];

const indexes = new WeakMap<Larder, Fuse<Ingredient>>();

function indexOf(larder: Larder): Fuse<Ingredient> {
  const known = indexes.get(larder);
  if (known) return known;
  const index = new Fuse([...larder.values()], {
    keys: [
      { name: 'aliases', weight: 2, getFn: (one) => (one.aliases ?? []).map(plain) },
      { name: 'name', weight: 1.5, getFn: (one) => plain(one.name) },
      { name: 'id', weight: 1, getFn: (one) => plain(one.id) },
    ],
    threshold: 0.35,
    ignoreLocation: true,
    includeScore: true,
  });
  indexes.set(larder, index);
  return index;
}

/** Letters of a word that may be wrong, as a share of it: more of them make another word. */
const wrongLetters = 0.3;

/** Whether a word, or its beginning, is that other one with a few letters wrong. */
function isSlipOf(word: string, other: string): boolean {
  const slips = Math.floor(wrongLetters * word.length);
  return [other, other.slice(0, word.length)].some((one) => slipsOf(word, one) <= slips);
}

/**
 * Ingredients for what a cook types, best first, forgiving plurals and slips of spelling.
 *
 * @param larder where to look
 * @param text what was typed; nothing typed finds nothing
 * @param limit most results
 */
export function searchLarder(larder: Larder, text: string, limit = 8): Ingredient[] {
  const query = plain(text);
  if (query === '') return [];
  const wanted = query.split(' ');
  // every word starting a word of the name beats any fuzzy match
  const exact: { one: Ingredient; rank: number }[] = [];
  for (const one of larder.values()) {
    for (const name of names(one)) {
      const have = words(name);
      if (!wanted.every((word) => have.some((other) => other.startsWith(word)))) continue;
      const whole = have.join(' ') === query;
      exact.push({
        one,
        rank: (whole ? 0 : 10) + (have[0]?.startsWith(wanted[0] ?? '') ? 0 : 5) + have.length / 10,
      });
    }
  }
  exact.sort((a, b) => a.rank - b.rank);
  const found = new Set(exact.map(({ one }) => one));
  // only where nothing is spelled so
  if (found.size === 0) {
    for (const { item } of indexOf(larder).search(query, { limit })) {
      const have = names(item).flatMap(words);
      // letters in common make no likeness: one word at least must be one of its own
      if (wanted.some((word) => have.some((other) => isSlipOf(word, other)))) found.add(item);
    }
  }
  return [...found].slice(0, limit);
}

export type Resolution =
  { ok: true; value: Ingredient } | { ok: false; candidates: Ingredient[]; message: string };

/**
 * The one ingredient an id or a name stands for.
 *
 * @param larder where to look
 * @param text an id, a name or an alias; plurals and small slips of spelling are forgiven
 * @returns the ingredient, or what it might be, when it's none or several
 */
export function resolveIngredient(larder: Larder, text: string): Resolution {
  const byId = larder.get(text.trim());
  if (byId) return { ok: true, value: byId };
  const query = plain(text);
  const all = [...larder.values()];
  const list = (some: Ingredient[]) =>
    some
      .slice(0, 5)
      .map((one) => one.id)
      .join(', ');
  const same = all.filter((one) => names(one).some((name) => plain(name) === query));
  if (same.length === 1 && same[0]) return { ok: true, value: same[0] };
  const wanted = query.split(' ').filter((word) => word !== '');
  const inside =
    wanted.length === 0
      ? []
      : all.filter((one) =>
          names(one).some((name) => {
            const have = new Set(words(name));
            return wanted.every((word) => have.has(word));
          }),
        );
  if (inside.length === 1 && inside[0]) return { ok: true, value: inside[0] };
  if (inside.length > 1 || same.length > 1) {
    const candidates = same.length > 1 ? same : inside;
    const message = `“${text}” could be several things: ${list(candidates)}. Give one of these ids.`;
    return { ok: false, candidates, message };
  }
  const slips = Math.max(1, Math.floor(query.length / 6));
  const misspelt = all.filter(
    (one) => query.length > 3 && names(one).some((name) => distance(plain(name), query) <= slips),
  );
  if (misspelt.length === 1 && misspelt[0]) return { ok: true, value: misspelt[0] };
  const near = wanted.length === 0 ? [] : indexOf(larder).search(query, { limit: 5 });
  const candidates = near.map(({ item }) => item);
  const hint = candidates.length > 0 ? ` Did you mean ${list(candidates)}?` : '';
  return { ok: false, candidates, message: `“${text}” is not in the larder.${hint}` };
}
