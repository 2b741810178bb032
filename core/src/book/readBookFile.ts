import { BadInput, checked, parseJson } from './fieldError';
import { larderWith } from '../larder/larder';
import { type Book, bookFrom, listedTables, type TableName } from './book';
import type { Dip } from '../dip/dip';
import { bookVersion, migrateRecord } from './migrations';
import { bookFileSchema, tables } from './tables';
import type { BookFile } from './toBookFile';

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
  file.dips.forEach((dip, index) => {
    const seen = new Set([dip.id]);
    for (let parent = dip.parentId; parent !== null; parent = dips.get(parent)?.parentId ?? null) {
      if (!dips.has(parent)) {
        throw new BadInput(`dips[${index}].parentId`, `There is no dip “${parent}” in the file.`);
      }
      if (seen.has(parent)) {
        throw new BadInput(`dips[${index}].parentId`, `“${dip.name}” descends from itself.`);
      }
      seen.add(parent);
    }
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
  const file = checked<BookFile>(bookFileSchema, migrated(parseJson(text)));
  const book = bookFrom((table) => {
    const records = table === 'settings' ? [file.settings] : file[table];
    return byId(records as { id: string }[], table);
  });
  checkReferences(file, book.dips);
  return book;
}
