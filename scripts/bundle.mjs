import { mkdirSync } from 'node:fs';
import { build } from 'esbuild';
import { root } from './installed.mjs';

/**
 * Bundles sources for Node.js into the cache, one `.mjs` an entry.
 *
 * @param entryPoints paths of sources by the name of their bundle
 */
export async function bundle(entryPoints) {
  mkdirSync(`${root}.cache`, { recursive: true });
  await build({
    entryPoints,
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
