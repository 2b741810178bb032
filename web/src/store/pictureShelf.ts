import type { Database, PictureBytes } from './database';

/** A picture nobody needs any more goes once it has been here for so long: a step of undo may still be on its way. */
const keptMs = 24 * 60 * 60 * 1000;

/** Pictures of a book, kept beside it and not in it: a record is small and stays in memory, a picture is neither. */
export class PictureShelf {
  constructor(private readonly database: Database) {}

  /**
   * Keeps a picture, before the record that is of it is put.
   *
   * @throws DOMException (QuotaExceededError and others); then it is not kept
   */
  async put(id: string, bytes: ArrayBuffer): Promise<void> {
    await this.database.put('pictures', { bytes, at: new Date().toISOString() }, id);
  }

  /** A picture; undefined where this browser does not have it. */
  get(id: string): Promise<PictureBytes | undefined> {
    return this.database.get('pictures', id);
  }

  /**
   * Throws pictures away that no record is of and no step of undo brings back.
   *
   * @param needed ids of the records there are
   * @returns how many went
   */
  async sweep(needed: ReadonlySet<string>): Promise<number> {
    const all = await this.database.getAllKeys('pictures');
    const loose = new Set(all.filter((id) => !needed.has(id)));
    if (loose.size === 0) return 0;
    const transaction = this.database.transaction(['pictures', 'history'], 'readwrite');
    let cursor = await transaction.objectStore('history').openCursor();
    while (cursor) {
      for (const { table, id } of cursor.value.changes) if (table === 'photos') loose.delete(id);
      cursor = await cursor.continue();
    }
    const pictures = transaction.objectStore('pictures');
    let gone = 0;
    for (const id of loose) {
      const at = (await pictures.get(id))?.at ?? '';
      if (Date.now() - Date.parse(at) < keptMs) continue;
      await pictures.delete(id);
      gone += 1;
    }
    await transaction.done;
    return gone;
  }
}
