/** Runs the command line from a bundle that is made anew whenever its sources are younger: it starts in half the time. */
import { statSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { ensureInstalled, root } from './installed.mjs';
import { youngest } from './youngest.mjs';

const program = `${root}.cache/cobbet.mjs`;

const sources = ['core/src', 'cli/src', 'scripts/bundle.mjs', 'package-lock.json'].map((path) =>
  youngest(`${root}${path}`),
);
const made = statSync(program, { throwIfNoEntry: false })?.mtimeMs ?? 0;
if (made < Math.max(...sources)) {
  ensureInstalled();
  const { bundle } = await import('./bundle.mjs');
  await bundle({
    cobbet: `${root}cli/src/main.ts`,
    'cobbet-worker': `${root}cli/src/requests.worker.ts`,
  });
}
await import(pathToFileURL(program).href);
