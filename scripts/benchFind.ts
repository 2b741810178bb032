import { readFileSync } from 'node:fs';
import type { Trial } from '@cobbet/core/book/trial';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { readBookFile } from '@cobbet/core/book/readBookFile';
import { bookDocuments } from '@cobbet/core/find/bookDocuments';
import { readQuery } from '@cobbet/core/find/readQuery';
import { SearchIndex } from '@cobbet/core/find/searchIndex';

const many = 5000;
const searches = [
  'hummus',
  'watercres hazlenut',
  'lemon bland',
  'butter bean sage without sesame',
  'trials too salty in May',
  'smoked carrot short of garlic',
  'what did I change in Weir House hummus',
  'edamame mint lime cocoa capers',
];

/** How long a book of five thousand trials takes to be read for finding, learned, and looked through, ms. */
export function timedFinding(): { readMs: number; learnedMs: number; searches: number[] } {
  const file = new URL('../web/public/sample-book.json', import.meta.url);
  const sample = readBookFile(readFileSync(file, 'utf8'));
  const own = [...sample.trials.values()];
  const trials = new Map(
    Array.from({ length: many }, (_, i): [string, Trial] => {
      const trial = own[i % own.length] as Trial;
      const madeAt = new Date(Date.parse(trial.madeAt) + i * 3_600_000).toISOString();
      return [`t${i}`, { ...trial, id: `t${i}`, madeAt }];
    }),
  );
  const book = { ...sample, trials };
  const { larder } = bookKitchen(book);
  const began = performance.now();
  const documents = bookDocuments(book, { larder, bodyOf: () => null });
  const read = performance.now();
  const index = new SearchIndex();
  index.put(documents);
  const learned = performance.now();
  const times: number[] = [];
  for (let i = 0; i < 25 * searches.length; i += 1) {
    const query = readQuery(searches[i % searches.length] ?? '', '2026-06-10');
    const start = performance.now();
    index.search(
      query.words,
      query.filters.map(({ filter }) => filter),
    );
    times.push(performance.now() - start);
  }
  return {
    readMs: read - began,
    learnedMs: learned - read,
    searches: times.slice(searches.length),
  };
}
