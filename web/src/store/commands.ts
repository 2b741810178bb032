import { type Book, type Settings, settingsOf } from '@cobbet/core/book/book';
import { put, remove } from '@cobbet/core/book/change';
import { type Dip, emptyDip, plainRow, variantOf } from '@cobbet/core/dip/dip';
import { readRow } from '@cobbet/core/dip/readRow';
import { workedMethod } from '@cobbet/core/dip/workedMethod';
import { trialRowOf } from '@cobbet/core/book/trialParts';
import { emptyPlan, type Plan } from '@cobbet/core/day/plan';
import type { StockItem } from '@cobbet/core/book/stock';
import { type Run, startRun } from '@cobbet/core/book/run';
import { type KeptReading, withReading } from '@cobbet/core/readings/keptReading';
import { type Gate, type Trial, withGate } from '@cobbet/core/book/trial';
import type { TrialRow } from '@cobbet/core/book/trialRow';
import type { OwnIngredient } from '@cobbet/core/larder/ingredient';
import type { YieldResult } from '@cobbet/core/prepare/yieldResult';
import type { NewFood } from '@cobbet/core/lines/newFood';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { useBook } from './bookStore';

/** A short id, unique enough for one cook's book. */
export function newId(): string {
  return crypto.randomUUID().slice(0, 13);
}

const deviceZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

const now = () => new Date().toISOString();

