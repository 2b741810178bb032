import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import type { Dip } from '@cobbet/core/dip/dip';

/** Where what is varied stands among a dip's rows; -1 for what is no longer in it. */
export const placesOf = (
  { components }: Pick<MixtureDesign, 'components'>,
  { rows }: Pick<Dip, 'rows'>,
): number[] => components.map(({ rowId }) => rows.findIndex(({ id }) => id === rowId));
