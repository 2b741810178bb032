import { readGrams } from '../amounts/toGrams';
import type { Kitchen } from '../kitchen/kitchen';
import type { Ingredient } from '../larder/ingredient';
import { isMade } from '../larder/madeId';
import { garlicOf, type Part } from '../mix/part';
import { type RawRow, readRawRow } from '../prepare/rawRow';
import { readyIngredient } from '../prepare/takenUp';
import type { Row } from './dip';

/** A row read to grams, or why it can't be. */
export interface ReadRow {
  row: Row;
  ingredient: Ingredient | null;
  massG: number;
  cv: number;
  toTaste: boolean;
  /** What was written of the raw thing; null where it says what goes in. */
  fromRaw: RawRow | null;
  error: string | null;
}

/** Rows don't change in place, so a row is read once: typing in one does not read the others again. */
const lastReads = new WeakMap<Row, { by: RowReader; read: ReadRow }>();

/** What a row is read with. */
export type RowReader = Pick<Kitchen, 'larder' | 'measures'>;

/** Reads a row's amount. A row that can't be read counts as nothing and says why. */
export function readRow(row: Row, { larder, measures }: RowReader): ReadRow {
  const last = lastReads.get(row);
  if (last?.by.larder === larder && last.by.measures === measures) return last.read;
  const by = { larder, measures };
  const read = readAfresh(row, by);
  lastReads.set(row, { by, read });
  return read;
}

function readAfresh(row: Row, { larder, measures }: RowReader): ReadRow {
  const shelf = larder.get(row.ingredientId);
  const ingredient = shelf ? readyIngredient(shelf, row.raw, larder) : null;
  const nothing = { row, ingredient, massG: 0, cv: 0, toTaste: false, fromRaw: null };
  if (!ingredient) {
    const error = isMade(row.ingredientId)
      ? 'It is made here no longer, or it would be made of itself.'
      : `“${row.ingredientId}” is not in the larder.`;
    return { ...nothing, error };
  }
  const read = readGrams(row.amount, ingredient, measures);
  if (!read.ok) {
    const fromRaw = readRawRow(row.amount, ingredient, row.raw, measures);
    if (!fromRaw) return { ...nothing, error: read.error.message };
    return { ...nothing, massG: fromRaw.massG, cv: fromRaw.cv, fromRaw, error: null };
  }
  return { ...nothing, ...read.value, error: null };
}

/** A read row as a part of the bowl; null when its ingredient is not known. */
export function partOf(read: ReadRow): Part | null {
  if (!read.ingredient) return null;
  return {
    ingredient: read.ingredient,
    massG: read.massG,
    cv: read.cv,
    place: read.row.place,
    ...(read.row.atC === undefined ? {} : { atC: read.row.atC }),
    ...garlicOf(read.row),
  };
}
