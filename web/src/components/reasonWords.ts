import type { Reason } from '@cobbet/core/book/runEvents';

/** Why a bowl was made otherwise than planned, as a cook says it. */
export const reasonWords: Record<Reason, string> = {
  'had none': 'had none',
  taste: 'did not like it',
  allergy: 'an allergy',
  cost: 'the cost',
  machine: 'the machine',
  'on purpose': 'on purpose',
};
