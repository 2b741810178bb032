import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const places = ['/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** Start-up flags: headless, nothing fetched in the background. */
export const chromiumFlags = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Where Chromium is, CHROMIUM_PATH first; null when it is nowhere. */
export function chromiumPath() {
  const named = process.env.CHROMIUM_PATH;
  if (named) return existsSync(named) ? named : null;
  return places.find((path) => existsSync(path)) ?? null;
}

/**
 * Makes sure Chromium is there, from Debian's packages when this is root on Debian.
 *
 * @returns its path, or null after saying what to do
 */
export function ensureChromium() {
  const found = chromiumPath();
  if (found) return found;
  if (process.env.CHROMIUM_PATH) {
    process.stderr.write(
      `CHROMIUM_PATH names ${process.env.CHROMIUM_PATH}, and nothing is there.\n`,
    );
    return null;
  }
  const root = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (root) {
    process.stdout.write('Installing Chromium from Debian’s packages…\n');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const apt = (...args) => spawnSync('apt-get', args, { stdio: ['ignore', 2, 2], env });
    apt('update', '-qq');
    apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
  }
  const now = chromiumPath();
  if (!now) {
    process.stderr.write(
      'The browser tests need Chromium: install Debian’s package “chromium”, or name a browser in CHROMIUM_PATH.\n',
    );
  }
  return now;
}
