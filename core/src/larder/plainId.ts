/** Longest id made of a name, letters. */
const longest = 50;

/** A name as an id, without accents: `Crème, own` is `creme-own`; empty where nothing of it can stand in one. */
export const plainId = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, longest);
