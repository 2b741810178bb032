import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import manifest from '../package.json';

const root = join(__dirname, '../..');
const others = ['web/src', 'cli/src', 'samples/src', 'scripts', 'e2e'];
const named = /'@cobbet\/core\/([^']+)'/g;

/** What the other packages import of the core. */
const imported = new Set(
  others
    .flatMap((folder) =>
      readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
        .filter((name) => /\.(tsx?|mjs)$/.test(name))
        .map((name) => readFileSync(join(root, folder, name), 'utf8')),
    )
    .flatMap((text) => [...text.matchAll(named)].map(([, name]) => `./${name ?? ''}`)),
);

describe('what the core lets others import', () => {
  test('is what they import, in order of name, and no more', () => {
    expect(Object.keys(manifest.exports)).toEqual([...imported].sort());
  });

  test('is there', () => {
    const paths = Object.values(manifest.exports);
    expect(paths.filter((path) => !existsSync(join(root, 'core', path)))).toEqual([]);
  });
});
