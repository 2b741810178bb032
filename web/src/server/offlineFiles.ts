import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Rooms, each one page. */
export const offlinePages = [
  '/',
  '/bench',
  '/make',
  '/practice',
  '/trials',
  '/tasting',
  '/design',
  '/day',
  '/house',
  '/find',
  '/new',
  '/larder',
  '/kit',
] as const;

const others = [
  '/sample-book.json',
  '/icon.svg',
  '/icon-192.png',
  '/icon-512.png',
  '/manifest.webmanifest',
];

/** The build this server runs, wherever it was started from. */
function buildFolder(): string {
  return ['.next', 'web/.next'].find((path) => existsSync(join(path, 'BUILD_ID'))) ?? '.next';
}

function filesUnder(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesUnder(path) : [path];
  });
}

/** Which build this is, and everything a browser needs of it to work without a server. */
export function offlineFiles(): { version: string; files: string[] } {
  const folder = buildFolder();
  const version = readFileSync(join(folder, 'BUILD_ID'), 'utf8').trim();
  const built = filesUnder(join(folder, 'static'))
    .filter((path) => !path.endsWith('.map'))
    .map((path) => `/_next/static${path.slice(join(folder, 'static').length)}`);
  return { version, files: [...built, ...others] };
}
