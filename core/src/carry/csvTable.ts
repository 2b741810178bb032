import Papa from 'papaparse';
import { harmless } from '../taste/csvCell';

/** A cell of a table; nothing where there is none. */
export type Cell = string | number | null;

/** A table as CSV, its text made harmless to table programs; numbers are numbers with a point. */
export function csvTable(fields: readonly string[], rows: readonly (readonly Cell[])[]): string {
  const data = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' ? harmless(cell) : (cell ?? ''))),
  );
  return `${Papa.unparse({ fields: [...fields], data }, { newline: '\n' })}\n`;
}
