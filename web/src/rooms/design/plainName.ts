import { shortName } from '@/components/shortName';

/** What a thing is called among others of a mixture: `tahini`, `chickpeas`. */
export const plainName = (name: string): string =>
  (shortName(name).split(',')[0] ?? '').toLowerCase();
