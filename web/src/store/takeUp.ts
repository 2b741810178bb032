import { bookVersion } from '@cobbet/core/book/bookVersion';
import { migrateRecord } from '@cobbet/core/book/migrations';
import type { TableName } from '@cobbet/core/book/book';
import type { ReversibleChange } from '@cobbet/core/book/change';
import type { Ahead, AheadCommand, Journal } from './journal';
import type { Repository } from './repository';
import { onceDead } from './tabs';

/** What an older program left, with its records brought along; null for what a newer one left. */
function ofThisVersion(command: AheadCommand): AheadCommand | null {
  const { version } = command;
  if (version === bookVersion) return command;
  if (version > bookVersion) return null;
  const moved = (table: TableName, record: object | null) =>
    record && migrateRecord(table, { ...record }, version);
  const changes = command.changes.map(
    (one) =>
      ({
        ...one,
        before: moved(one.table, one.before),
        after: moved(one.table, one.after),
      }) as unknown as ReversibleChange,
  );
  return { ...command, version: bookVersion, changes };
}

/** Does what a tab that died has left; null for what a newer program left, else whether it changed anything. */
async function takeUpOne(open: Repository, left: Ahead): Promise<boolean | null> {
  if ('step' in left) {
    const { step, id, of, after } = left;
    return open.step(step, id, after === undefined ? { of: of ?? '' } : { after });
  }
  const command = ofThisVersion(left);
  return command && (await open.commit(command, true)) !== null;
}

/**
 * Takes up what tabs that are gone have left, each change once; what a tab left that still lives waits until it dies.
 *
 * @param dying tabs that had left something before the book was read: such a tab may have saved it since, with nobody to
 *   tell, so the book is read again once it is dead
 * @param told.took one change was taken up
 * @param told.stale the book was read before everything in it was saved
 */
export async function takeUp(
  open: Repository,
  journal: Journal,
  dying: readonly string[],
  told: { took(): void; stale(): Promise<void> },
): Promise<void> {
  for (const tab of new Set([...dying, ...journal.otherTabs()])) {
    await onceDead(tab, async () => {
      for (const left of journal.leftBy(tab)) {
        const took = await takeUpOne(open, left);
        // what a newer program left is for a newer program
        if (took === null) continue;
        journal.clearLeft(tab, left.id);
        if (took) told.took();
      }
      await told.stale();
    });
  }
}
