import { applyEdits } from '@cobbet/core/proposal/edit';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { editDip } from './dipCommands';

/** Takes a proposal, whatever made it, as one step of undo. */
export function takeProposal(
  dipId: string,
  { label, edits }: Pick<Proposal, 'label' | 'edits'>,
): Promise<boolean> {
  return editDip(dipId, label, (dip) => applyEdits(dip, edits));
}
