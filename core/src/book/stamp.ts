import { type ClockTime, beforeAll } from './hybridClock';
import type { Book, TableName } from './book';

/** What of each copy of a book a record's state has seen: the last moment each copy changed it, by the copy (a version vector). */
export type Seen = Readonly<Record<string, ClockTime>>;

/** Who changed a record, and when; kept of a record that was thrown away too. */
export interface Stamp {
  /** `dips/weir-house-hummus` */
  id: string;
  seen: Seen;
  /** It was thrown away. */
  gone?: true;
}

/** Where a book comes from, and the stamps of its records. A record without one is as it was when the book began. */
export interface Lineage {
  /** The same in all copies of a book. */
  identity: string;
  stamps: ReadonlyMap<string, Stamp>;
}

/** A lineage as a file has it. */
export interface LineageFile {
  identity: string;
  stamps: Stamp[];
}

/** A lineage as a file has it. */
export const lineageFile = ({ identity, stamps }: Lineage): LineageFile => ({
  identity,
  stamps: [...stamps.values()],
});

/** A book with where it comes from. */
export interface StampedBook {
  book: Book;
  lineage: Lineage;
}

/** By which a record's stamp is known. */
export const stampKey = (table: TableName, id: string): string => `${table}/${id}`;

/** What a record's state has seen, its book's beginning with it. */
export function seenOf(lineage: Lineage, key: string): Seen {
  return { [lineage.identity]: beforeAll, ...lineage.stamps.get(key)?.seen };
}

/** How one state stands to another: the same, earlier (the other knew of it), later, or apart, where neither knew of the other. */
export type Standing = 'same' | 'earlier' | 'later' | 'apart';

/** How one state stands to another. */
export function standing(one: Seen, other: Seen): Standing {
  const copies = [...new Set([...Object.keys(one), ...Object.keys(other)])];
  const lacks = (a: Seen, b: Seen) => copies.some((copy) => (a[copy] ?? '') < (b[copy] ?? ''));
  const [behind, ahead] = [lacks(one, other), lacks(other, one)];
  if (behind) return ahead ? 'apart' : 'earlier';
  return ahead ? 'later' : 'same';
}

/** What has seen all that both have. */
export function seenBoth(one: Seen, other: Seen): Seen {
  const both: Record<string, ClockTime> = { ...one };
  for (const [copy, at] of Object.entries(other)) {
    if (at > (both[copy] ?? '')) both[copy] = at;
  }
  return both;
}

/** A stamp once a copy has changed its record. */
export function stampedBy(
  key: string,
  before: Stamp | undefined,
  change: { copy: string; at: ClockTime; gone: boolean },
): Stamp {
  const seen = { ...before?.seen, [change.copy]: change.at };
  return { id: key, seen, ...(change.gone ? { gone: true as const } : {}) };
}

/** The latest moment in any stamp. */
export function latestOf(stamps: Iterable<Stamp>): ClockTime {
  let latest = beforeAll;
  for (const { seen } of stamps) {
    for (const at of Object.values(seen)) if (at > latest) latest = at;
  }
  return latest;
}
