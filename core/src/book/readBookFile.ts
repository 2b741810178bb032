import { BadInput, checked } from './fieldError';
import { larderWith } from '../larder/larder';
import { type Book, bookFrom, listedTables, type TableName } from './book';
import type { Dip } from '../dip/dip';
import { bookVersion } from './bookVersion';
import { migrateRecord } from './migrations';
import { parseJson } from './parseJson';
import { recordName } from './recordName';
import { bookFileSchema, tables } from './tables';
import type { Lineage, StampedBook } from './stamp';
import type { BookFile } from './toBookFile';
import { unstampedLineage } from './unstampedLineage';

function byId<T extends { id: string }>(records: readonly T[], table: string): Map<string, T> {
  const map = new Map<string, T>();
  records.forEach((record, index) => {
    if (map.has(record.id)) {
      throw new BadInput(`${table}[${index}].id`, `“${record.id}” is there twice.`);
    }
    map.set(record.id, record);
  });
  return map;
}

/** What schemas can't see: records that point at others, and dips that descend from themselves. */
function checkReferences(file: BookFile, dips: ReadonlyMap<string, Dip>) {
  const parentOf = (dip: Dip): Dip | undefined => {
    if (dip.parentId === null) return undefined;
    const parent = dips.get(dip.parentId);
    if (!parent) {
      throw new BadInput(
        `dips[${file.dips.indexOf(dip)}].parentId`,
        `There is no dip “${dip.parentId}” in the file.`,
      );
    }
    return parent;
  };
  const rooted = new Set<string>();
  file.dips.forEach((dip, index) => {
    const climbed = new Set<string>();
    // up to a dip that is known to end at the top, so that all of them together take one climb each
    for (let one: Dip | undefined = dip; one && !rooted.has(one.id); one = parentOf(one)) {
      if (climbed.has(one.id)) {
        throw new BadInput(`dips[${index}].parentId`, `“${dip.name}” descends from itself.`);
      }
      climbed.add(one.id);
    }
    for (const id of climbed) rooted.add(id);
  });
  for (const table of ['trials', 'runs'] as const) {
    file[table].forEach(({ dipId }, index) => {
      if (!dips.has(dipId)) {
        throw new BadInput(`${table}[${index}].dipId`, `There is no dip “${dipId}” in the file.`);
      }
    });
  }
  file.plans.forEach((plan, index) => {
    plan.dips.forEach(({ dipId }, at) => {
      if (!dips.has(dipId)) {
        throw new BadInput(
          `plans[${index}].dips[${at}].dipId`,
          `There is no dip “${dipId}” in the file.`,
        );
      }
    });
  });
  try {
    larderWith(file.larder);
  } catch (error) {
    throw new BadInput('larder', error instanceof Error ? error.message : String(error));
  }
}

function migratedRecord(table: TableName, record: unknown, field: string, version: number) {
  if (typeof record !== 'object' || record === null) {
    throw new BadInput(field, 'It must be an object.');
  }
  return migrateRecord(table, record as Record<string, unknown>, version);
}

function migrated(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw new BadInput('', 'This is not a book file.');
  }
  const file = value as Record<string, unknown>;
  if (file['format'] !== 'cobbet-book') {
    throw new BadInput('format', 'This is not a book file: it does not say “cobbet-book”.');
  }
  const version = file['version'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    throw new BadInput('version', 'The file does not say which version it is.');
  }
  if (version > bookVersion) {
    throw new BadInput(
      'version',
      `The file is version ${version}, this Cobbet reads up to ${bookVersion}.`,
    );
  }
  const lists = listedTables.map((table) => {
    if (version < tables[table].since) return [table, []];
    const records = file[table];
    if (!Array.isArray(records)) return [table, records];
    return [table, records.map((one, i) => migratedRecord(table, one, `${table}[${i}]`, version))];
  });
  return {
    ...file,
    ...Object.fromEntries(lists),
    settings: migratedRecord('settings', file['settings'], 'settings', version),
    version: bookVersion,
  };
}

/**
 * Reads a book file of this or an older version.
 *
 * @param text the file's text
 * @throws BadInput naming the place, `dips[3].rows[2].amount`; nothing is read by halves
 */
export function readBookFile(text: string): Book {
  return readStampedBook(text).book;
}

/**
 * Reads a book file with where it comes from; a file that does not say it gets a lineage of its own.
 *
 * @param text the file's text
 * @throws BadInput as readBookFile does
 */
export function readStampedBook(text: string): StampedBook {
  const value = migrated(parseJson(text));
  try {
    const file = checked<BookFile>(bookFileSchema, value);
    const book = bookOfFile(file);
    return { book, lineage: lineageOf(file, book) };
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    const name = recordName(value, error.path.length > 0 ? error.path : pathOf(error.field));
    const message = name === '' ? error.message : `In ${name}: ${error.message}`;
    throw new BadInput(error.field, message, error.path);
  }
}

/** `dips[3].rows[2].amount` step by step. */
function pathOf(field: string): (string | number)[] {
  return (field.match(/[^.[\]]+/g) ?? []).map((step) => (/^\d+$/.test(step) ? Number(step) : step));
}

function lineageOf({ lineage }: BookFile, book: Book): Lineage {
  if (!lineage) return unstampedLineage(book);
  return { identity: lineage.identity, stamps: byId(lineage.stamps, 'lineage.stamps') };
}

function bookOfFile(file: BookFile): Book {
  const book = bookFrom((table) => {
    const records = table === 'settings' ? [file.settings] : file[table];
    return byId(records as { id: string }[], table);
  });
  checkReferences(file, book.dips);
  return book;
}
