import { closeKitchenMeasure } from '../amounts/closeMeasure';
import type { Method } from '../mix/method';
import { garlicOf } from '../mix/part';
import { type Dip, type Row, variantOf } from '../dip/dip';
import type { Kitchen } from '../kitchen/kitchen';
import { editsBetween } from '../proposal/edit';
import { proposeForDip } from '../proposal/proposeForDip';
import type { Proposal } from '../proposal/proposal';
import { keyedRows } from './compareTrials';
import { type RecipeRow, recipeRows } from './recipeRows';
import type { Trial } from './trial';
import type { TrialRow } from './trialRow';

function withBlendC({ blendC: _then, ...method }: Method, blendC: number | undefined): Method {
  return blendC === undefined ? method : { ...method, blendC };
}

/** The dip's row each of a trial's is: by what was planned, else by what it is of. */
function rowsOfDip(dip: Dip, made: readonly RecipeRow[]): (Row | undefined)[] {
  const asRows = dip.rows.map((row): TrialRow => ({ ...row, planned: null, massG: 0, cv: 0 }));
  const byThing = new Map(
    [...keyedRows(asRows).keys()].map((key, i) => [key, dip.rows[i]] as const),
  );
  const byId = new Map(dip.rows.map((row) => [row.id, row]));
  const keys = [...keyedRows(made.map(({ row }) => row)).keys()];
  const taken = new Set<string>();
  return made.map(({ rowId, row }, i) => {
    const planned = rowId === null ? undefined : byId.get(rowId);
    const same = planned?.ingredientId === row.ingredientId ? planned : undefined;
    const found = same ?? byThing.get(keys[i] ?? '');
    if (!found || taken.has(found.id)) return undefined;
    taken.add(found.id);
    return found;
  });
}

/** The amount as a recipe writes it: as it was said; what was divided by weight, or summed of unlike spoons, in kitchen measures. */
function amountOf({ row }: RecipeRow, divided: boolean, { larder, measures }: Kitchen): string {
  const ingredient = larder.get(row.ingredientId);
  return ingredient && (divided || row.amount.includes('+'))
    ? closeKitchenMeasure(row.massG, ingredient, measures).text
    : row.amount;
}

/**
 * A dip as a trial of it was really made: its amounts summed, its method and machine; rows it already has keep what else is said of
 * them.
 *
 * @param newIds for rows the dip has not, at most one for each addition of the trial
 */
function asMade(dip: Dip, trial: Trial, newIds: readonly string[], kitchen: Kitchen): Dip {
  const made = recipeRows(trial);
  const old = rowsOfDip(dip, made);
  return {
    ...dip,
    // how warm it got then is what came of it, not how it is to be made
    method: withBlendC(trial.method, dip.method.blendC),
    machineId: trial.machineId,
    rows: made.map((one, i): Row => {
      const { row } = one;
      const before = old[i];
      const {
        raw: _raw,
        atC: _atC,
        garlicForm: _form,
        germOut: _germ,
        sure: _sure,
        ...plain
      } = before ?? {
        id: newIds[i] ?? `${dip.id}-${trial.id}-${i}`,
        prep: '',
        hold: false,
        place: row.place,
        ingredientId: row.ingredientId,
        amount: '',
      };
      return {
        ...plain,
        ingredientId: row.ingredientId,
        amount: amountOf(one, trial.base !== undefined, kitchen),
        place: row.place,
        ...(row.atC === undefined ? {} : { atC: row.atC }),
        ...(row.raw ? { raw: row.raw } : {}),
        ...garlicOf(row),
      };
    }),
  };
}

/**
 * A variant that starts from a trial as it was really made, under its dip.
 *
 * @param dip the trial's own
 * @param rowIds one for each addition of the trial
 * @param now ISO 8601
 */
export function dipFromTrial(
  dip: Dip,
  trial: Trial,
  id: string,
  name: string,
  rowIds: readonly string[],
  now: string,
  kitchen: Kitchen,
): Dip {
  const { rows, ...made } = asMade(dip, trial, rowIds, kitchen);
  const part = trial.base ? `, ${trial.base.name}` : '';
  return {
    ...variantOf(dip, id, name, now),
    note: `From trial ${trial.number} of ${dip.name}${part}.`,
    method: made.method,
    machineId: made.machineId,
    rows: rows.map((row, i) => ({ ...row, id: rowIds[i] ?? `${id}-${i}`, hold: false })),
  };
}

/**
 * A dip becoming what a trial of it was, as a proposal: its amounts summed, with everything that changes by it.
 *
 * @param newIds for rows the dip has not, one for each addition of the trial
 */
export function proposeTrial(
  dip: Dip,
  trial: Trial,
  newIds: readonly string[],
  kitchen: Kitchen,
): Proposal {
  const made = asMade(dip, trial, newIds, kitchen);
  return proposeForDip(dip, kitchen, {
    maker: 'trial',
    label: `Trial ${trial.number} becomes the dip`,
    edits: editsBetween(dip, made),
  });
}
