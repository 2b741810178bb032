/**
 * Files of every kind that is taken in, spoilt at random: each must be read, or refused in a sentence, and none may take long. Counts what
 * happened, for so many of each.
 */
import { readFileSync } from 'node:fs';
import { BadInput } from '../core/src/book/fieldError';
import { joinBooks } from '../core/src/book/joinBooks';
import { readBookFile, readStampedBook } from '../core/src/book/readBookFile';
import { bookTable, tableKinds } from '../core/src/carry/bookTable';
import { readRecipeFile } from '../core/src/carry/readRecipeFile';
import { readTable, readTableFile } from '../core/src/carry/readTable';
import { markdownCard, textCard } from '../core/src/carry/recipeCard';
import { recipeJsonLd } from '../core/src/carry/recipeJsonLd';
import { matchColumns } from '../core/src/carry/tableColumns';
import { writtenDip } from '../core/src/carry/writtenDip';
import { bookKitchen } from '../core/src/book/bookKitchen';
import { readDip } from '../core/src/dip/analyseDip';
import { readRecipe } from '../core/src/lines/readRecipe';
import { seeded } from '../core/src/statistics/random';
import { readTastingCsv, tastingCsv } from '../core/src/taste/tastingCsv';
import { readArchive, writeArchive } from '../web/src/store/bookArchive';

const all = Number(process.argv[2] ?? 1000);
const only = process.argv[3];
const bookText = readFileSync(new URL('../web/public/sample-book.json', import.meta.url), 'utf8');
const sample = readStampedBook(bookText);
const { book } = sample;
const kitchen = bookKitchen(book);
const random = seeded(20);
const at = (length: number) => Math.floor(random() * length);

const odd = [
  ...['\u0000', '"', '""', '\n', '\r\n', ',', ';', '\t', '=SUM(1)', "'", '<', '</script>', '&#x0;'],
  ...[
    '9'.repeat(400),
    'x'.repeat(5000),
    '[',
    '{',
    '}',
    '\\',
    '\ufeff',
    '½',
    '🫘',
    '-1',
    '1e999',
    '((',
  ],
];

/** A text spoilt in one place, or a few: cut, doubled, swapped, or with something odd in it. */
function spoilt(text: string): string {
  let now = text;
  for (let i = 0; i <= at(3); i += 1) {
    const [from, to] = [at(now.length + 1), at(now.length + 1)].sort((a, b) => a - b);
    const [a = 0, b = 0] = [from, Math.min(to ?? 0, (from ?? 0) + at(80))];
    const how = at(5);
    if (how === 0) now = now.slice(0, a);
    else if (how === 1) now = now.slice(0, a) + now.slice(b);
    else if (how === 2) now = now.slice(0, b) + now.slice(a, b) + now.slice(b);
    else if (how === 3) now = now.slice(0, a) + (odd[at(odd.length)] ?? '') + now.slice(a);
    else now = now.slice(0, a) + String.fromCharCode(at(0x2fff)) + now.slice(a + 1);
  }
  return now;
}

const dips = [...book.dips.values()].map((dip) => writtenDip(readDip(dip, kitchen), kitchen));
const recipes = dips.flatMap((dip) => {
  const json = JSON.stringify(recipeJsonLd(dip));
  return [json, `<html><body><script type="application/ld+json">${json}</script></body></html>`];
});
const cards = dips.flatMap((dip) => [markdownCard(dip), textCard(dip)]);
const tasting = [...book.tastings.values()][0];
const by = { newId: () => `new-${at(1e9)}`, today: '2027-06-12' };

/** Reads one spoilt file of its kind; throws what the reader throws. */
const readers: Record<string, () => void | Promise<void>> = {
  recipe: () => {
    const carried = readRecipeFile(spoilt(recipes[at(recipes.length)] ?? ''));
    if (carried) readRecipe(carried.text, kitchen);
  },
  card: () => void readRecipe(spoilt(cards[at(cards.length)] ?? ''), kitchen),
  join: () => {
    // of every hundredth the whole book is read: it takes a fifth of a second
    const other = readStampedBook(spoilt(bookText));
    joinBooks(sample, other);
  },
  ...Object.fromEntries(
    tableKinds.map((kind) => {
      const text = bookTable(book, kind).split('\n').slice(0, 12).join('\n');
      return [
        `table of ${kind}`,
        () => {
          const table = readTableFile(spoilt(text));
          readTable(book, kind, table, matchColumns(table.headers, kind), by);
        },
      ];
    }),
  ),
  marks: () => {
    if (tasting) readTastingCsv(tasting, spoilt(tastingCsv(tasting)));
  },
  archive: async () => {
    const bytes = whole.slice();
    for (let i = 0; i <= at(4); i += 1) bytes[at(bytes.length)] = at(256);
    const cut = random() < 0.2 ? bytes.slice(0, at(bytes.length)) : bytes;
    const { text } = await readArchive(new Blob([cut]));
    if (random() < 0.01) readBookFile(text);
  },
};
const archive = await writeArchive(
  [JSON.stringify({ format: 'cobbet-book', version: 1, filler: 'x'.repeat(3000) })],
  ['p-1'],
  () => Promise.resolve(new Uint8Array(2000).fill(7).buffer),
);
const whole = new Uint8Array(await archive.arrayBuffer());

for (const [kind, read] of Object.entries(readers)) {
  if (only !== undefined && only !== kind) continue;
  const told = { taken: 0, refused: 0, uncaught: 0, slowestMs: 0, first: '' };
  for (let i = 0; i < all; i += 1) {
    const started = performance.now();
    try {
      await read();
      told.taken += 1;
    } catch (error) {
      const said =
        error instanceof BadInput ||
        error instanceof RangeError ||
        (error instanceof Error && error.message.startsWith('The file was not taken.'));
      if (said && /[.!?”]$/.test((error as Error).message)) told.refused += 1;
      else {
        told.uncaught += 1;
        told.first ||= error instanceof Error ? (error.stack ?? error.message) : String(error);
      }
    }
    told.slowestMs = Math.max(told.slowestMs, performance.now() - started);
  }
  const { taken, refused, uncaught, slowestMs, first } = told;
  console.log(
    `${kind}: ${all} spoilt, ${taken} read, ${refused} refused in a sentence, ${uncaught} uncaught, the slowest ${slowestMs.toFixed(0)} ms${first === '' ? '' : `\n${first}`}`,
  );
}
