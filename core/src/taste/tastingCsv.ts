import Papa from 'papaparse';
import { asWritten, harmless } from './csvCell';
import { withMark } from './tastingEdits';
import { type JarName, jarNames, type Tasting } from './tasting';

const fixed = ['taster', 'code', 'liking'] as const;
const last = ['chosen', 'place', 'words', 'note'] as const;

/** Words of one cell stand with this between them. */
const between = '; ';

/**
 * A tasting as CSV: one row a taster and pot in serving order, blank where nothing was said. What is what is not in it.
 */
export function tastingCsv(tasting: Tasting): string {
  const { asks, seats, marks } = tasting;
  const rows = seats.flatMap((seat) =>
    seat.order.map((code) => {
      const mark = marks.find((one) => one.seatId === seat.id && one.code === code);
      return [
        harmless(seat.name),
        code,
        mark?.liking ?? '',
        ...asks.jar.map((name) => mark?.jar?.[name] ?? ''),
        mark?.chosen ? 'yes' : '',
        mark?.rank ?? '',
        harmless((mark?.words ?? []).join(between)),
        harmless(mark?.note ?? ''),
      ];
    }),
  );
  return Papa.unparse({ fields: [...fixed, ...asks.jar, ...last], data: rows }, { newline: '\n' });
}

/** A line of a file that could not be taken. */
export interface CsvFault {
  /** Counted from one, the head included. */
  line: number;
  says: string;
}

/** A tasting with what a file says of it, and what could not be taken. */
export interface ReadCsv {
  tasting: Tasting;
  /** Pots that something was taken for. */
  taken: number;
  faults: CsvFault[];
}

const whole = (text: string, low: number, high: number): number | null => {
  const value = Number(text);
  return /^\d+$/.test(text) && value >= low && value <= high ? value : null;
};

/** More than this is no tasting's file. */
const mostLines = 2000;
const longestNote = 500;

/**
 * Takes marks from CSV as `tastingCsv` writes it, filled in by hand or by another program: columns in any order, empty cells say
 * nothing and take nothing away. A line that can't be taken is named with its reason, and takes no other with it.
 */
export function readTastingCsv(tasting: Tasting, text: string): ReadCsv {
  const [head = [], ...rows] = Papa.parse<string[]>(text.replace(/^\uFEFF/, '')).data;
  const columns = head.map((one) => one.trim().toLowerCase());
  const faults: CsvFault[] = [];
  for (const needed of ['taster', 'code']) {
    if (!columns.includes(needed)) {
      faults.push({ line: 1, says: `There is no column “${needed}”.` });
    }
  }
  const double = columns.find((one, i) => one !== '' && columns.indexOf(one) !== i);
  if (double !== undefined) faults.push({ line: 1, says: `There are two columns “${double}”.` });
  if (rows.length > mostLines) {
    faults.push({ line: mostLines, says: `More than ${mostLines} lines are no tasting.` });
  }
  if (faults.length > 0) return { tasting, taken: 0, faults };
  let now = tasting;
  let taken = 0;
  rows.forEach((cells, i) => {
    const line = i + 2;
    if (cells.every((cell) => cell.trim() === '')) return undefined;
    const row = Object.fromEntries(
      columns.map((column, at) => [column, asWritten((cells[at] ?? '').trim())]),
    );
    const say = (says: string) => void faults.push({ line, says });
    const seat = tasting.seats.find(
      ({ name }) => name.trim().toLowerCase() === (row['taster'] ?? '').toLowerCase(),
    );
    if (!seat) return say(`“${row['taster'] ?? ''}” is none of the tasters.`);
    const code = row['code'] ?? '';
    if (!seat.order.includes(code))
      return say(`${seat.name} was served no ${code || 'pot without a code'}.`);
    const read = markIn(row, tasting);
    if (typeof read === 'string') return say(read);
    if (Object.keys(read).length === 0) return undefined;
    now = withMark(now, seat.id, code, read);
    taken += 1;
    return undefined;
  });
  return { tasting: now, taken, faults };
}

/** What a line says of its pot; a sentence where it can't be. */
function markIn(row: Record<string, string>, { asks, pots, kind }: Tasting) {
  const said: Parameters<typeof withMark>[3] = {};
  const likingText = row['liking'] ?? '';
  if (likingText !== '') {
    const liking = whole(likingText, 1, 9);
    if (liking === null) return `liking “${likingText}” must be a whole number, 1 to 9.`;
    said.liking = liking;
  }
  const jar: Partial<Record<JarName, number>> = {};
  for (const name of jarNames) {
    const text = row[name] ?? '';
    if (text === '') continue;
    const mark = whole(text, 1, 5);
    if (mark === null) return `${name} “${text}” must be a whole number, 1 to 5.`;
    if (!asks.jar.includes(name)) return `${name} is not asked about here.`;
    jar[name] = mark;
  }
  if (Object.keys(jar).length > 0) said.jar = jar;
  if ((row['chosen'] ?? '') !== '') {
    if (kind !== 'prefer' && kind !== 'odd') return 'Nothing is chosen here.';
    said.chosen = true;
  }
  const placeText = row['place'] ?? '';
  if (placeText !== '') {
    const place = whole(placeText, 1, pots.length);
    if (place === null || kind !== 'rank')
      return `place “${placeText}” is no place in an order here.`;
    said.rank = place;
  }
  const words = (row['words'] ?? '')
    .split(';')
    .map((word) => word.trim())
    .filter((word) => word !== '');
  const strange = words.find((word) => !asks.words.includes(word));
  if (strange !== undefined) return `“${strange}” is none of the words.`;
  if (words.length > 0) said.words = words;
  const note = (row['note'] ?? '').slice(0, longestNote);
  if (note !== '') said.note = note;
  return said;
}
