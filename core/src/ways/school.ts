import type { Dip, Row } from '../dip/dip';
import type { RawWay } from '../prepare/rawWay';
import type { Kitchen } from '../kitchen/kitchen';
import type { ReadRow } from '../dip/readRow';
import { wayOfRow } from '../prepare/usualWay';
import { printGrams } from '../amounts/printAmount';

/** One way of doing it. */
export interface SchoolOption {
  id: string;
  name: string;
  /** The dip done so. */
  dip: Dip;
}

/** A question on which cooks disagree, as it arises in one dip. */
export interface School {
  id: string;
  question: string;
  /** One line of why it matters and what is usual here. */
  why: string;
  options: SchoolOption[];
  /** The option the dip follows now; null where it follows none of them. */
  chosen: string | null;
}

/** What a question is asked of: the dip with its rows read, in its kitchen. */
export interface Asked {
  dip: Dip;
  rows: readonly ReadRow[];
  kitchen: Kitchen;
}

/** A dip with its rows that a test picks changed. */
export function withRows(
  { dip, rows }: Asked,
  picks: (read: ReadRow) => boolean,
  edit: (row: Row, read: ReadRow) => Row,
): Dip {
  const byId = new Map(rows.map((read) => [read.row.id, read]));
  return {
    ...dip,
    rows: dip.rows.map((row) => {
      const read = byId.get(row.id);
      return read && picks(read) ? edit(row, read) : row;
    }),
  };
}

/** How a row is made ready now. */
export const wayOf = ({ row, ingredient }: ReadRow) => ingredient && wayOfRow(ingredient, row.raw);

/** A row made ready another way. */
export function withRaw(row: Row, raw: RawWay | null): Row {
  return { ...row, raw };
}

/** A row of another ingredient, in as many grams as it was or as many as do the same. */
export function withIngredient(row: Row, ingredientId: string, massG: number): Row {
  return { ...row, ingredientId, amount: printGrams(massG) };
}

/** A question whose options differ in how a dip is; the one that the dip already is counts as chosen. */
export function school(
  id: string,
  question: string,
  why: string,
  options: readonly (SchoolOption & { now: boolean })[],
): School {
  return {
    id,
    question,
    why,
    options: options.map(({ id: option, name, dip }) => ({ id: option, name, dip })),
    chosen: options.find(({ now }) => now)?.id ?? null,
  };
}
