import { csvRows } from './csvRows';

type Cell = string | number | boolean | null | string[] | Record<string, string | number>;

const camel = (column: string) => column.replace(/_([a-z])/g, (_, c: string) => c.toUpperCase());

function number(column: string) {
  return (text: string): number => {
    const value = Number(text);
    if (!Number.isFinite(value)) throw new Error(`column ${column}: “${text}” is not a number`);
    return value;
  };
}

/** `30|37|45`: low, typical, high. */
function range(column: string) {
  return (text: string) => {
    const [low = NaN, typical = NaN, high = NaN] = text.split('|').map(number(column));
    if (!(low <= typical && typical <= high)) {
      throw new Error(`column ${column}: “${text}” is no low|typical|high`);
    }
    return { low, typical, high };
  };
}

/** `cm:5|knob:15`: g of one by the words it is counted in. */
function pieces(column: string) {
  return (text: string) =>
    Object.fromEntries(
      text.split('|').map((entry) => {
        const [word = '', grams = ''] = entry.split(':');
        return [word, number(column)(grams)];
      }),
    );
}

/** `jar:300`: what it is sold in, and what that holds, g. */
function soldAs(text: string) {
  const [pack = '', grams = ''] = text.split(':');
  return { pack, g: number('sold_as')(grams) };
}

function yes(text: string): boolean {
  return text === 'yes';
}

/** Column names that don't become a plain camelCase of themselves. */
const renamed: Record<string, string> = { density_g_per_ml: 'densityGPerMl' };

const textColumns = new Set(['id', 'name', 'role', 'structure', 'source_kind', 'confidence']);
const listColumns = new Set(['allergens']);
const yesNoColumns = new Set(['vegan', 'vegetarian']);
/** Traits: a cell left empty is the plain one, and left out. */
const traitColumns: Record<string, (text: string) => Cell> = {
  hazards: (text) => text.split(';'),
  setting_fat: (text) => text,
  sesame_share: number('sesame_share'),
  browns: number('browns'),
  fresh_raw: yes,
  keeps_days: number('keeps_days'),
  stored: (text) => text,
  bunch_g: range('bunch_g'),
  can_share: range('can_share'),
  canned_as: (text) => text,
  cooked_as: (text) => text,
  bought_ready: yes,
  fruity: yes,
  strewn_salt: yes,
  grains: yes,
  measured_packed: yes,
  more_pieces: pieces('more_pieces'),
  package_g: number('package_g'),
  salt_cv: number('salt_cv'),
  smoky: yes,
  saturates_g: number('saturates_g'),
  sold_as: soldAs,
};
const pigmentColumns = new Set(['colour', 'colour_strength']);
const sourceColumns = new Set(['measure_note', 'source']);

function cell(column: string, text: string): Cell {
  if (textColumns.has(column)) return text;
  if (listColumns.has(column)) return text === '' ? [] : text.split(';');
  if (yesNoColumns.has(column)) return text === 'check' ? text : text === 'yes';
  if (column === 'piece_name') return text === '' ? null : text;
  if (text === '') return null;
  return number(column)(text);
}

type Sources = Record<string, { measureNote: string; source: string }>;

/**
 * Reads the larder CSV.
 *
 * @param csv text of core/data/ingredients.csv
 * @returns the table by columns, each a list of one cell a row, null where a trait is plain (a browser loads a quarter
 *   less than of rows); and where each row's figures come from, by id
 * @throws Error naming the column when a cell is not of its kind
 */
export function larderFromCsv(csv: string) {
  const sources: Sources = {};
  const columns: Record<string, Cell[]> = {};
  const rows = csvRows(csv);
  const put = (column: string, i: number, value: Cell) => {
    columns[column] ??= rows.map(() => null);
    columns[column][i] = value;
  };
  rows.forEach((row, i) => {
    for (const [column, text] of Object.entries(row)) {
      const trait = traitColumns[column];
      if (sourceColumns.has(column) || pigmentColumns.has(column)) continue;
      if (!trait) put(renamed[column] ?? camel(column), i, cell(column, text));
      else if (text !== '') put(camel(column), i, trait(text));
    }
    const hex = row['colour'] ?? '';
    if (hex !== '') {
      const strength = number('colour_strength')(row['colour_strength'] ?? '');
      put('pigment', i, { hex, strength });
    }
    sources[row['id'] ?? ''] = {
      measureNote: row['measure_note'] ?? '',
      source: row['source'] ?? '',
    };
  });
  return { columns, sources, count: rows.length };
}
