import { plainRow } from '../dip/dip';
import type { Targets } from '../mix/targets';
import type { Addition, Edit } from '../proposal/edit';
import { type Maker, type Proposal, propose, type StartingBowl } from '../proposal/proposal';
import { type Doubts, overshootChance } from './overshoot';
import { additionParts, type Shelf } from './shelf';

/** An addition as the edit of a dip. */
export function additionEdit({ ingredient, amount, place }: Addition): Edit {
  const row = { ...plainRow(`added-${ingredient}`, ingredient, amount), place };
  return { kind: 'add', row, before: null };
}

/**
 * Additions to a bowl with everything they would do, and the chance that they go too far.
 *
 * @param ends how uncertain the ends of the targets are
 */
export function proposeAdditions(
  from: StartingBowl,
  add: readonly Addition[],
  shelf: Shelf,
  targets: Targets,
  maker: Maker,
  why: string,
  ends: Doubts = {},
): Proposal {
  const parts = [...from.parts, ...additionParts(add, shelf)];
  return propose(from, { ...from, parts }, targets, {
    maker,
    label: `Add ${add.map(({ amount }) => amount).join(', ')}`,
    edits: add.map(additionEdit),
    why,
    overshoot: (after, sd) => overshootChance(from.figures, after, sd, targets, ends),
  });
}
