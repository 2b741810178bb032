import { type Book, emptyBook, type TableName } from '@cobbet/core/book/book';
import { type Change, withChanges } from '@cobbet/core/book/change';

/** Changes as they were saved. */
interface Word {
  changes: readonly Change[];
  /** The how-manieth save of this database it was. */
  order: number;
}

/** What was read of the book, and after which save. */
export interface ReadBook {
  book: Partial<Book>;
  order: number;
}

/**
 * The book as the database has it. Word of two tabs' saves, and of this tab's own, may come in any order; what was saved later
 * stays.
 */
export class SavedBook {
  /** The latest save heard of. */
  newest = 0;
  private now = emptyBook();
  private readonly records = new Map<string, number>();
  private readonly tables = new Map<TableName, number>();
  private readings = 0;
  private meanwhile: Word[] = [];

  get book(): Book {
    return this.now;
  }

  /**
   * Takes in what was saved.
   *
   * @param order 1 and up
   * @returns whether nothing later has been heard of
   */
  hear(changes: readonly Change[], order: number): boolean {
    if (this.readings > 0) this.meanwhile.push({ changes, order });
    this.take({ changes, order });
    const isNewest = order > this.newest;
    if (isNewest) this.newest = order;
    return isNewest;
  }

  /**
   * Takes in tables read anew, with what was saved meanwhile on top.
   *
   * @throws what the reading throws; then the book stays as it was
   */
  async read(reading: Promise<ReadBook>): Promise<void> {
    this.readings += 1;
    try {
      const { book, order } = await reading;
      this.now = { ...this.now, ...book };
      for (const table of Object.keys(book) as TableName[]) {
        this.tables.set(table, Math.max(order, this.tables.get(table) ?? 0));
        for (const key of this.records.keys()) {
          if (key.startsWith(`${table}/`)) this.records.delete(key);
        }
      }
      this.newest = Math.max(this.newest, order);
      [...this.meanwhile].sort((a, b) => a.order - b.order).forEach((word) => this.take(word));
    } finally {
      this.readings -= 1;
      if (this.readings === 0) this.meanwhile = [];
    }
  }

  private take({ changes, order }: Word): void {
    const news = changes.filter(({ table, id }) => {
      const known = Math.max(this.records.get(`${table}/${id}`) ?? 0, this.tables.get(table) ?? 0);
      return order > known;
    });
    for (const { table, id } of news) this.records.set(`${table}/${id}`, order);
    this.now = withChanges(this.now, news);
  }
}
