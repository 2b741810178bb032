import { closeKitchenMeasure } from '../amounts/closeMeasure';
import { isWeighed } from '../amounts/isWeighed';
import { printGrams } from '../amounts/printAmount';
import type { Dip } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import type { RuleState } from '../dip/ruleStates';
import type { Kitchen } from '../kitchen/kitchen';
import type { Edit } from '../proposal/edit';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Proposal } from '../proposal/proposal';
import { timesToHold } from './keepRules';

/** One side of a rule moved so that it holds. */
export interface Righted {
  proposal: Proposal;
  /** Rows that move, with their new amounts. */
  moved: { rowId: string; amount: string }[];
}

/** A row with so many grams, in what it is measured in; weighed where no spoon is near enough to hold the rule. */
function amountOf({ row, ingredient }: ReadRow, massG: number, slack: number, kitchen: Kitchen) {
  if (!ingredient || isWeighed(row.amount) || row.amount.trim() === '') return printGrams(massG);
  const near = closeKitchenMeasure(massG, ingredient, kitchen.measures);
  return Math.abs(near.massG / massG - 1) <= slack ? near.text : printGrams(massG);
}

/**
 * The ways to put a broken rule right by hand: its left side moved, or its right, all of it in proportion. What is held, and the whole
 * dip, does not move.
 *
 * @returns none where it holds or rests
 */
export function righted(
  dip: Dip,
  rows: readonly ReadRow[],
  { rule, over, kept }: RuleState,
  kitchen: Kitchen,
): Righted[] {
  if (!over || kept) return [];
  const masses = rows.map(({ massG }) => massG);
  const sides = [over.left, ...('whole' in rule.to ? [] : [over.right])];
  return sides.flatMap((side) => {
    const moves = rows.map(({ row, massG }, i) => (side[i] ?? 0) !== 0 && !row.hold && massG > 0);
    const times = timesToHold(over, masses, moves);
    if (times === null) return [];
    const moved = rows.flatMap((read, i) =>
      moves[i] === true
        ? [
            {
              rowId: read.row.id,
              amount: amountOf(read, read.massG * times, over.slack / 2, kitchen),
            },
          ]
        : [],
    );
    const edits = moved.map((one): Edit => ({ kind: 'amount', ...one }));
    const label = `Put right: ${rule.said}`.slice(0, 120);
    return [{ proposal: proposeForDip(dip, kitchen, { maker: 'landing', label, edits }), moved }];
  });
}
