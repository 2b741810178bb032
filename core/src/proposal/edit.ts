import { addAmountTexts } from '../amounts/addAmounts';
import type { Dip, DipMaking, Row } from '../dip/dip';
import { withoutRow, withRow } from '../dip/dipRows';
import type { Place } from '../mix/part';

/** What of a dip as a whole may be edited, beside its rows. */
export type DipSettings = Partial<DipMaking>;

/** One change of a dip's rows, or of how it is made. */
export type Edit =
  /** Another amount of a row. */
  | { kind: 'amount'; rowId: string; amount: string }
  /** So much more of a row, whatever it has by then. */
  | { kind: 'more'; rowId: string; amount: string }
  /** A new row, before another one, or after all where `before` is null. */
  | { kind: 'add'; row: Row; before: string | null }
  /** A row that becomes another in its place. */
  | { kind: 'replace'; row: Row }
  | { kind: 'remove'; rowId: string }
  /** Rows in another order; those not named follow as they were. */
  | { kind: 'order'; rowIds: readonly string[] }
  | { kind: 'settings'; change: DipSettings };

/** An addition to a bowl: what goes in, how much of it, and where. */
export interface Addition {
  ingredient: string;
  /** g, > 0 */
  massG: number;
  /** In the measure in hand. */
  amount: string;
  place: Place;
}

function withMore(row: Row, amount: string): Row {
  const sum = addAmountTexts(row.amount, amount);
  return sum.ok ? { ...row, amount: sum.value } : row;
}

function inserted(rows: readonly Row[], row: Row, before: string | null): Row[] {
  // the same new row taken twice is as much again, never one row under two names
  if (rows.some(({ id }) => id === row.id)) {
    return rows.map((one) => (one.id === row.id ? withMore(one, row.amount) : one));
  }
  const at = rows.findIndex(({ id }) => id === before);
  return at < 0 ? [...rows, row] : [...rows.slice(0, at), row, ...rows.slice(at)];
}

function ordered(rows: readonly Row[], rowIds: readonly string[]): Row[] {
  const byId = new Map(rows.map((row) => [row.id, row]));
  const named = new Set(rowIds);
  return [
    ...rowIds.flatMap((id) => byId.get(id) ?? []),
    ...rows.filter(({ id }) => !named.has(id)),
  ];
}

function applied(dip: Dip, edit: Edit): Dip {
  switch (edit.kind) {
    case 'amount':
      return withRow(dip, edit.rowId, (row) => ({ ...row, amount: edit.amount }));
    case 'more':
      return withRow(dip, edit.rowId, (row) => withMore(row, edit.amount));
    case 'add':
      return { ...dip, rows: inserted(dip.rows, edit.row, edit.before) };
    case 'replace':
      return withRow(dip, edit.row.id, () => edit.row);
    case 'remove':
      return withoutRow(dip, edit.rowId);
    case 'order':
      return { ...dip, rows: ordered(dip.rows, edit.rowIds) };
    case 'settings':
      return { ...dip, ...edit.change };
  }
}

/**
 * A dip with edits applied in order. Edits of rows that are no longer there change nothing, so that a proposal can be
 * taken by a dip that has changed meanwhile.
 */
export function applyEdits(dip: Dip, edits: readonly Edit[]): Dip {
  return edits.reduce(applied, dip);
}

const settingKeys = ['method', 'machineId', 'tasting', 'keepDays', 'rules'] as const;

function settingsBetween(from: Dip, to: Dip): Edit[] {
  const changed = settingKeys.filter((key) => from[key] !== to[key]);
  if (changed.length === 0) return [];
  const change = Object.fromEntries(changed.map((key) => [key, to[key]])) as DipSettings;
  return [{ kind: 'settings', change }];
}

/**
 * The edits that turn one state of a dip into another: `applyEdits(from, editsBetween(from, to))` has the rows and
 * settings of `to`.
 */
export function editsBetween(from: Dip, to: Dip): Edit[] {
  const before = new Map(from.rows.map((row) => [row.id, row]));
  const after = new Set(to.rows.map(({ id }) => id));
  const edits: Edit[] = from.rows.flatMap(({ id }): Edit[] =>
    after.has(id) ? [] : [{ kind: 'remove', rowId: id }],
  );
  to.rows.forEach((row) => {
    const old = before.get(row.id);
    if (!old) edits.push({ kind: 'add', row, before: null });
    else if (old !== row) edits.push({ kind: 'replace', row });
  });
  const order = to.rows.map(({ id }) => id);
  const now = applyEdits(from, edits).rows.map(({ id }) => id);
  if (order.some((id, i) => now[i] !== id)) edits.push({ kind: 'order', rowIds: order });
  return [...edits, ...settingsBetween(from, to)];
}
