import type { Fault } from '@cobbet/core/readings/tastes';

/** What can be wrong with a bowl, as it is tapped. */
export const faultWords: Record<Fault, string> = {
  split: 'split or oily',
  grainy: 'grainy',
  gluey: 'gluey',
  warm: 'too warm',
};
