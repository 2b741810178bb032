import { type Dip, mostRows, plainRow, type Row } from '../dip/dip';
import { withRow } from '../dip/dipRows';
import type { ReadPart } from '../lines/lineReading';
import type { Rule } from '../mix/rule';
import type { Band, TargetName } from '../mix/targets';

/** A dip with another amount in a row, as typed. */
export function withAmount(dip: Dip, rowId: string, amount: string): Dip {
  return withRow(dip, rowId, (row) => (row.amount === amount ? row : { ...row, amount }));
}

/** What was read of a line as an addition. An amount left empty is to taste. */
export function rowOfPart(
  {
    ingredient,
    amount,
    place,
    note,
    atC,
  }: Pick<ReadPart, 'ingredient' | 'amount' | 'place' | 'note' | 'atC'>,
  id: string,
): Row {
  const row = plainRow(id, ingredient, amount === '' ? 'to taste' : amount);
  return { ...row, place, prep: note ?? '', ...(atC === undefined ? {} : { atC }) };
}

/** A dip with more additions, last. */
export function withAdditions(dip: Dip, rows: readonly Row[]): Dip {
  return { ...dip, rows: [...dip.rows, ...rows].slice(0, mostRows) };
}

/** A row written anew: what was said of the old one stays where it is the same thing, else only its hold and working in. */
function rewritten(row: Row, part: ReadPart): Row {
  const { hold, worked, prep } = row;
  if (row.ingredientId === part.ingredient) {
    const { sure: _sure, ...kept } = row;
    const { amount, place } = rowOfPart(part, row.id);
    const warmth = part.atC === undefined ? {} : { atC: part.atC };
    return { ...kept, amount, place, prep: part.note ?? prep, ...warmth };
  }
  return { ...rowOfPart(part, row.id), hold, ...(worked ? { worked } : {}) };
}

/**
 * A dip with a row written anew in its place; what else the line named follows it. The same dip where there is no such row
 * or nothing was read.
 *
 * @param ids one for each part after the first
 */
export function withRowRead(
  dip: Dip,
  rowId: string,
  parts: readonly ReadPart[],
  ids: readonly string[],
): Dip {
  const [first, ...others] = parts;
  const at = dip.rows.findIndex(({ id }) => id === rowId);
  const row = dip.rows[at];
  if (!row || !first) return dip;
  const more = others.map((part, i) => rowOfPart(part, ids[i] ?? `${rowId}-${i}`));
  const rows = [
    ...dip.rows.slice(0, at),
    rewritten(row, first),
    ...more,
    ...dip.rows.slice(at + 1),
  ];
  return { ...dip, rows: rows.slice(0, mostRows) };
}

/** A dip with a row moved to another place; the same dip where that place is none. */
export function withRowMoved(dip: Dip, from: number, to: number): Dip {
  const row = dip.rows[from];
  if (!row || to < 0 || to >= dip.rows.length || from === to) return dip;
  const others = dip.rows.filter((_, i) => i !== from);
  return { ...dip, rows: [...others.slice(0, to), row, ...others.slice(to)] };
}

/** A dip with a target set, or with null taken away. */
export function withTarget(dip: Dip, name: TargetName, band: Band | null): Dip {
  const { [name]: _old, ...rest } = dip.targets;
  return { ...dip, targets: band ? { ...rest, [name]: band } : rest };
}

/** A dip with other rules between its rows. */
export function withRules({ rules: _rules, ...dip }: Dip, rules: readonly Rule[]): Dip {
  return rules.length > 0 ? { ...dip, rules } : dip;
}
