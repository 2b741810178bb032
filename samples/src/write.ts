import { writeFileSync } from 'node:fs';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { makeSampleBook, sampleTables } from './makeSampleBook';
import { sampleDesign } from './sampleDesign';

const write = (to: string, value: unknown) =>
  writeFileSync(new URL(to, import.meta.url), `${JSON.stringify(value, null, 1)}\n`);

const designs = './sampleDesigns.json';
const fresh = [sampleDesign(sampleTables(), await highsSolver())];
write(designs, fresh);
// the file was read before it was written
const book = { ...makeSampleBook(), designs: fresh };
write('../../web/public/sample-book.json', book);
console.log(`${book.dips.length} dips, ${book.trials.length} trials written`);
