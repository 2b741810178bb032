/** Runs the command line from a bundle that is made anew whenever its sources are younger: it starts in half the time. */
import { mkdirSync, statSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { ensureInstalled, root } from './installed.mjs';
import { youngest } from './youngest.mjs';

const bundle = `${root}.cache/cobbet.mjs`;

const sources = ['core/src', 'cli/src', 'scripts/cobbet.mjs', 'package-lock.json'].map((path) =>
  youngest(`${root}${path}`),
);
const made = statSync(bundle, { throwIfNoEntry: false })?.mtimeMs ?? 0;
if (made < Math.max(...sources)) {
  ensureInstalled();
  mkdirSync(`${root}.cache`, { recursive: true });
  const { build } = await import('esbuild');
  await build({
    entryPoints: {
      cobbet: `${root}cli/src/main.ts`,
      'cobbet-worker': `${root}cli/src/requests.worker.ts`,
    },
    outdir: `${root}.cache`,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    mainFields: ['module', 'main'],
    // the solver finds its WASM beside itself, so it stays where it is installed
    external: ['highs'],
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'error',
  });
}
await import(pathToFileURL(bundle).href);
