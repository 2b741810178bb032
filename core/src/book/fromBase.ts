import type { Dip, Row } from '../dip/dip';
import { type Band, type TargetName, targetNames } from '../mix/targets';
import type { Larder } from '../larder/larder';
import type { DipSettings, Edit } from '../proposal/edit';
import { apart } from '../swap/relatives';
import { pairedRows, type Stands } from './pairedRows';

/** One thing a variant does otherwise than the dip it was made from. */
export type BaseDifference =
  /** Another thing in a row's place. */
  | { kind: 'swapped'; base: Row; own: Row }
  /** Another amount of the same. */
  | { kind: 'amount'; base: Row; own: Row }
  | { kind: 'added'; own: Row }
  /** Left out; it would stand before the variant's own row of that id, or last. */
  | { kind: 'left out'; base: Row; before: string | null }
  /** Made otherwise: grind, machine, when it is tasted, how long it is kept, what holds between its rows. */
  | { kind: 'making'; what: keyof Omit<DipSettings, 'targets'> }
  | { kind: 'target'; name: TargetName; base: Band | undefined; own: Band | undefined };

/** What else may stand for a base's row: what has its work, and what tastes like it. */
function standIns(larder: Larder): Stands[] {
  const roleOf = ({ ingredientId }: Row) => larder.get(ingredientId)?.role;
  return [
    (row, own) => roleOf(row) !== undefined && roleOf(row) === roleOf(own),
    (row, own) => {
      const [one, other] = [larder.get(row.ingredientId), larder.get(own.ingredientId)];
      return one !== undefined && other !== undefined && apart(one, other) !== null;
    },
  ];
}

const settings = ['method', 'machineId', 'tasting', 'keepDays', 'rules'] as const;
const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/**
 * What a variant does otherwise than the dip it was made from: rows in the base's order, then what is new, how it is made, targets.
 *
 * @param larder tells what does the same work, where a row stands for another
 */
export function differencesFromBase(dip: Dip, base: Dip, larder: Larder): BaseDifference[] {
  const pairs = pairedRows(base.rows, dip.rows, standIns(larder));
  const taken = new Set(pairs.values());
  const rows = base.rows.flatMap((row, i): BaseDifference[] => {
    const own = pairs.get(row);
    if (!own) {
      const next = base.rows.slice(i + 1).map((later) => pairs.get(later));
      return [{ kind: 'left out', base: row, before: next.find(Boolean)?.id ?? null }];
    }
    if (own.ingredientId !== row.ingredientId) return [{ kind: 'swapped', base: row, own }];
    return own.amount === row.amount ? [] : [{ kind: 'amount', base: row, own }];
  });
  const added = dip.rows.filter((row) => !taken.has(row));
  return [
    ...rows,
    ...added.map((own): BaseDifference => ({ kind: 'added', own })),
    ...settings
      .filter((what) => !same(dip[what], base[what]))
      .map((what): BaseDifference => ({ kind: 'making', what })),
    ...targetNames
      .filter((name) => !same(dip.targets[name], base.targets[name]))
      .map((name): BaseDifference => ({
        ...{ kind: 'target', name, base: base.targets[name], own: dip.targets[name] },
      })),
  ];
}

const telling = ['swapped', 'added', 'left out', 'amount', 'making', 'target'] as const;

/** Differences with what tells most first: what is in it before how much of it. */
export function tellingFirst(differences: readonly BaseDifference[]): BaseDifference[] {
  const rank = ({ kind }: BaseDifference) => telling.indexOf(kind);
  return [...differences].sort((a, b) => rank(a) - rank(b));
}

/**
 * One difference taken back: the variant does there what its base does.
 *
 * @param newId of a row that comes back
 */
export function backToBase(
  dip: Dip,
  base: Dip,
  difference: BaseDifference,
  newId: () => string,
): Edit[] {
  switch (difference.kind) {
    case 'swapped':
      return [{ kind: 'replace', row: { ...difference.base, id: difference.own.id } }];
    case 'amount':
      return [{ kind: 'amount', rowId: difference.own.id, amount: difference.base.amount }];
    case 'added':
      return [{ kind: 'remove', rowId: difference.own.id }];
    case 'left out': {
      const there = dip.rows.some(({ id }) => id === difference.base.id);
      const id = there ? newId() : difference.base.id;
      return [{ kind: 'add', row: { ...difference.base, id }, before: difference.before }];
    }
    case 'making':
      return [{ kind: 'settings', change: { [difference.what]: base[difference.what] } }];
    case 'target': {
      const { [difference.name]: _own, ...others } = dip.targets;
      const band = base.targets[difference.name];
      const targets = band ? { ...others, [difference.name]: band } : others;
      return [{ kind: 'settings', change: { targets } }];
    }
  }
}
