import { csvRows } from './csvRows';

type Cell = string | number | boolean | null | string[];

const camel = (column: string) => column.replace(/_([a-z])/g, (_, c: string) => c.toUpperCase());

/** Column names that don't become a plain camelCase of themselves. */
const renamed: Record<string, string> = { density_g_per_ml: 'densityGPerMl' };

const textColumns = new Set(['id', 'name', 'role', 'structure', 'measure_note']);
const listColumns = new Set(['allergens']);
const yesNoColumns = new Set(['vegan', 'vegetarian']);
const sourceColumns = new Set(['source', 'confidence']);

function cell(column: string, text: string): Cell {
  if (textColumns.has(column)) return text;
  if (listColumns.has(column)) return text === '' ? [] : text.split(';');
  if (yesNoColumns.has(column)) return text === 'yes';
  if (column === 'piece_name') return text === '' ? null : text;
  if (text === '') return null;
  const value = Number(text);
  if (!Number.isFinite(value)) throw new Error(`column ${column}: “${text}” is not a number`);
  return value;
}

/**
 * Reads the larder CSV.
 *
 * @param csv text of core/data/ingredients.csv
 * @returns rows for the core, and where each row's figures come from, by id
 * @throws Error naming the column when a cell is not of its kind
 */
export function larderFromCsv(csv: string) {
  const sources: Record<string, { source: string; confidence: string }> = {};
  const ingredients = csvRows(csv).map((row) => {
    const entry: Record<string, Cell> = {};
    for (const [column, text] of Object.entries(row)) {
      if (!sourceColumns.has(column)) entry[renamed[column] ?? camel(column)] = cell(column, text);
    }
    sources[row['id'] ?? ''] = { source: row['source'] ?? '', confidence: row['confidence'] ?? '' };
    return entry;
  });
  return { ingredients, sources };
}
