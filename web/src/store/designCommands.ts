import type { DesignChosen } from '@cobbet/core/book/newDesign';
import { put, remove } from '@cobbet/core/book/change';
import type { DesignTrial, MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { withResponse } from '@cobbet/core/design/mixtureDesign';
import { type Dip, variantOf } from '@cobbet/core/dip/dip';
import { useBook } from './bookStore';
import { beginRun, newId } from './commands';

/** Keeps trials that were chosen for a dip. */
export async function addDesign(
  planned: Pick<MixtureDesign, 'dipId' | 'name' | 'response' | 'components'>,
  chosen: DesignChosen,
): Promise<string> {
  const id = newId();
  const design: MixtureDesign = {
    ...planned,
    ...chosen,
    ...{ id, createdAt: new Date().toISOString() },
  };
  await useBook
    .getState()
    .act(`Plan trials: ${planned.name}`.slice(0, 120), () => [put('designs', design)]);
  return id;
}

function editDesign(
  id: string,
  label: string,
  edit: (design: MixtureDesign) => MixtureDesign,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const design = book.designs.get(id);
      return design ? [put('designs', edit(design))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** What came of one of its trials; null takes it back. */
export function respond(id: string, trialId: string, y: number | null): Promise<boolean> {
  return editDesign(
    id,
    'What came of a trial',
    (design) => withResponse(design, trialId, y),
    `respond ${id} ${trialId}`,
  );
}

/** One trial more, as it was proposed. */
export function addDesignTrial(id: string, trial: Omit<DesignTrial, 'id' | 'y'>): Promise<boolean> {
  const one = { ...trial, id: newId(), y: null };
  return editDesign(id, 'One trial more', (design) => ({
    ...design,
    trials: [...design.trials, one],
  }));
}

/** Throws a design away; undo brings it back. */
export function dropDesign(id: string): Promise<boolean> {
  return useBook.getState().act('Delete the trials on purpose', () => [remove('designs', id)]);
}

/** A dip with the amounts of one of its trials. */
export const dipOfTrial = (dip: Dip, { amounts }: Pick<DesignTrial, 'amounts'>): Dip => ({
  ...dip,
  rows: dip.rows.map((row) => ({
    ...row,
    amount: amounts.find(({ rowId }) => rowId === row.id)?.amount ?? row.amount,
  })),
});

/** Starts making a dip as one of its trials has it. */
export const beginDesignTrial = (dip: Dip, trial: Pick<DesignTrial, 'amounts'>): Promise<string> =>
  beginRun(dipOfTrial(dip, trial));

/** A variant as one of its trials has it. */
export async function variantOfTrial(
  dip: Dip,
  trial: Pick<DesignTrial, 'amounts'>,
  name: string,
): Promise<string> {
  const id = newId();
  await useBook
    .getState()
    .act(`Variant ${name}`.slice(0, 120), () => [
      put('dips', variantOf(dipOfTrial(dip, trial), id, name, new Date().toISOString())),
    ]);
  return id;
}
