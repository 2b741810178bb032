import { writeFileSync } from 'node:fs';
import { makeSampleBook } from './makeSampleBook';

const book = makeSampleBook();
writeFileSync(
  new URL('../../web/public/sample-book.json', import.meta.url),
  `${JSON.stringify(book, null, 1)}\n`,
);
console.log(`${book.dips.length} dips, ${book.trials.length} trials written`);
