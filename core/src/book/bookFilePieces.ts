import { type Book, listedTables } from './book';
import type { Lineage } from './stamp';
import { toBookFile } from './toBookFile';

/**
 * A book's file in pieces, a record each, so that a large book needs no text as large: joined they are its JSON.
 *
 * @param exportedAt ISO 8601
 */
export function* bookFilePieces(
  book: Book,
  exportedAt: string,
  lineage?: Lineage,
): Generator<string> {
  const {
    format,
    version,
    settings,
    lineage: origin,
    ...rest
  } = toBookFile(book, exportedAt, lineage);
  const head = { format, version, exportedAt, settings };
  yield JSON.stringify(head).slice(0, -1);
  for (const table of listedTables) yield* list(table, rest[table]);
  if (origin) {
    yield `,\n"lineage":{"identity":${JSON.stringify(origin.identity)}`;
    yield* list('stamps', origin.stamps);
    yield '}';
  }
  yield '}\n';
}

function* list(name: string, records: readonly unknown[]): Generator<string> {
  yield `,\n${JSON.stringify(name)}:[`;
  for (const [i, record] of records.entries()) {
    yield `${i === 0 ? '\n' : ',\n'}${JSON.stringify(record)}`;
  }
  yield ']';
}
