import { compositionKeys } from '../larder/ingredient';
import { tastes } from '../readings/tastes';
import { jarNames } from '../taste/tasting';
import type { TableKind } from './bookTable';

/** A column a table can have. */
export interface TableField {
  /** As the book's own tables head it. */
  name: string;
  /** Nothing can be taken of a line without it. */
  needed: boolean;
  /** What others may head it. */
  alsoCalled: readonly string[];
}

const field = (name: string, ...alsoCalled: string[]): TableField => ({
  ...{ name, needed: false, alsoCalled },
});
const needed = (name: string, ...alsoCalled: string[]): TableField => ({
  ...field(name, ...alsoCalled),
  needed: true,
});
const plain = (names: readonly string[]) => names.map((name) => field(name));

const thing = [
  needed('ingredient', 'id', 'item', 'what', 'food', 'product'),
  field('name', 'called'),
];
const ofTrial = [needed('dip', 'recipe'), field('trial', 'number', 'no')];

/** The columns of each table, as they are read. */
export const tableFields: Readonly<Record<TableKind, readonly TableField[]>> = {
  trials: [
    ...ofTrial,
    field('made on', 'date', 'made', 'on', 'day'),
    field('what went in', 'ingredients', 'went in'),
    field('g each'),
    field('g out', 'yield', 'weight out'),
    ...plain(tastes),
    ...[field('notes', 'note', 'remarks'), field('change next', 'next')],
    field('made by', 'by', 'cook', 'maker'),
  ],
  readings: [
    ...ofTrial,
    needed('taken at', 'time', 'at', 'date'),
    ...[field('when', 'moment'), needed('how', 'test', 'way'), field('word', 'consistency')],
    ...[field('diameter mm', 'spread', 'diameter'), field('height mm', 'height')],
    ...plain(['ring mm', 'ring height mm', 'g per ml', 'load g', 'volume ml', 'coarse']),
    ...[field('°C', 'temperature', 'deg c', 'temp'), field('left out')],
  ],
  tastings: [
    ...[needed('tasting'), needed('taster', 'who', 'name'), needed('pot', 'code')],
    ...plain(['liking', ...jarNames, 'chosen', 'place', 'words', 'note']),
  ],
  larder: [
    ...[field('id'), needed('name', 'ingredient', 'food'), field('like', 'similar to')],
    ...plain(compositionKeys),
    ...[field('g per ml', 'density'), field('g a piece', 'piece g'), field('allergens')],
  ],
  prices: [
    ...thing,
    ...[needed('price', 'cost', 'paid'), needed('for', 'pack', 'amount', 'size')],
    ...[field('g', 'grams', 'weight'), field('shop', 'where', 'from'), field('on', 'date', 'day')],
  ],
  stock: [
    ...thing,
    needed('amount', 'quantity', 'how much'),
    field('use by', 'best before', 'expires', 'date', 'by'),
  ],
};

/** Which column of a file is which, by the fields' names; null where none is. */
export type Columns = Readonly<Record<string, number | null>>;

const plainName = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}°]+/gu, ' ')
    .trim();

/** Columns found by what they are headed, each taken once: by its own name first, then by what others call it. */
export function matchColumns(headers: readonly string[], kind: TableKind): Columns {
  const heads = headers.map(plainName);
  const taken = new Set<number>();
  const found: Record<string, number | null> = {};
  const take = (name: string, words: readonly string[]) => {
    if (typeof found[name] === 'number') return;
    const at = heads.findIndex((head, i) => !taken.has(i) && words.map(plainName).includes(head));
    found[name] = at < 0 ? null : at;
    if (at >= 0) taken.add(at);
  };
  for (const { name } of tableFields[kind]) take(name, [name]);
  for (const { name, alsoCalled } of tableFields[kind]) take(name, alsoCalled);
  return found;
}

/** The kind of table a file most likely is, by its headings: that whose columns are found most, all needed ones among them. */
export function likelyKind(headers: readonly string[]): TableKind | null {
  const kinds = Object.keys(tableFields) as TableKind[];
  const fitting = kinds.flatMap((kind) => {
    const columns = matchColumns(headers, kind);
    const lacks = tableFields[kind].some((one) => one.needed && columns[one.name] === null);
    const found = tableFields[kind].filter(({ name }) => columns[name] !== null).length;
    return lacks ? [] : [{ kind, share: found / Math.max(headers.length, 1) }];
  });
  return fitting.sort((a, b) => b.share - a.share)[0]?.kind ?? null;
}
