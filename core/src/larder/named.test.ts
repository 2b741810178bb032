import { readdirSync, readFileSync } from 'node:fs';
import { join, sep } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { shippedLarder } from './larder';

const root = join(__dirname, '../../..');

/** Tables that say what a shipped ingredient is, how it is made and what it is a part of: data, not decisions. */
const tables = [
  'core/src/larder/',
  'core/src/prepare/routes/',
  'core/src/prepare/rawYields/',
  'core/src/dip/patterns.ts',
  'core/src/swap/tasteAlike.ts',
  'core/src/book/thingKinds.ts',
  'core/src/practice/writtenBowls.ts',
];

const sources = ['core/src', 'cli/src', 'web/src']
  .flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' }).map((name) =>
      join(folder, name).split(sep).join('/'),
    ),
  )
  .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
  .filter((name) => !tables.some((table) => name.startsWith(table)));

/** Lines of a source that decide by the name of an ingredient. */
function naming(text: string): string[] {
  return text.split('\n').filter((line) => {
    const literals = [...line.matchAll(/(['"`])([a-z0-9-]+)\1/g)].map(([, , word]) => word ?? '');
    // one word alone is also a word of its own: “water”, “honey”
    const named = literals.some((word) => word.includes('-') && shippedLarder.has(word));
    const matched =
      /\/[a-z]*\.test\((\w+\.)*(id|ingredientId|kind)\)/.test(line) ||
      /\b(ingredientId|ingredient\.id) [!=]== ['"]/.test(line) ||
      /\b(id|ingredientId|kind)\.(startsWith|endsWith|includes|match|search)\(/.test(line);
    return named || matched;
  });
}

describe('what an ingredient is called decides nothing', () => {
  test('there are sources to look at', () => expect(sources.length).toBeGreaterThan(300));

  test('in any source outside the tables', () => {
    const found = sources.flatMap((name) =>
      naming(readFileSync(join(root, name), 'utf8')).map((line) => `${name}: ${line.trim()}`),
    );
    expect(found).toEqual([]);
  });

  test.each([
    "if (row.ingredientId === 'kidney-beans-red-cooked') warn();",
    'return /-dried$/.test(ingredient.id);',
    "if (ingredient.id === 'honey') warn();",
    "const herb = part.ingredient.id.endsWith('-dried');",
  ])('the check itself sees: %s', (line) => expect(naming(line)).toEqual([line]));
});
