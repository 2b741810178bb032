import { readdirSync, statSync } from 'node:fs';

/** When the youngest file at or below a path was changed, ms. */
export function youngest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return readdirSync(path).reduce(
    (latest, name) => Math.max(latest, youngest(`${path}/${name}`)),
    0,
  );
}