/** Changes a dip that is still there. */
export function editDip(
  dipId: string,
  label: string,
  edit: (dip: Dip) => Dip,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const dip = book.dips.get(dipId);
      const next = dip && edit(dip);
      return next && next !== dip ? [put('dips', next)] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Starts a dip with nothing in it. */
export async function addDip(name: string): Promise<string> {
  const id = newId();
  await useBook.getState().act(`New dip ${name}`, () => [put('dips', emptyDip(id, name, now()))]);
  return id;
}

/** Starts a variant of a dip. */
export async function addVariant(parent: Dip, name: string): Promise<string> {
  const id = newId();
  await useBook
    .getState()
    .act(`Variant ${name}`, () => [put('dips', variantOf(parent, id, name, now()))]);
  return id;
}

export function changeSettings(label: string, change: Partial<Settings>): Promise<boolean> {
  return useBook
    .getState()
    .act(label, (book) => [put('settings', { ...settingsOf(book), ...change })]);
}

/** Starts making a dip; rows whose amounts can't be read are left out and must be mended first. */
export async function beginRun(dip: Dip): Promise<string> {
  const id = newId();
  await useBook.getState().act(`Start making ${dip.name}`, (book) => {
    const kitchen = bookKitchen(book);
    const readable = dip.rows.flatMap((row): { row: Dip['rows'][number]; read: TrialRow }[] => {
      const read = trialRowOf(readRow(row, kitchen));
      return read ? [{ row, read }] : [];
    });
    const rows = readable.map(({ row }) => row);
    const planned = readable.map(({ read }) => read);
    const method = workedMethod(dip.method, rows, kitchen.larder);
    return [put('runs', startRun(id, { ...dip, rows, method }, planned, now()))];
  });
  return id;
}

/** Changes a run that is still there. */
export function editRun(
  runId: string,
  label: string,
  edit: (run: Run) => Run,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const run = book.runs.get(runId);
      return run ? [put('runs', edit(run))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Throws a run away, with what was swapped in it: it never became anything. */
export function dropRun(runId: string): Promise<boolean> {
  return useBook
    .getState()
    .act('Stop making', (book) => [
      remove('runs', runId),
      ...[...book.swaps.values()]
        .filter((swap) => swap.runId === runId)
        .map(({ id }) => remove('swaps', id)),
    ]);
}

/** Keeps a reading of a trial. */
export function readTrial(trialId: string, reading: KeptReading): Promise<boolean> {
  return editTrial(trialId, 'Read it', (trial) => withReading(trial, reading));
}

/** Keeps a taste of a trial at its gate. */
export function tasteTrial(trialId: string, gate: Gate): Promise<boolean> {
  return editTrial(trialId, 'Taste it', (trial) => withGate(trial, gate));
}

/** Leaves a trial's reading out of what the kitchen learns, or puts it back. */
export function leaveReadingOut(trialId: string, index: number, out: boolean): Promise<boolean> {
  return editTrial(trialId, out ? 'Leave a reading out' : 'Put a reading back', (trial) => ({
    ...trial,
    readings: trial.readings.map((one, i) => (i === index ? { ...one, leftOut: out } : one)),
  }));
}

function editTrial(trialId: string, label: string, edit: (trial: Trial) => Trial) {
  const change = (book: Book) => {
    const trial = book.trials.get(trialId);
    return trial ? [put('trials', edit(trial))] : [];
  };
  return useBook.getState().act(label, change, { whole: true });
}

export function deleteTrial(trial: Trial): Promise<boolean> {
  return useBook.getState().act(`Delete trial ${trial.number}`, () => [remove('trials', trial.id)]);
}

/** Keeps an ingredient of the cook's own, or a correction of a shipped one. */
export function keepIngredient(own: OwnIngredient, name: string): Promise<boolean> {
  return useBook.getState().act(`Larder: ${name}`, () => [put('larder', own)]);
}

/** Takes an own ingredient out, or a shipped one back to how it shipped. */
export function takeBackIngredient(id: string, name: string): Promise<boolean> {
  return useBook.getState().act(`Larder: ${name} as before`, () => [remove('larder', id)]);
}

/** Starts a day with nothing on it. */
export async function addPlan({
  name,
  serveAt,
  dips,
}: Pick<Plan, 'name' | 'serveAt' | 'dips'>): Promise<string> {
  const id = newId();
  await useBook
    .getState()
    .act(`New day ${name}`, () => [
      put('plans', { ...emptyPlan(id, name, serveAt, now()), dips, zone: deviceZone() }),
    ]);
  return id;
}

/** Changes a plan that is still there. */
export function editPlan(
  planId: string,
  label: string,
  edit: (plan: Plan) => Plan,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const plan = book.plans.get(planId);
      return plan ? [put('plans', edit(plan))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

export function deletePlan(plan: Plan): Promise<boolean> {
  return useBook.getState().act(`Delete ${plan.name}`, () => [remove('plans', plan.id)]);
}

/** Says how much of a thing there is in the house. */
export function keepStock(item: StockItem, name: string): Promise<boolean> {
  return useBook.getState().act(`In the house: ${name}`, () => [put('stock', item)]);
}

/** A thing that is used up. */
export function dropStock(id: string, name: string): Promise<boolean> {
  return useBook.getState().act(`Used up: ${name}`, () => [remove('stock', id)]);
}

/** Starts a dip that has been put together. */
export async function addWholeDip(
  name: string,
  change: Pick<Dip, 'family' | 'targets' | 'note'> & {
    rows: readonly { ingredientId: string; amount: string }[];
  },
): Promise<string> {
  const rows = change.rows.map(({ ingredientId, amount }) =>
    plainRow(newId(), ingredientId, amount),
  );
  return addReadDip(name, { ...change, rows });
}

/** Remembers what a raw thing really gave. */
export function keepYield(result: Omit<YieldResult, 'id' | 'at'>, name: string): Promise<boolean> {
  return useBook
    .getState()
    .act(`Yield of ${name}`, () => [put('yields', { ...result, id: newId(), at: now() })]);
}

/** Forgets what a raw thing has given, so that the table counts again. */
export function forgetYields(ingredientId: string, from: string, name: string): Promise<boolean> {
  return useBook
    .getState()
    .act(`Forget the yields of ${name}`, (book) =>
      [...book.yields.values()]
        .filter((one) => one.ingredientId === ingredientId && one.from === from)
        .map((one) => remove('yields', one.id)),
    );
}

/** Keeps a food the larder has not, like one it has; with a merge key one step with what follows. */
export function keepNewFood(food: NewFood, mergeKey?: string): Promise<boolean> {
  return useBook
    .getState()
    .act(
      `New in the larder: ${food.name}`,
      () => [put('larder', food)],
      mergeKey === undefined ? {} : { mergeKey },
    );
}

/** A dip out of a recipe, with what was answered on the way, as one step of undo. */
export async function addReadDip(
  name: string,
  said: Pick<Dip, 'family' | 'rows' | 'note'> & Partial<Pick<Dip, 'targets'>>,
  picks: ReadonlyMap<string, string> = new Map(),
): Promise<string> {
  const id = newId();
  await useBook.getState().act(`New dip ${name}`, (book) => {
    const settings = settingsOf(book);
    const picked = { ...settings.picked, ...Object.fromEntries(picks) };
    return [
      put('dips', { ...emptyDip(id, name, now()), ...said }),
      ...(picks.size > 0 ? [put('settings', { ...settings, picked })] : []),
    ];
  });
  return id;
}

/** Remembers what the cook meant by the words of a food. */
export function rememberPick(words: string, ingredientId: string): Promise<boolean> {
  return useBook.getState().act(`“${words}” is that`, (book) => {
    const settings = settingsOf(book);
    return [
      put('settings', { ...settings, picked: { ...settings.picked, [words]: ingredientId } }),
    ];
  });
}

/** Forgets what words were said to mean, so that they are asked about again. */
export function forgetPick(words: string): Promise<boolean> {
  return useBook.getState().act(`Ask again about “${words}”`, (book) => {
    const settings = settingsOf(book);
    const { [words]: _gone, ...picked } = settings.picked ?? {};
    return [put('settings', { ...settings, picked })];
  });
}
