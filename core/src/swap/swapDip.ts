import type { DipInKitchen } from '../dip/analyseDip';
import { type Dip, mostFillings, type OpenRole, plainRow, type Row } from '../dip/dip';
import { leadFlavour } from '../dip/leadFlavour';
import { ruledBy } from '../dip/rulesOf';
import { workedMethod } from '../dip/workedMethod';
import type { Kitchen } from '../kitchen/kitchen';
import { landingQuestion } from '../landing/landDip';
import type { LandingPart } from '../landing/landParts';
import type { Ingredient } from '../larder/ingredient';
import { routesTo } from '../prepare/prepare';
import type { Edit } from '../proposal/edit';
import type { Proposal } from '../proposal/proposal';
import { proposeForDip } from '../proposal/proposeForDip';
import type { FreeProposal } from './freeOf';
import { keptNames } from './keptFigures';
import type { Candidate } from './swap';
import { type AmountBy, mayAddFrom, type SwapQuestion } from './swapQuestion';

/**
 * A dip as a swap of one of its rows is asked about it.
 *
 * @returns null where a row can't be read, or there is no such row
 */
export function swapQuestionOf(
  read: DipInKitchen,
  kitchen: Kitchen,
  rowId: string,
  amountBy: AmountBy,
): SwapQuestion | null {
  const { dip, rows, conditions, machine } = read;
  const landing = landingQuestion(read, true);
  const index = rows.findIndex(({ row }) => row.id === rowId);
  if (!landing || index < 0) return null;
  const lead = leadFlavour(landing.parts, dip.name, dip.leadId);
  return {
    ...{ parts: landing.parts, index, targets: dip.targets, amountBy, inBowl: false },
    bowl: {
      machine,
      family: dip.family,
      ...(dip.keepDays === undefined ? {} : { keepDays: dip.keepDays }),
    },
    under: {
      ...{ conditions, machine },
      method: workedMethod(dip.method, dip.rows, kitchen.larder),
      worked: dip.rows.map(({ worked }) => worked),
    },
    keep: keptNames,
    mayAdd: mayAddFrom(kitchen.larder),
    ...(lead ? { leadId: lead.ingredient } : {}),
    ...(dip.rules ? { ruled: ruledBy(dip) } : {}),
  };
}

/** What an open row is compared with, once another filling is in: what was in it among them. */
function filledWith({ said, among }: OpenRole, fromId: string, toId: string): OpenRole {
  const others = [fromId, ...among.filter((id) => id !== fromId && id !== toId)];
  return { said, among: others.slice(0, mostFillings) };
}

/** The row with another thing in it: its place, hold, note, limits and working stay where they still make sense. */
export function swappedRow(row: Row, from: Ingredient, to: Ingredient, amount: string): Row {
  const { atC, raw, garlicForm, germOut, min, max, prep, ...others } = row;
  const { sure: _sure, noSubstitute: _none, open, ...rest } = others;
  const alike = from.role === to.role;
  const garlic = from.garlicUnits === 1 && to.garlicUnits === 1;
  const madeSo = raw && routesTo(to).some((route) => route.from === raw.from);
  return {
    ...rest,
    ingredientId: to.id,
    amount,
    ...(open ? { open: filledWith(open, from.id, to.id) } : {}),
    prep: alike ? prep : '',
    ...(atC !== undefined && from.stored === to.stored ? { atC } : {}),
    ...(raw === null || madeSo ? { raw } : {}),
    ...(garlic && garlicForm ? { garlicForm } : {}),
    ...(garlic && germOut !== undefined ? { germOut } : {}),
    ...(alike && min !== undefined ? { min } : {}),
    ...(alike && max !== undefined ? { max } : {}),
  };
}

/**
 * What a candidate changes of a dip, as edits: the row in its place, what makes up for it, what is new at the end.
 *
 * @param newId of a new row
 */
export function swapEdits(
  { rows }: Pick<Dip, 'rows'>,
  rowId: string,
  from: Ingredient,
  { ingredient, amount, others, parts }: Candidate,
  newId: () => string,
): Edit[] {
  const row = rows.find(({ id }) => id === rowId);
  if (!row) return [];
  return [
    { kind: 'replace', row: swappedRow(row, from, ingredient, amount) },
    ...others.flatMap(({ index, to }): Edit[] => {
      const moved = rows[index];
      if (moved) return [{ kind: 'amount', rowId: moved.id, amount: to }];
      const added = parts[index];
      return added
        ? [{ kind: 'add', row: plainRow(newId(), added.ingredient.id, to), before: null }]
        : [];
    }),
  ];
}

/**
 * What making a dip free changes of it, as edits: every row that carried it, what makes up for it, what is new at the end.
 *
 * @param newId of a new row
 */
export function freeEdits(
  { rows }: Pick<Dip, 'rows'>,
  before: readonly LandingPart[],
  { parts, swapped }: FreeProposal,
  newId: () => string,
): Edit[] {
  const out = new Map(swapped.map((one) => [one.index, one]));
  return parts.flatMap((part, index): Edit[] => {
    const row = rows[index];
    const gone = out.get(index);
    if (!row) {
      if (!part) return [];
      const added = plainRow(newId(), part.ingredient.id, part.amountText);
      return [{ kind: 'add', row: added, before: null }];
    }
    if (gone?.to === null) return [{ kind: 'remove', rowId: row.id }];
    if (!part) return [];
    if (gone?.to) {
      return [{ kind: 'replace', row: swappedRow(row, gone.from, gone.to, part.amountText) }];
    }
    return part.amountText === before[index]?.amountText
      ? []
      : [{ kind: 'amount', rowId: row.id, amount: part.amountText }];
  });
}

/** A candidate as a proposal to its dip, with the words it was shown with. */
export function proposeSwap(
  dip: Dip,
  kitchen: Kitchen,
  rowId: string,
  candidate: Candidate,
  newId: () => string,
): Proposal | null {
  const from = kitchen.larder.get(dip.rows.find(({ id }) => id === rowId)?.ingredientId ?? '');
  if (!from) return null;
  return proposeForDip(dip, kitchen, {
    maker: 'swap',
    label: candidate.proposal.label.slice(0, 120),
    edits: swapEdits(dip, rowId, from, candidate, newId),
    why: candidate.words,
  });
}
