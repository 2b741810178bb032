import { readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import type { Conditions } from '../mix/conditions';
import type { Part } from '../mix/part';
import type { TastingSample } from '../taste/tasting';
import { conditionsAlone } from './bookCalibration';
import type { Book } from './book';
import { loggedRows } from './runEvents';
import { trialParts } from './trialParts';

/** What a sample is made of, and the dip that is developed with it. */
export interface TastedBowl {
  dip: Dip;
  parts: Part[];
  conditions: Conditions;
}

/** The tables samples come from. */
export type TastedTables = Pick<Book, 'dips' | 'trials' | 'runs' | 'batches'>;

/**
 * What a sample of a tasting is made of: as it was made, or as the dip is written.
 *
 * @returns null where it, or its dip, is no longer in the book
 */
export function tastedBowl(
  { of: { kind, id } }: Pick<TastingSample, 'of'>,
  book: TastedTables,
  kitchen: Kitchen,
): TastedBowl | null {
  if (kind === 'dip') {
    const dip = book.dips.get(id);
    if (!dip) return null;
    const { parts, conditions } = readDip(dip, kitchen);
    return { dip, parts, conditions };
  }
  if (kind === 'trial') {
    const trial = book.trials.get(id);
    const dip = book.dips.get(trial?.dipId ?? '');
    if (!trial || !dip) return null;
    const conditions = conditionsAlone(trial, dip, kitchen);
    return { dip, parts: trialParts(trial.rows, kitchen.larder), conditions };
  }
  const made = kind === 'run' ? book.runs.get(id) : book.batches.get(id);
  const dip = book.dips.get(made?.dipId ?? '');
  if (!made || !dip) return null;
  const rows = 'rows' in made ? made.rows : loggedRows(made);
  // how it was worked is the dip's: a batch does not keep it
  const { conditions } = readDip(dip, kitchen);
  return { dip, parts: trialParts(rows, kitchen.larder), conditions };
}
