/** Months a thing is in season, 1–12, both ends in it; over the new year where it begins later than it ends. */
export interface Season {
  from: number;
  to: number;
}

const months = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

function readMonth(text: string): number | null {
  const word = text.trim().toLowerCase().replace(/\.$/, '');
  if (/^\d+$/.test(word)) return Number(word) >= 1 && Number(word) <= 12 ? Number(word) : null;
  // `may` and `jun` are enough, `ma` is two months
  const found = months.filter((month) => month.toLowerCase().startsWith(word));
  return word.length >= 3 && found[0] ? months.indexOf(found[0]) + 1 : null;
}

/**
 * Reads when a thing is in season: `May to September`, `nov–feb`, `6-9`, `June`.
 *
 * @returns null where it can't be read
 */
export function readSeason(text: string): Season | null {
  const ends = text.split(/\s*(?:–|—|-|\bto\b)\s*/).map(readMonth);
  const [from = null, to = from] = ends;
  return ends.length <= 2 && from !== null && to !== null ? { from, to } : null;
}

/** A season in words: `May to September`. */
export function seasonText({ from, to }: Season): string {
  const [first, last] = [months[from - 1] ?? '', months[to - 1] ?? ''];
  return from === to ? first : `${first} to ${last}`;
}

/** Whether a thing is to be had in a month, 1–12; what nobody has said a season of always is. */
export function inSeason(season: Season | null | undefined, month: number): boolean {
  if (!season) return true;
  const { from, to } = season;
  return from <= to ? month >= from && month <= to : month >= from || month <= to;
}
