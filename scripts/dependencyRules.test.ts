import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';

const root = join(__dirname, '..');
let tree = '';

function write(path: string, text: string) {
  const full = join(tree, path);
  mkdirSync(dirname(full), { recursive: true });
  writeFileSync(full, text);
}

/** What is wrong in a tree of files: the rule and the file that breaks it. */
function broken(files: Record<string, string>): string[] {
  for (const [path, text] of Object.entries(files)) write(path, text);
  const checker = join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
  const config = join(root, '.dependency-cruiser.cjs');
  const { stdout } = spawnSync(
    process.execPath,
    [checker, '--config', config, '--output-type', 'json', 'core/src'],
    { cwd: tree, encoding: 'utf8' },
  );
  const { summary } = JSON.parse(stdout) as {
    summary: { violations: { rule: { name: string }; from: string }[] };
  };
  return summary.violations.map(({ rule, from }) => `${from}: ${rule.name}`).sort();
}

beforeAll(() => {
  tree = mkdtempSync(join(tmpdir(), 'layers-'));
  write('tsconfig.tools.json', '{ "compilerOptions": { "module": "esnext" } }');
  write('package.json', '{ "type": "module" }');
});
afterAll(() => rmSync(tree, { recursive: true, force: true }));

const imports = (path: string) => `import { one } from '${path}';\nexport const two = one;\n`;

describe('the order of the core’s folders', () => {
  test('refuses what imports upwards, be it a type, and a folder without a place; downwards is allowed', () => {
    const files = {
      'core/src/statistics/one.ts': 'export const one = 1;\n',
      'core/src/book/one.ts': 'export const one = 1;\n',
      'core/src/book/run.ts': 'export interface Run { id: string }\n',
      'core/src/odds/one.ts': 'export const one = 1;\n',
      'core/src/dip/down.ts': imports('../statistics/one'),
      'core/src/larder/up.ts': imports('../book/one'),
      'core/src/day/nextUp.ts': imports('../book/one'),
      'core/src/mix/typeUp.ts':
        "import type { Run } from '../book/run';\nexport type Mixed = Run['id'];\n",
      'core/src/dip/placeless.ts': imports('../odds/one'),
    };
    expect(broken(files)).toEqual([
      'core/src/day/nextUp.ts: core-day-imports-nothing-above-it',
      'core/src/dip/placeless.ts: every-core-folder-has-its-place',
      'core/src/larder/up.ts: core-larder-imports-nothing-above-it',
      'core/src/mix/typeUp.ts: core-mix-imports-nothing-above-it',
    ]);
  });
});
