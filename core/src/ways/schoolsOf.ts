import { readDip } from '../dip/analyseDip';
import type { Dip } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import { editsBetween } from '../proposal/edit';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Proposal } from '../proposal/proposal';
import { amountSchools } from './amountSchools';
import { blendSchools } from './blendSchools';
import { garlicSchools } from './garlicSchools';
import { habitSchools } from './habitSchools';
import { partSchools } from './partSchools';
import { pestoSchools } from './pestoSchools';
import { pulseSchools } from './pulseSchools';
import type { Asked, School, SchoolOption } from './school';

/** The questions on which cooks disagree that arise in a dip, each with the ways to answer it. */
export function schoolsOf(dip: Dip, kitchen: Kitchen): School[] {
  const asked: Asked = { dip, rows: readDip(dip, kitchen).rows, kitchen };
  return [
    ...pulseSchools(asked),
    ...amountSchools(asked),
    ...garlicSchools(asked),
    ...partSchools(asked),
    ...pestoSchools(asked),
    ...blendSchools(asked),
    ...habitSchools(asked),
  ];
}

/** A way of making a dip as a proposal. */
export function proposeWay(
  dip: Dip,
  { question }: Pick<School, 'question'>,
  option: SchoolOption,
  kitchen: Kitchen,
): Proposal {
  return proposeForDip(dip, kitchen, {
    maker: 'way of making',
    label: question,
    edits: editsBetween(dip, option.dip),
  });
}
