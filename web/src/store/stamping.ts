import type { ReversibleChange } from '@cobbet/core/book/change';
import { beforeAll, nextClockTime } from '@cobbet/core/book/hybridClock';
import {
  latestOf,
  type Lineage,
  type LineageFile,
  stampedBy,
  stampKey,
} from '@cobbet/core/book/stamp';
import type { IDBPTransaction } from 'idb';
import type { CobbetSchema, Copy, Database, StoreName } from './database';

type Writing = IDBPTransaction<CobbetSchema, StoreName[], 'readwrite'>;
/** Asks for a write without waiting for it. */
type Ask = (write: Promise<unknown>) => void;

/** Where a book comes from, and by which name this copy's changes are known. */
export interface CopyLineage extends Lineage {
  copy: string;
}

const newName = (kind: 'book' | 'copy') => `${kind}-${crypto.randomUUID()}`;

/** A copy of a book that nobody else has yet. */
const newCopy = (): Copy => ({
  ...{ id: 'copy', identity: newName('book'), copy: newName('copy'), clock: beforeAll },
});

/** Stamps what a command has changed, in its own transaction. */
export async function stampChanges(
  transaction: Writing,
  changes: readonly Pick<ReversibleChange, 'table' | 'id' | 'after'>[],
  nowMs: number,
  ask: Ask,
): Promise<void> {
  const stamps = transaction.objectStore('stamps');
  const [kept, ...before] = await Promise.all([
    transaction.objectStore('copy').get('copy'),
    ...changes.map(({ table, id }) => stamps.get(stampKey(table, id))),
  ]);
  const copy = kept ?? newCopy();
  const at = nextClockTime(copy.clock, nowMs);
  changes.forEach(({ table, id, after }, i) => {
    const change = { copy: copy.copy, at, gone: after === null };
    ask(stamps.put(stampedBy(stampKey(table, id), before[i], change)));
  });
  ask(transaction.objectStore('copy').put({ ...copy, clock: at }));
}

/**
 * Puts another lineage in place of the present one, stamps and all.
 *
 * @param isOther it is of another book: a copy that went on under its old name after going back would pass for one that knows what it does not
 * @returns the one that stood there
 */
export async function putLineage(
  transaction: Writing,
  next: LineageFile,
  isOther: boolean,
  ask: Ask,
): Promise<LineageFile> {
  const stamps = transaction.objectStore('stamps');
  const [kept, before] = await Promise.all([
    transaction.objectStore('copy').get('copy'),
    stamps.getAll(),
  ]);
  const copy = kept ?? newCopy();
  ask(stamps.clear());
  for (const stamp of next.stamps) ask(stamps.put(stamp));
  const heard = latestOf(next.stamps);
  ask(
    transaction.objectStore('copy').put({
      ...copy,
      identity: next.identity,
      copy: isOther ? newName('copy') : copy.copy,
      clock: heard > copy.clock ? heard : copy.clock,
    }),
  );
  return { identity: copy.identity, stamps: before };
}

/** Where the book comes from and who changed what; a book nobody has changed yet is given its identity here. */
export async function readLineage(database: Database): Promise<CopyLineage> {
  const transaction = database.transaction(['copy', 'stamps'], 'readwrite');
  const [kept, stamps] = await Promise.all([
    transaction.objectStore('copy').get('copy'),
    transaction.objectStore('stamps').getAll(),
  ]);
  const copy = kept ?? newCopy();
  if (!kept) await transaction.objectStore('copy').put(copy);
  await transaction.done;
  const { identity } = copy;
  return { identity, copy: copy.copy, stamps: new Map(stamps.map((one) => [one.id, one])) };
}

/** A lineage with what is done in memory and not saved yet, so that a file made now does not pass it for something old. */
export function withUnsaved(
  lineage: CopyLineage,
  changes: readonly Pick<ReversibleChange, 'table' | 'id' | 'after'>[],
  nowMs: number,
): CopyLineage {
  const stamps = new Map(lineage.stamps);
  const { copy } = lineage;
  const at = nextClockTime(latestOf(stamps.values()), nowMs);
  for (const { table, id, after } of changes) {
    const key = stampKey(table, id);
    stamps.set(key, stampedBy(key, stamps.get(key), { copy, at, gone: after === null }));
  }
  return { ...lineage, stamps };
}
