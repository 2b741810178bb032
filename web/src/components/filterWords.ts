import type { Filter } from '@cobbet/core/find/readQuery';
import type { FoundKind } from '@cobbet/core/find/searchDocument';
import { shortDay } from './day';

/** What each kind is called beside what was found. */
export const kindNames: Readonly<Record<FoundKind, string>> = {
  dip: 'dip',
  trial: 'trial',
  swap: 'swap',
  batch: 'batch',
  tasting: 'tasting',
  plan: 'day',
  'trials on purpose': 'on purpose',
  thing: 'made here',
  stock: 'in the house',
  'left over': 'left over',
};

const plural = (word: string) => (word.endsWith('ch') ? `${word}es` : `${word}s`);

/** A filter as it is shown to have been understood. */
export function filterWords(filter: Filter): string {
  switch (filter.is) {
    case 'kind':
      return `only ${plural(kindNames[filter.kind])}`;
    case 'without':
      return `without ${filter.what}`;
    case 'by':
      return `by ${filter.who}`;
    case 'body':
      return `body: ${filter.word}`;
    case 'marked':
      return `marked ${filter.mark}`;
    case 'since':
      return `from ${shortDay(filter.on)} ${filter.on.slice(0, 4)} on`;
    case 'until':
      return `up to ${shortDay(filter.on)} ${filter.on.slice(0, 4)}`;
  }
}
