import type { Larder } from '../larder/larder';
import type { Method } from '../mix/method';
import type { WorkedIn } from './dip';

/** A row as far as how it is worked in counts. */
interface WorkedRow {
  ingredientId: string;
  worked?: WorkedIn;
}

/**
 * A method with what the rows say of it: oil is let in slowly where a row of oil says so, and nuts are ground for as long as
 * they and what follows them are run. What the method itself says goes before; where nothing is said, nothing is added.
 *
 * @param rows in the order they go in, with how the cook said they are worked in
 */
export function workedMethod(method: Method, rows: readonly WorkedRow[], larder: Larder): Method {
  const isOil = ({ ingredientId }: WorkedRow) => larder.get(ingredientId)?.role === 'oil';
  const streamed = rows.some((row) => row.worked?.how === 'stream' && isOil(row));
  const firstNut = rows.findIndex(
    ({ ingredientId }) => larder.get(ingredientId)?.structure === 'nut',
  );
  const runs =
    firstNut < 0
      ? []
      : rows
          .slice(firstNut)
          .flatMap(({ worked }) =>
            worked && worked.how !== 'stir' && worked.minutes !== null ? [worked.minutes] : [],
          );
  const minutes = runs.reduce((sum, one) => sum + one, 0);
  return {
    ...(streamed ? { streamed } : {}),
    ...(runs.length > 0 ? { minutes } : {}),
    ...method,
  };
}
