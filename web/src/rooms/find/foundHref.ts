import type { SearchDocument } from '@cobbet/core/find/searchDocument';

/** Where a thing that was found stands. */
export function foundHref({ kind, id, dipId }: SearchDocument): string {
  const [own, dip] = [encodeURIComponent(id), encodeURIComponent(dipId ?? '')];
  switch (kind) {
    case 'dip':
      return `/bench?dip=${own}`;
    case 'trial':
      return `/trials?dip=${dip}&trial=${own}`;
    case 'swap':
      return '/trials?swaps';
    case 'batch':
      return `/house?batch=${own}`;
    case 'tasting':
      return `/tasting?id=${own}`;
    case 'plan':
      return `/day?plan=${own}`;
    case 'trials on purpose':
      return `/design?id=${own}`;
    case 'thing':
      return `/larder?made=${own}`;
    case 'stock':
    case 'left over':
      return '/house';
  }
}
