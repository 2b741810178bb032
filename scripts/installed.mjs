import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Whether node_modules is there and as the lock file wants it, as far as npm itself recorded. */
function upToDate() {
  try {
    const wanted = JSON.parse(readFileSync(`${root}package-lock.json`, 'utf8')).packages;
    const have = JSON.parse(
      readFileSync(`${root}node_modules/.package-lock.json`, 'utf8'),
    ).packages;
    return Object.entries(wanted).every(([path, entry]) => {
      if (path === '' || !path.includes('node_modules/') || entry.link) return true;
      if (entry.optional || entry.devOptional || entry.peer) return true;
      return have[path]?.version === entry.version;
    });
  } catch {
    return false;
  }
}

/**
 * Installs the packages of package-lock.json when they are missing or others are there. Only tools of development
 * want a newer Node.js than Cobbet itself, so their wish is no error here. npm's own words go to
 * standard error, so that standard output stays clean.
 */
export function ensureInstalled() {
  if (upToDate()) return;
  process.stderr.write('Installing packages (about a minute, once)…\n');
  const done = spawnSync('npm', ['ci', '--no-fund', '--no-audit', '--engine-strict=false'], {
    cwd: root,
    stdio: ['ignore', 2, 2],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
  if (done.status !== 0) {
    process.stderr.write('npm ci failed; its reason stands above.\n');
    process.exit(1);
  }
}
