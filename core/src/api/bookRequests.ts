import Joi from 'joi';
import type { Book } from '../book/book';
import { bookKitchen } from '../book/bookKitchen';
import { BadInput, checked } from '../book/fieldError';
import { joinBooks } from '../book/joinBooks';
import { readBookFile, readStampedBook } from '../book/readBookFile';
import type { StampedBook } from '../book/stamp';
import { toBookFile } from '../book/toBookFile';
import { bookTable, type TableKind, tableKinds } from '../carry/bookTable';
import { recipeJsonLd } from '../carry/recipeJsonLd';
import { readRecipeFile } from '../carry/readRecipeFile';
import { writtenDip } from '../carry/writtenDip';
import { analyseDip, readDip } from '../dip/analyseDip';
import { bookDocuments } from '../find/bookDocuments';
import { excerptOf } from '../find/excerpt';
import { readQuery } from '../find/readQuery';
import { SearchIndex } from '../find/searchIndex';
import type { Dip } from '../dip/dip';
import { eatenAt } from '../dip/eatenAt';
import { wordFor } from '../mix/figures';
import { type BookVerb, bookVerbs } from './answered';
import { type LinesAnswer, linesRequest } from './linesRequest';

interface BookRequest {
  verb: BookVerb;
  /** The file as it is. */
  text: string;
  /** A dip, a kind of table, or words to look for; left out where there are none. */
  what?: string;
  /** The other book's file, where two are joined. */
  other?: string;
}

const bookSchema = Joi.object<BookRequest>({
  verb: Joi.string()
    .valid(...bookVerbs)
    .required(),
  text: Joi.string().allow('').required(),
  what: Joi.string().max(500),
  other: Joi.string().allow(''),
}).required();

/** Something found in a book. */
export interface Hit {
  kind: string;
  id: string;
  dip?: string;
  title: string;
  on?: string;
  excerpt?: string;
}

function dipCalled(book: Book, what: string): Dip {
  const wanted = what.toLowerCase();
  const found = [...book.dips.values()].filter(
    ({ id, name }) => id === what || name.toLowerCase() === wanted,
  );
  const [dip] = found;
  if (!dip) throw new BadInput('DIP', `No dip of the book is called “${what}”.`);
  if (found.length > 1) throw new BadInput('DIP', `Several dips are called “${what}”; say its id.`);
  return dip;
}

function recipe(text: string, what: string | undefined): unknown {
  if (what !== undefined) {
    const book = readBookFile(text);
    const kitchen = bookKitchen(book);
    return recipeJsonLd(writtenDip(readDip(dipCalled(book, what), kitchen), kitchen));
  }
  const carried = readRecipeFile(text);
  const lines: LinesAnswer = linesRequest({ text: carried?.text ?? text });
  return carried && carried.source !== '' ? { ...lines, source: carried.source } : lines;
}

/** Reads one of two files; what is wrong says which. */
function bookOf(which: 'first' | 'second', text: string): StampedBook {
  try {
    return readStampedBook(text);
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    throw new BadInput([which, error.field].filter((part) => part !== '').join('.'), error.message);
  }
}

function join(text: string, other: string | undefined): unknown {
  if (other === undefined) throw new BadInput('FILE', 'Say which two books to join.');
  const { book, lineage, ...joined } = joinBooks(bookOf('first', text), bookOf('second', other));
  return { book: toBookFile(book, new Date().toISOString(), lineage), joined };
}

function search(text: string, what: string | undefined): Hit[] {
  if (what === undefined) throw new BadInput('words', 'Say what to look for.');
  const book = readBookFile(text);
  const kitchen = bookKitchen(book);
  const bodyOf = (dip: Dip) => {
    const { analysis } = analyseDip(dip, kitchen);
    return analysis.massG > 0 ? wordFor(analysis[eatenAt(dip)]) : null;
  };
  const documents = bookDocuments(book, { larder: kitchen.larder, bodyOf });
  const index = new SearchIndex();
  index.put(documents);
  const query = readQuery(what, new Date().toISOString().slice(0, 10));
  const byKey = new Map(documents.map((one) => [one.key, one]));
  return index
    .search(
      query.words,
      query.filters.map(({ filter }) => filter),
    )
    .filter(({ some }) => !some)
    .flatMap(({ key, matched }): Hit[] => {
      const document = byKey.get(key);
      if (!document) return [];
      const excerpt = excerptOf(document, matched)?.join('');
      return [
        {
          ...{ kind: document.kind, id: document.id },
          ...(document.dipId === null ? {} : { dip: document.dipId }),
          title: document.title,
          ...(document.on === '' ? {} : { on: document.on }),
          ...(excerpt === undefined ? {} : { excerpt }),
        },
      ];
    });
}

/**
 * Answers what the shell asks of a book file, or of a recipe's file (docs/format.md).
 *
 * @param value the verb, the file as it is, and what is asked of it
 * @returns JSON; of a table its CSV
 * @throws BadInput naming the field or the place in the file that is wrong
 */
export function bookRequest(value: unknown): unknown {
  const { verb, text, what, other } = checked(bookSchema, value);
  if (verb === 'join') return join(text, other);
  if (verb === 'recipe') return recipe(text, what);
  if (verb === 'search') return search(text, what);
  const kind = tableKinds.find((one) => one === what);
  if (!kind) {
    throw new BadInput('KIND', `“${what ?? ''}” is none of ${tableKinds.join(', ')}.`);
  }
  return bookTable(readBookFile(text), kind satisfies TableKind);
}
