import type { TableName } from './book';
import { BadInput, checked } from './fieldError';
import { tables } from './tables';

/**
 * What is wrong with a record of the present version, in words; null where nothing is.
 *
 * @param table where it belongs
 * @param record anything
 */
export function recordFault(table: TableName, record: unknown): string | null {
  try {
    checked<unknown>(tables[table].schema.required(), record);
    return null;
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    return error.field === '' ? error.message : `${error.field}: ${error.message}`;
  }
}
