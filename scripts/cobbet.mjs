/** Runs the command line from a bundle that is made anew whenever its sources are younger: it starts in half the time. */
import { mkdirSync, readdirSync, statSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { ensureInstalled, root } from './installed.mjs';

const bundle = `${root}.cache/cobbet.mjs`;

const youngest = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    const path = `${folder}/${entry.name}`;
    return Math.max(latest, entry.isDirectory() ? youngest(path) : statSync(path).mtimeMs);
  }, 0);

const sources = [
  youngest(`${root}core/src`),
  youngest(`${root}cli/src`),
  ...['scripts/cobbet.mjs', 'package-lock.json'].map((path) => statSync(`${root}${path}`).mtimeMs),
];
const made = statSync(bundle, { throwIfNoEntry: false })?.mtimeMs ?? 0;
if (made < Math.max(...sources)) {
  ensureInstalled();
  mkdirSync(`${root}.cache`, { recursive: true });
  const { build } = await import('esbuild');
  await build({
    entryPoints: [`${root}cli/src/main.ts`],
    outfile: bundle,
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
