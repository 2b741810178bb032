/**
 * Books spoilt in one place at random: each must be read whole or refused in a sentence. Counts what happened. With a second
 * argument, a file, those that were taken are written there, one a line.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { analyseDip } from '../core/src/dip/analyseDip';
import { bookKitchen } from '../core/src/book/bookKitchen';
import { BadInput } from '../core/src/book/fieldError';
import { readBookFile } from '../core/src/book/readBookFile';
import { seeded } from '../core/src/statistics/random';

const all = Number(process.argv[2] ?? 1000);
const [, , , takenFile] = process.argv;
const text = readFileSync(new URL('../web/public/sample-book.json', import.meta.url), 'utf8');
const random = seeded(12);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

const spoilt: readonly unknown[] = [
  ...[null, '', 'x', -1, 0, 1e308, NaN, true, [], {}, [null], '9999-99-99T99:99', '2026-02-30'],
  ...['=SUM(1)', '<script>', 'x'.repeat(5000), '\u0000', 'weir-house-hummus', '__proto__'],
];

type Holder = Record<string, unknown> | unknown[];

/** Every place in a value that can be spoilt, as its holder and key. */
function places(value: unknown, found: [Holder, string][] = []): [Holder, string][] {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push([value as Holder, key]);
    places((value as Record<string, unknown>)[key], found);
  }
  return found;
}

function spoil(): string {
  const cut = random();
  if (cut < 0.05) return text.slice(0, Math.floor(random() * text.length));
  if (cut < 0.08) return text.replace(/[{}[\],:"]/g, (one) => (random() < 0.0005 ? '' : one));
  const book = JSON.parse(text) as Record<string, unknown>;
  const [holder, key] = pick(places(book));
  const record = holder as Record<string, unknown>;
  const how = random();
  if (how < 0.25) Reflect.deleteProperty(record, key);
  else if (how < 0.35 && Array.isArray(holder)) holder.push(structuredClone(record[key]));
  else if (how < 0.45) record[`${key}x`] = record[key];
  else record[key] = pick(spoilt);
  return JSON.stringify(book);
}

let taken = 0;
let refused = 0;
let uncaught = 0;
let rude = 0;
const sample: string[] = [];
const takenBooks: string[] = [];
for (let i = 0; i < all; i += 1) {
  const one = spoil();
  try {
    const book = readBookFile(one);
    taken += 1;
    if (takenFile) takenBooks.push(one);
    // what is taken must be usable: every dip read as the rooms read it
    const kitchen = bookKitchen(book);
    for (const dip of book.dips.values()) analyseDip(dip, kitchen);
  } catch (error) {
    if (!(error instanceof BadInput)) {
      uncaught += 1;
      sample.push(error instanceof Error ? error.message : String(error));
    } else {
      refused += 1;
      // a validator's own wording is no sentence for a cook
      if (
        /must be a string|is not allowed|fails to match|\[object|undefined|NaN/.test(error.message)
      )
        rude += 1;
    }
  }
}
process.stdout.write(
  `${all} spoilt books: ${taken} taken and read dip by dip, ${refused} refused in a sentence, ${rude} of those not in a cook’s words, ${uncaught} uncaught${sample.length > 0 ? `: ${sample[0]}` : ''}\n`,
);
if (takenFile) writeFileSync(takenFile, takenBooks.map((one) => JSON.stringify(one)).join('\n'));
