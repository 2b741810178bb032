import MiniSearch from 'minisearch';
import type { Filter } from './readQuery';
import type { SearchDocument } from './searchDocument';

/** A thing that was found. */
export interface Found {
  key: string;
  /** Higher is nearer. */
  score: number;
  /** Words of the thing that were matched. */
  matched: readonly string[];
  /** It has only some of the words: nothing has them all. */
  some?: true;
}

/** How much more a word counts in a field than in a note. */
const boost = { title: 4, things: 2, people: 1.5, notes: 1 } as const;
/** Letters that may be wrong, as a share of a word's, from a word's length on. */
const forgiven = { share: 0.25, from: 4 } as const;
/** A mark of a letter over another is no other letter. */
const plainLetters = (term: string) =>
  term
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '');
const many = 200;
/** Words of a question that tell nothing of what is looked for. */
const littleWords: ReadonlySet<string> = new Set(
  'a an and the of for with in on to is was what which how did do i my it'.split(' '),
);

/** Whether a thing carries an allergen by its name or its family's, or has such a thing in it. */
function carries({ allergens, things }: SearchDocument, what: string): boolean {
  const stem = what.replace(/s$/, '');
  const words = [
    stem,
    ...(stem === 'dairy' ? ['milk'] : []),
    ...(stem === 'nut' ? ['tree-nut'] : []),
  ];
  const byAllergen = allergens.some((one) => words.some((word) => one.split(':').includes(word)));
  return byAllergen || things.toLowerCase().includes(stem);
}

/** Whether a document passes a filter. */
export function passes(document: SearchDocument, filter: Filter): boolean {
  switch (filter.is) {
    case 'kind':
      return document.kind === filter.kind;
    case 'without':
      return (document.kind === 'dip' || document.kind === 'trial' || document.kind === 'batch') &&
        document.things !== ''
        ? !carries(document, filter.what)
        : false;
    case 'by':
      return document.people
        .toLowerCase()
        .split(/[^\p{L}-]+/u)
        .includes(filter.who);
    case 'body':
      return document.body === filter.word;
    case 'marked':
      return document.marks.includes(filter.mark);
    case 'since':
      return document.on !== '' && document.on >= filter.on;
    case 'until':
      return document.on !== '' && document.on <= filter.on;
  }
}

/** A book as it is looked through: words with their spelling forgiven, and filters. */
export class SearchIndex {
  private readonly words = new MiniSearch<SearchDocument>({
    idField: 'key',
    fields: ['title', 'things', 'notes', 'people'],
    processTerm: (term) => {
      const plain = plainLetters(term);
      if (littleWords.has(plain)) return null;
      return plain.length > 3 && plain.endsWith('s') ? plain.slice(0, -1) : plain;
    },
    searchOptions: {
      boost,
      prefix: (term) => term.length > 2,
      fuzzy: (term) => (term.length >= forgiven.from ? forgiven.share : false),
      combineWith: 'AND',
      weights: { fuzzy: 0.3, prefix: 0.6 },
    },
  });
  private readonly documents = new Map<string, SearchDocument>();

  /** How many things it knows. */
  get size(): number {
    return this.documents.size;
  }

  /** Takes up what is new or other than before. */
  put(documents: readonly SearchDocument[]): void {
    for (const document of documents) {
      if (this.documents.has(document.key)) this.words.replace(document);
      else this.words.add(document);
      this.documents.set(document.key, document);
    }
  }

  /** Forgets what is gone. */
  remove(keys: readonly string[]): void {
    for (const key of keys) {
      if (this.documents.delete(key)) this.words.discard(key);
    }
  }

  /**
   * What a search finds, the nearest first; with no words everything that passes, the latest first.
   *
   * @param words to look for, all of them, or where nothing has all, some; empty for none
   * @param filters all of which must hold
   * @returns at most 200
   */
  search(words: string, filters: readonly Filter[]): Found[] {
    const allowed = (key: string) => {
      const document = this.documents.get(key);
      return document !== undefined && filters.every((filter) => passes(document, filter));
    };
    if (words.trim() === '') {
      if (filters.length === 0) return [];
      return [...this.documents.values()]
        .filter(({ key }) => allowed(key))
        .sort((a, b) => b.on.localeCompare(a.on) || a.title.localeCompare(b.title))
        .slice(0, many)
        .map(({ key }) => ({ key, score: 0, matched: [] }));
    }
    const filter = ({ id }: { id: unknown }) => allowed(String(id));
    const having = (combineWith: 'AND' | 'OR') =>
      this.words
        .search(words, { filter, combineWith })
        .slice(0, many)
        .map(({ id, score, terms }): Found => ({ key: String(id), score, matched: terms }));
    const all = having('AND');
    if (all.length > 0) return all;
    return having('OR').map((one) => ({ ...one, some: true }));
  }
}
