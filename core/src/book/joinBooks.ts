import { brokenPointers, type Needed } from './brokenPointers';
import {
  type Book,
  bookFrom,
  type ListedTable,
  listedTables,
  type Settings,
  settingsOf,
  type TableName,
} from './book';
import { type ClockTime, nextClockTime } from './hybridClock';
import {
  type Choose,
  differing,
  type Fields,
  type JoinConflict,
  type JoinedRecord,
  joinTables,
} from './joinTables';
import {
  latestOf,
  type Seen,
  seenBoth,
  seenOf,
  type Stamp,
  type StampedBook,
  stampKey,
  standing,
} from './stamp';
import type { Trial } from './trial';

/** Two books as one, and what came of each record. */
export interface Joined extends StampedBook {
  /** Records only the second had. */
  added: number;
  /** Records both had alike. */
  same: number;
  /** Records taken from the second in place of the first's, since the second knew them later or was chosen. */
  taken: number;
  /** Records the first has later than the second. */
  kept: number;
  /** Records of the first that go, since the second threw them away. */
  gone: Needed[];
  /** Records that were thrown away in one and are there again, since something of the other needs them. */
  broughtBack: Needed[];
  /** Fields that both have changed, whichever of them was chosen. */
  conflicts: JoinConflict[];
}

/**
 * Trials of one dip numbered so that none shares a number: the earlier keeps it, a later one that has it too goes on behind the last. In the
 * order they were made, so that it comes out the same whoever joins whom.
 */
export function renumbered(trials: readonly Trial[]): Trial[] {
  const byDip = new Map<string, Trial[]>();
  for (const trial of trials) byDip.set(trial.dipId, [...(byDip.get(trial.dipId) ?? []), trial]);
  return [...byDip.values()].flatMap((own) => {
    const inOrder = [...own].sort(
      (a, b) => a.number - b.number || a.madeAt.localeCompare(b.madeAt) || a.id.localeCompare(b.id),
    );
    const taken = new Set<number>();
    let last = Math.max(0, ...own.map(({ number }) => number));
    return inOrder.map((trial) => {
      if (!taken.has(trial.number)) {
        taken.add(trial.number);
        return trial;
      }
      last += 1;
      taken.add(last);
      return { ...trial, number: last };
    });
  });
}

/** The first book's settings, with machines and words only the second knows. */
function settingsOfBoth(first: Settings, second: Settings): Settings {
  const known = new Set(first.kit.machines.map(({ id }) => id));
  const machines = [
    ...first.kit.machines,
    ...second.kit.machines.filter(({ id }) => !known.has(id)),
  ];
  const picked = { ...second.picked, ...first.picked };
  return {
    ...first,
    kit: { ...first.kit, machines },
    ...(Object.keys(picked).length > 0 ? { picked } : {}),
  };
}

/** Settings of whichever book knew them later; where both changed them, the first's. */
function joinedSettings(first: StampedBook, second: StampedBook) {
  const key = stampKey('settings', 'settings');
  const [seen, other] = [seenOf(first.lineage, key), seenOf(second.lineage, key)];
  const [mine, theirs] = [settingsOf(first.book), settingsOf(second.book)];
  const how = standing(seen, other);
  const began = { began: mine.began };
  const conflicts: JoinConflict[] = [];
  let settings = mine;
  if (how === 'earlier') settings = { ...theirs, ...began };
  else if (how !== 'later') {
    settings = settingsOfBoth(mine, theirs);
    for (const field of differing('settings', { ...settings }, { ...theirs, ...began })) {
      if (field === 'kit' || field === 'picked') continue;
      const [a, b] = [settings, theirs].map((one) => (one as unknown as Fields)[field]);
      conflicts.push({ table: 'settings', id: 'settings', field, first: a, second: b });
    }
  }
  return { settings, conflicts, seen: seenBoth(seen, other) };
}

/** Brings back what was thrown away in one book and is needed by what the other has: nothing may point at what is not there. */
function bringBack(
  tables: Map<ListedTable, Map<string, JoinedRecord>>,
  first: Book,
  second: Book,
): Needed[] {
  const brought: Needed[] = [];
  const present = () =>
    bookFrom(
      (table) =>
        new Map(
          [...(tables.get(table as ListedTable)?.values() ?? [])].flatMap(({ id, record }) =>
            record ? [[id, record]] : [],
          ),
        ),
    );
  for (;;) {
    const found = brokenPointers(present()).flatMap(({ table, id }) => {
      const record =
        (first[table] as ReadonlyMap<string, object>).get(id) ??
        (second[table] as ReadonlyMap<string, object>).get(id);
      const joined = tables.get(table as ListedTable)?.get(id);
      if (!record || !joined || joined.record) return [];
      joined.record = record as Fields;
      return [{ table, id }];
    });
    if (found.length === 0) return brought;
    brought.push(...found);
  }
}

