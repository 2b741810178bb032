import type { Range } from '../../statistics/range';
import { ratioOf, yieldOf } from '../yields';

/** What one piece of a raw thing weighs, g, by the words it is counted in; the first is the usual one. */
export type Pieces = Readonly<Record<string, Range>>;

/** What a raw thing gives by one way, without the work: enough to read an amount of it. */
export interface RawYield {
  /** What it makes, by larder id. */
  to: string;
  /** What it starts from, as a request names it. */
  from: string;
  /** The raw thing in words: `lemons`. */
  raw: string;
  pieceG: Pieces;
  /** Bulk density of the raw thing as measured in a cup, g/ml; left out where nobody measures it so. */
  rawGPerMl?: number;
  /** g ready for each g raw. */
  ratio: Range;
}

/** A raw thing's yield: that of the rows of the table named, one after another, or a range of its own. */
export function rawYield(
  to: string,
  from: string,
  raw: string,
  ratio: Range | readonly string[],
  pieceG: Pieces = {},
): RawYield {
  const given = 'typical' in ratio ? ratio : ratioOf(...ratio.map(yieldOf));
  return { to, from, raw, pieceG, ratio: given };
}
