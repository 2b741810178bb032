import { type DipInKitchen, readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import type { Nudge } from '../dip/nudges';
import type { Kitchen } from '../kitchen/kitchen';
import { applyEdits } from './edit';
import { nudgeEdit } from './nudgeEdit';
import { type Bowl, type Proposal, propose, type Proposed, startFrom } from './proposal';

/** A dip read in a kitchen, as a proposal sees it. */
export function bowlOfDip({ dip, parts, conditions, machine }: DipInKitchen): Bowl {
  return {
    parts,
    conditions,
    machine,
    family: dip.family,
    ...(dip.keepDays === undefined ? {} : { keepDays: dip.keepDays }),
  };
}

/** What edits would do to a dip. */
export function proposeForDip(dip: Dip, kitchen: Kitchen, proposed: Proposed): Proposal {
  const from = startFrom(bowlOfDip(readDip(dip, kitchen)));
  const to = bowlOfDip(readDip(applyEdits(dip, proposed.edits), kitchen));
  return propose(from, to, dip.targets, proposed);
}

/**
 * One spoon or piece more of a thing, as a proposal.
 *
 * @param rowId of the new row, if it takes one
 */
export function proposeNudge(dip: Dip, kitchen: Kitchen, nudge: Nudge, rowId: string): Proposal {
  return proposeForDip(dip, kitchen, {
    maker: 'nudge',
    label: `Add ${nudge.amount}`,
    edits: [nudgeEdit(dip, nudge, rowId)],
  });
}