/** Stamps of what comes out; what every record of the joined book has seen, its beginning, goes without saying. */
function stampsOf(
  records: Iterable<{ key: string; seen: Seen; gone: boolean }>,
  identity: string,
): Map<string, Stamp> {
  const stamps = new Map<string, Stamp>();
  for (const { key, seen, gone } of records) {
    const { [identity]: _own, ...rest } = seen;
    if (Object.keys(rest).length === 0 && !gone) continue;
    stamps.set(key, { id: key, seen: rest, ...(gone ? { gone: true as const } : {}) });
  }
  return stamps;
}

/**
 * Two books as one, record by record. What one changed since the other knew it is the changed one; what one threw away and the other has not
 * touched since is gone; what both changed is the first's unless it is chosen. Books without stamps join by what is in them: what differs is
 * asked, and nothing counts as thrown away.
 *
 * @param choose what becomes of a record that both changed; only what has a name of its own is kept twice
 * @param by who joins, for the stamps of what is in neither book as it comes out
 */
export function joinBooks(
  first: StampedBook,
  second: StampedBook,
  choose: Choose = () => null,
  by: { copy: string; nowMs: number } = { copy: 'joined', nowMs: 0 },
): Joined {
  const identity = [first.lineage.identity, second.lineage.identity].sort()[0] ?? '';
  const latest = latestOf([first, second].flatMap(({ lineage }) => [...lineage.stamps.values()]));
  const now: ClockTime = nextClockTime(latest, by.nowMs);
  const tables = new Map<ListedTable, Map<string, JoinedRecord>>();
  for (const table of listedTables) {
    const side = ({ book, lineage }: StampedBook) => ({
      records: book[table] as unknown as ReadonlyMap<string, Fields>,
      lineage,
    });
    const joined = joinTables(table, side(first), side(second), choose);
    tables.set(table, new Map(joined.map((one) => [one.id, one])));
  }
  const broughtBack = bringBack(tables, first.book, second.book);
  const brought = new Set(broughtBack.map(({ table, id }) => stampKey(table, id)));
  const all = [...tables.values()].flatMap((records) => [...records.values()]);
  const count = (how: JoinedRecord['how']) => all.filter((one) => one.how === how).length;
  const stamped = all.flatMap(({ table, id, record, seen, copy, conflicts }) => {
    const key = stampKey(table, id);
    // as it comes out it is neither book's own state
    const anew = brought.has(key) || conflicts.length > 0;
    const told = { key, seen: anew ? { ...seen, [by.copy]: now } : seen, gone: record === null };
    const copied = { key: `${key}-other`, seen: { [by.copy]: now }, gone: false };
    return copy ? [told, copied] : [told];
  });
  const { settings, conflicts, seen } = joinedSettings(first, second);
  const trials = renumbered(
    [...(tables.get('trials')?.values() ?? [])].flatMap(({ record }) =>
      record ? [record as unknown as Trial] : [],
    ),
  );
  const book = bookFrom((table: TableName): ReadonlyMap<string, unknown> => {
    if (table === 'settings') return new Map([[settings.id, settings]]);
    if (table === 'trials') return new Map(trials.map((one) => [one.id, one]));
    const records = [...(tables.get(table)?.values() ?? [])];
    return new Map(
      records.flatMap(({ id, record, copy }) => [
        ...(record ? [[id, record] as const] : []),
        ...(copy ? [[String(copy['id']), copy] as const] : []),
      ]),
    );
  });
  const settingsKey = { key: stampKey('settings', 'settings'), seen, gone: false };
  return {
    book,
    lineage: { identity, stamps: stampsOf([...stamped, settingsKey], identity) },
    added: count('added') + all.filter(({ copy }) => copy !== null).length,
    same: all.filter(({ how, record }) => how === 'same' && record).length,
    taken: count('taken') + count('chosen second'),
    kept: count('kept'),
    gone: all
      .filter(({ how, record }) => how === 'gone there' && !record)
      .map(({ table, id }) => ({ table, id })),
    broughtBack,
    conflicts: [...all.flatMap((one) => one.conflicts), ...conflicts],
  };
}
