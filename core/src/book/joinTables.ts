import type { ListedTable, TableName } from './book';
import { sameValue } from './mergeRecords';
import { type Lineage, seenBoth, seenOf, type Seen, stampKey, standing } from './stamp';

/** A field that two books have otherwise of one record; `gone` is whether it was thrown away. */
export interface JoinConflict {
  table: TableName;
  id: string;
  field: string;
  first: unknown;
  second: unknown;
}

/** What becomes of a record both books have otherwise: one of them, or both, the second under an id of its own. */
export type JoinChoice = 'first' | 'second' | 'both';

/** Chooses for a record; null leaves it to the usual: the first's, and what is still there over what was thrown away. */
export type Choose = (table: TableName, id: string) => JoinChoice | null;

export type Fields = Record<string, unknown>;
type Records = ReadonlyMap<string, Fields>;

/** One record of two books as it comes out. */
export interface JoinedRecord {
  table: ListedTable;
  id: string;
  /** Null where it is gone, or comes out thrown away. */
  record: Fields | null;
  seen: Seen;
  /** What it comes of. */
  how:
    | 'only first'
    | 'added'
    | 'same'
    | 'taken'
    | 'kept'
    | 'gone here'
    | 'gone there'
    | 'chosen'
    | 'chosen second';
  conflicts: JoinConflict[];
  /** The second's, under an id of its own, where both are kept. */
  copy: Fields | null;
}

/** What tells nothing of whether a trial is the same: two kitchens count by themselves. */
const counted = 'number';

/** Fields of a record that differ. */
export function differing(table: TableName, first: Fields, second: Fields): string[] {
  const names = new Set([...Object.keys(first), ...Object.keys(second)]);
  return [...names]
    .filter((name) => !(table === 'trials' && name === counted))
    .filter((name) => !sameValue(first[name], second[name]))
    .sort();
}

/** A name for the second of two that are both kept. */
const ofTheOther = (record: Fields): Fields => {
  const name = record['name'];
  return typeof name === 'string'
    ? { ...record, name: `${name}, of the other book`.slice(0, 200) }
    : record;
};

/** A book's table with where the book comes from. */
interface Side {
  records: Records;
  lineage: Lineage;
}

/** Both have it: alike, changed by one since the other knew it, or changed by both. */
function bothHave(
  table: ListedTable,
  id: string,
  mine: Fields,
  other: Fields,
  how: ReturnType<typeof standing>,
  choose: Choose,
  taken: (id: string) => boolean,
): Omit<JoinedRecord, 'seen' | 'table' | 'id'> {
  const fields = differing(table, mine, other);
  const plain = { conflicts: [], copy: null };
  if (fields.length === 0) {
    // a number that was given behind the last stays given
    const number = Math.max(Number(mine[counted]), Number(other[counted]));
    return { ...plain, record: table === 'trials' ? { ...mine, number } : mine, how: 'same' };
  }
  if (how === 'later') return { ...plain, record: mine, how: 'kept' };
  if (how === 'earlier') return { ...plain, record: other, how: 'taken' };
  const conflicts = fields.map((field) => ({
    ...{ table, id, field, first: mine[field], second: other[field] },
  }));
  const choice = choose(table, id);
  if (choice === 'second') return { record: other, how: 'chosen second', conflicts, copy: null };
  const copyId = `${id}-other`;
  const both = choice === 'both' && typeof other['name'] === 'string' && !taken(copyId);
  const copy = both ? { ...ofTheOther(other), id: copyId } : null;
  return { record: mine, how: 'chosen', conflicts, copy };
}

/** One has it and the other threw it away: whichever knew of the other's, else what is chosen, else it stays. */
function thrownAway(
  table: ListedTable,
  id: string,
  live: { record: Fields; of: 'first' | 'second' },
  how: ReturnType<typeof standing>,
  choose: Choose,
): Omit<JoinedRecord, 'seen' | 'table' | 'id'> {
  const plain = { conflicts: [], copy: null };
  const isFirst = live.of === 'first';
  // how the live one stands to its throwing away
  if (how === 'earlier') {
    return { ...plain, record: null, how: isFirst ? 'gone there' : 'gone here' };
  }
  if (how === 'later') {
    return { ...plain, record: live.record, how: isFirst ? 'kept' : 'taken' };
  }
  const choice = choose(table, id) ?? live.of;
  const conflicts = [{ table, id, field: 'gone', first: !isFirst, second: isFirst }];
  const stays = choice === live.of || choice === 'both';
  return {
    ...{ record: stays ? live.record : null, conflicts, copy: null },
    how: choice === 'second' || (choice === 'both' && !isFirst) ? 'chosen second' : 'chosen',
  };
}

/** The records of one table of two books, each as it comes out. */
export function joinTables(
  table: ListedTable,
  first: Side,
  second: Side,
  choose: Choose,
): JoinedRecord[] {
  const prefix = stampKey(table, '');
  const stamped = [first, second].flatMap(({ lineage }) =>
    [...lineage.stamps.keys()]
      .filter((key) => key.startsWith(prefix))
      .map((key) => key.slice(prefix.length)),
  );
  const ids = new Set([...first.records.keys(), ...second.records.keys(), ...stamped]);
  const taken = (id: string) => ids.has(id);
  const isGone = ({ lineage }: Side, id: string) =>
    lineage.stamps.get(stampKey(table, id))?.gone === true;
  return [...ids].map((id): JoinedRecord => {
    const [mine, other] = [first.records.get(id), second.records.get(id)];
    const key = stampKey(table, id);
    const [mySeen, otherSeen] = [seenOf(first.lineage, key), seenOf(second.lineage, key)];
    const known = { table, id };
    const both = { ...known, seen: seenBoth(mySeen, otherSeen) };
    const how = standing(mySeen, otherSeen);
    if (mine && other) {
      return { ...both, ...bothHave(table, id, mine, other, how, choose, taken) };
    }
    if (mine && isGone(second, id)) {
      return { ...both, ...thrownAway(table, id, { record: mine, of: 'first' }, how, choose) };
    }
    if (other && isGone(first, id)) {
      const turned = standing(otherSeen, mySeen);
      return { ...both, ...thrownAway(table, id, { record: other, of: 'second' }, turned, choose) };
    }
    const plain = { record: mine ?? other ?? null, conflicts: [], copy: null };
    if (mine) return { ...known, ...plain, seen: mySeen, how: 'only first' };
    if (other) return { ...known, ...plain, seen: otherSeen, how: 'added' };
    // both threw it away, or one did and the other never had it
    return { ...both, ...plain, how: 'same' };
  });
}
