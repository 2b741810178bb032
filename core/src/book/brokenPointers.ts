import type { Row } from '../dip/dip';
import { isMade, madeOfIds } from '../larder/madeId';
import { type Book, type BookTables, type ListedTable, listedTables } from './book';

/** A record another one needs. */
export interface Needed {
  table: ListedTable;
  id: string;
}

const rowsNeed = (rows: readonly Pick<Row, 'ingredientId'>[]): Needed[] =>
  rows.flatMap(({ ingredientId }): Needed[] => {
    if (!isMade(ingredientId)) return [{ table: 'larder', id: ingredientId }];
    return madeOfIds(ingredientId).flatMap((id): Needed[] => [
      { table: 'things', id },
      { table: 'dips', id },
    ]);
  });

const needs: { readonly [T in ListedTable]?: (record: BookTables[T]) => Needed[] } = {
  dips: ({ parentId, rows }) => [
    ...(parentId === null ? [] : [{ table: 'dips' as const, id: parentId }]),
    ...rowsNeed(rows),
  ],
  trials: ({ dipId, rows }) => [{ table: 'dips', id: dipId }, ...rowsNeed(rows)],
  runs: ({ dipId }) => [{ table: 'dips', id: dipId }],
  plans: ({ dips }) => dips.map(({ dipId: id }) => ({ table: 'dips', id })),
  larder: (one) => ('like' in one ? [{ table: 'larder', id: one.like }] : []),
  photos: ({ of: table, ofId: id }) => [{ table, id }],
};

/** What records of a book need of records that are not in it; most of it is of the larder that ships, and so missed by nobody. */
export function brokenPointers(book: Book): Needed[] {
  const broken = new Map<string, Needed>();
  for (const table of listedTables) {
    const need = needs[table] as ((record: unknown) => Needed[]) | undefined;
    if (!need) continue;
    for (const record of book[table].values()) {
      for (const one of need(record)) {
        if (!book[one.table].has(one.id)) broken.set(`${one.table}/${one.id}`, one);
      }
    }
  }
  return [...broken.values()];
}
