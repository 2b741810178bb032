import Papa from 'papaparse';
import type { Book } from '../book/book';
import type { Change } from '../book/change';
import { asWritten } from '../taste/csvCell';
import type { TableKind } from './bookTable';
import { type Columns, tableFields } from './tableColumns';
import { priceLine, stockLine } from './tableIn/houseLines';
import { larderLine } from './tableIn/larderLine';
import { readingLine } from './tableIn/readingLine';
import { type Line, type Outcome, Taking } from './tableIn/taking';
import { tastingLine } from './tableIn/tastingLine';
import { trialLine } from './tableIn/trialLines';

/** A table as it stands in a file. */
export interface TableFile {
  headers: string[];
  /** With the line of the file each begins on, the headings being on line 1. */
  lines: { line: number; cells: string[] }[];
}

/** A line of a table that can't be taken, and why. */
export interface TableFault {
  /** In the file, from 1. */
  line: number;
  says: string;
}

/** What comes of a table. */
export interface ReadTable {
  changes: Change[];
  /** Lines something is taken of. */
  taken: number;
  /** Lines that say nothing new. */
  same: number;
  faults: TableFault[];
}

/** More lines than this are no kitchen's table. */
const mostLines = 20_000;

/**
 * A table out of a file: CSV with commas, semicolons or tabs.
 *
 * @throws RangeError with a sentence where there is no table in it
 */
export function readTableFile(text: string): TableFile {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimitersToGuess: [',', ';', '\t'],
  });
  const [head = [], ...rest] = data;
  const headers = head.map((cell) => asWritten(cell.trim()));
  if (headers.every((one) => one === '') || text.includes('\u0000')) {
    throw new RangeError('There is no table in the file: its first line must head the columns.');
  }
  if (rest.length > mostLines) {
    throw new RangeError(`The table has more than ${mostLines} lines.`);
  }
  // a cell may go over several lines
  const height = (cells: readonly string[]) =>
    1 + cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);
  let next = 1 + height(head);
  const lines = rest.flatMap((cells) => {
    const line = next;
    next += height(cells);
    const plain = cells.map((cell) => asWritten(cell.trim()));
    return plain.some((cell) => cell !== '') ? [{ line, cells: plain }] : [];
  });
  return { headers, lines };
}

const takers: Readonly<Record<TableKind, (line: Line, taking: Taking) => Outcome>> = {
  ...{ trials: trialLine, readings: readingLine, tastings: tastingLine, larder: larderLine },
  ...{ prices: priceLine, stock: stockLine },
};

/**
 * What a table would put into a book, line by line; a line that can't be taken is named with its reason and takes no other with it.
 *
 * @param columns which column is which
 * @param by gives ids of new records, and the local date
 */
export function readTable(
  book: Book,
  kind: TableKind,
  { headers, lines }: TableFile,
  columns: Columns,
  by: { newId: () => string; today: string },
): ReadTable {
  const taking = new Taking(book, by.newId, by.today);
  const lacking = tableFields[kind].find(
    (one) => one.needed && (columns[one.name] ?? null) === null,
  );
  if (lacking) {
    return {
      changes: [],
      taken: 0,
      same: 0,
      faults: [{ line: 1, says: `No column is “${lacking.name}”.` }],
    };
  }
  const said = lines.map(({ line, cells }) => ({
    line,
    said: Object.fromEntries(
      tableFields[kind].map(({ name }) => {
        const at = columns[name] ?? null;
        return [name, at === null || at >= headers.length ? '' : (cells[at] ?? '')];
      }),
    ) as Line,
  }));
  const told: ReadTable = { changes: [], taken: 0, same: 0, faults: [] };
  for (const { line, said: fields } of said) {
    const outcome = takers[kind](fields, taking);
    if (outcome === 'taken') told.taken += 1;
    else if (outcome === 'same') told.same += 1;
    else told.faults.push({ line, says: outcome.says });
  }
  return { ...told, changes: taking.changes };
}
