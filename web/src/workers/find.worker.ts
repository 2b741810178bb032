import type { Filter } from '@cobbet/core/find/readQuery';
import type { SearchDocument } from '@cobbet/core/find/searchDocument';
import { SearchIndex } from '@cobbet/core/find/searchIndex';
import { expose } from 'comlink';

const index = new SearchIndex();

const api = {
  /** How many things it knows. */
  size: () => index.size,
  /** Takes up what is new and forgets what is gone. */
  learn(documents: readonly SearchDocument[], gone: readonly string[]) {
    index.remove(gone);
    index.put(documents);
  },
  search: (words: string, filters: readonly Filter[]) => index.search(words, filters),
};

export type FindWorker = typeof api;

expose(api);
