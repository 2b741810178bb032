import { readGrams } from '../amounts/toGrams';
import type { DipInKitchen } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import { partOf } from '../dip/readRow';
import { ruledBy, rulesOver } from '../dip/rulesOf';
import type { Kitchen } from '../kitchen/kitchen';
import type { Edit } from '../proposal/edit';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Proposal } from '../proposal/proposal';
import type { LandedPart, LandingPart, LandPartsRequest } from './landParts';

/** A row's limit in g; one that can't be read counts as none. */
function limitG(
  text: string | undefined,
  part: LandingPart,
  { measures }: DipInKitchen['conditions'],
): number | undefined {
  if (text === undefined || text.trim() === '') return undefined;
  const read = readGrams(text, part.ingredient, measures);
  return read.ok ? read.value.massG : undefined;
}

/**
 * A dip as the solver is asked about it: every row with its hold and limits.
 *
 * @param kitchenMeasures whether amounts are wanted in spoons, cups and pieces
 * @returns null where a row can't be read
 */
export function landingQuestion(
  { dip, rows, conditions }: DipInKitchen,
  kitchenMeasures: boolean,
): LandPartsRequest | null {
  const parts = rows.map((read): LandingPart | null => {
    const part = read.error === null ? partOf(read) : null;
    if (!part) return null;
    const { hold, amount, min, max } = read.row;
    const asked: LandingPart = { ...part, hold, amountText: amount };
    const minG = limitG(min, asked, conditions);
    const maxG = limitG(max, asked, conditions);
    return {
      ...asked,
      ...(minG === undefined ? {} : { minG }),
      ...(maxG === undefined ? {} : { maxG }),
    };
  });
  if (!parts.every((part) => part !== null)) return null;
  const rules = rulesOver(ruledBy(dip), parts);
  return {
    ...{ parts, targets: dip.targets, kitchenMeasures, conditions },
    ...(rules.length > 0 ? { rules } : {}),
  };
}

/** Amounts for the rows of a dip, in order, as edits; rows whose amount stays are left alone. */
export function amountEdits(
  { rows }: Pick<Dip, 'rows'>,
  amounts: readonly (string | undefined)[],
): Edit[] {
  return rows.flatMap((row, i): Edit[] => {
    const amount = amounts[i];
    return amount === undefined || amount === row.amount
      ? []
      : [{ kind: 'amount', rowId: row.id, amount }];
  });
}

/**
 * Landed amounts as a proposal.
 *
 * @param parts one for each row of the dip
 */
export function proposeLanding(
  dip: Dip,
  kitchen: Kitchen,
  parts: readonly Pick<LandedPart, 'amount'>[],
): Proposal {
  return proposeForDip(dip, kitchen, {
    maker: 'landing',
    label: 'Land it',
    edits: amountEdits(
      dip,
      parts.map(({ amount }) => amount),
    ),
  });
}
