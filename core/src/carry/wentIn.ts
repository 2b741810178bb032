import type { Trial } from '../book/trial';
import type { Larder } from '../larder/larder';

/** What went into a trial in one cell: `2 cups Chickpeas, canned; 3 tbsp Tahini`. */
export const wentIn = ({ rows }: Pick<Trial, 'rows'>, larder: Larder): string =>
  rows
    .map(
      ({ amount, ingredientId }) => `${amount} ${larder.get(ingredientId)?.name ?? ingredientId}`,
    )
    .join('; ');
