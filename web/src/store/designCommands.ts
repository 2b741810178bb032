import { scaleAmountText } from '@cobbet/core/amounts/scaleAmount';
import type { DesignChosen } from '@cobbet/core/book/newDesign';
import { put, remove } from '@cobbet/core/book/change';
import { type Ladder, type LadderStep, withLadderResponse } from '@cobbet/core/design/ladder';
import type { DesignTrial, MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { withResponse } from '@cobbet/core/design/mixtureDesign';
import { type Dip, variantOf } from '@cobbet/core/dip/dip';
import { useBook } from './bookStore';
import { editDip } from './dipCommands';
import { newId } from './newId';
import { addPlan } from './planCommands';
import { beginRun } from './runCommands';
import { inDays } from './today';

/** Keeps trials that were chosen for a dip. */
export async function addDesign(
  planned: Pick<MixtureDesign, 'dipId' | 'name' | 'responses' | 'components' | 'varies'>,
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
export function respond(
  id: string,
  trialId: string,
  response: string,
  y: number | null,
): Promise<boolean> {
  return editDesign(
    id,
    'What came of a trial',
    (design) => withResponse(design, trialId, response, y),
    `respond ${id} ${trialId} ${response}`,
  );
}

/** One trial more, as it was proposed. */
export function addDesignTrial(
  id: string,
  trial: Omit<DesignTrial, 'id' | 'marks'>,
): Promise<boolean> {
  const one = { ...trial, id: newId(), marks: {} };
  return editDesign(id, 'One trial more', (design) => ({
    ...design,
    trials: [...design.trials, one],
  }));
}

/** Puts one day's trials of a plan on a day, together: what they need is prepared once. Noon as many days on. */
export function planDesignDay(
  { name, dipId, trials }: MixtureDesign,
  day: number,
): Promise<string> {
  const massG = trials.reduce((sum, one) => sum + ((one.day ?? 1) === day ? one.massG : 0), 0);
  return addPlan({
    name: `${name}, day ${day}`.slice(0, 200),
    serveAt: `${inDays(day)}T12:30`,
    dips: [{ dipId, massG: Math.round(massG) }],
  });
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

/** Starts making a dip as a mixture has it, without any plan knowing of it. */
export const beginMixture = (dip: Dip, trial: Pick<DesignTrial, 'amounts'>): Promise<string> =>
  beginRun(dipOfTrial(dip, trial));

/** Starts making a dip as one of a plan's trials has it; the plan knows it by that. */
export async function beginDesignTrial(
  id: string,
  dip: Dip,
  trial: Pick<DesignTrial, 'id' | 'amounts'>,
): Promise<string> {
  const run = await beginMixture(dip, trial);
  await editDesign(id, 'Make a trial', (design) => ({
    ...design,
    trials: design.trials.map((one) =>
      one.id === trial.id ? { ...one, made: { kind: 'run', id: run } } : one,
    ),
  }));
  return run;
}

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

/** Keeps a ladder of one thing. */
export async function addLadder(planned: Omit<Ladder, 'id' | 'createdAt'>): Promise<string> {
  const ladder: Ladder = { ...planned, id: newId(), createdAt: new Date().toISOString() };
  await useBook
    .getState()
    .act(`Plan a ladder: ${planned.name}`.slice(0, 120), () => [put('ladders', ladder)]);
  return ladder.id;
}

function editLadder(
  id: string,
  label: string,
  edit: (ladder: Ladder) => Ladder,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const ladder = book.ladders.get(id);
      return ladder ? [put('ladders', edit(ladder))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** What came of one of its bowls; null takes it back. */
export function respondLadder(id: string, stepId: string, y: number | null): Promise<boolean> {
  return editLadder(
    id,
    'What came of a bowl',
    (ladder) => withLadderResponse(ladder, stepId, y),
    `respond ${id} ${stepId}`,
  );
}

/** One bowl more, where it stands among the others. */
export function addLadderStep(
  id: string,
  step: Pick<LadderStep, 'amount' | 'massG'>,
): Promise<boolean> {
  const one: LadderStep = { ...step, id: newId(), y: null };
  return editLadder(id, 'One bowl more', (ladder) => ({
    ...ladder,
    steps: [...ladder.steps, one].sort((a, b) => a.massG - b.massG),
  }));
}

/** Throws a ladder away; undo brings it back. */
export function dropLadder(id: string): Promise<boolean> {
  return useBook.getState().act('Delete the ladder', () => [remove('ladders', id)]);
}

/** Starts making a dip without one of its rows, in another size. */
export const beginLadderBase = (dip: Dip, rowId: string, factor: number): Promise<string> =>
  beginRun({
    ...dip,
    rows: dip.rows.flatMap((row) => {
      if (row.id === rowId) return [];
      const scaled = scaleAmountText(row.amount, factor);
      return [scaled.ok ? { ...row, amount: scaled.value } : row];
    }),
  });

/** Puts an amount that a ladder found into its dip. */
export function takeLadderAmount(
  dipId: string,
  { rowId }: Pick<Ladder, 'rowId'>,
  amount: string,
): Promise<boolean> {
  return editDip(dipId, `Take ${amount} from the ladder`, (dip) => ({
    ...dip,
    rows: dip.rows.map((row) => (row.id === rowId ? { ...row, amount } : row)),
  }));
}
