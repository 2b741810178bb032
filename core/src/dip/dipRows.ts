import type { Dip, Row } from './dip';

/** A dip with one row changed; the same dip where there is no such row, or the row comes back as it was. */
export function withRow(dip: Dip, rowId: string, edit: (row: Row) => Row): Dip {
  let changed = false;
  const rows = dip.rows.map((row) => {
    const next = row.id === rowId ? edit(row) : row;
    changed ||= next !== row;
    return next;
  });
  return changed ? { ...dip, rows } : dip;
}

/** A dip without a row. */
export function withoutRow(dip: Dip, rowId: string): Dip {
  return { ...dip, rows: dip.rows.filter(({ id }) => id !== rowId) };
}
