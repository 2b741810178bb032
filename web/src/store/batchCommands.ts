import type { Batch, BatchAgain, KeptWell, Pot, PotEnd, PotPlace } from '@cobbet/core/book/batch';
import { movedPot } from '@cobbet/core/book/batch';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import type { Book } from '@cobbet/core/book/book';
import { type Change, put, remove } from '@cobbet/core/book/change';
import type { KeptContainer } from '@cobbet/core/book/container';
import { batchAccounted, newBatch, type SeenCause } from '@cobbet/core/book/newBatch';
import type { KeptPrice } from '@cobbet/core/book/price';
import { usesOf } from '@cobbet/core/book/takeMade';
import { useBook } from './bookStore';
import { newId } from './newId';
import { today } from './today';

/** A trial's batch, made now where it has none yet. */
export async function batchOfTrial(trialId: string): Promise<string | null> {
  const id = newId();
  let found: string | null = null;
  const make = (book: Book): Change[] => {
    const known = [...book.batches.values()].find((one) => one.trialId === trialId);
    const trial = book.trials.get(trialId);
    const dip = book.dips.get(trial?.dipId ?? '');
    found = known?.id ?? null;
    if (known || !trial || !dip) return [];
    const taken = new Set([...book.batches.values()].map(({ code }) => code));
    const madeOn = today(new Date(trial.madeAt));
    found = id;
    const kitchen = bookKitchen(book);
    const uses = usesOf(book.batches.values(), trialId, kitchen);
    return [put('batches', newBatch(id, trial, dip, kitchen, madeOn, taken, uses))];
  };
  await useBook.getState().act('Into a batch', make, { whole: true });
  return found;
}

function editBatch(
  id: string,
  label: string,
  edit: (batch: Batch) => Batch,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    ({ batches }) => {
      const there = batches.get(id);
      return there ? [put('batches', edit(there))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

const editPot = (batchId: string, label: string, potId: string, edit: (pot: Pot) => Pot) =>
  editBatch(batchId, label, (batch) => ({
    ...batch,
    pots: batch.pots.map((pot) => (pot.id === potId ? edit(pot) : pot)),
  }));

/** What is filled into one kind of container. */
export interface Filled {
  name: string;
  count: number;
  /** g in each. */
  g: number;
  /** Oil on each, g. */
  oilG: number;
}

/** Fills containers from a batch, each one by itself from then on, into the fridge. */
export function fillPots(batchId: string, filled: Filled): Promise<boolean> {
  const pots = Array.from({ length: filled.count }, (): Pot => ({
    ...{ id: newId(), name: filled.name, g: filled.g, oilG: filled.oilG, place: 'fridge' },
    ...{ outMin: 0, outSince: null, gone: null },
  }));
  const label = `Fill ${filled.count} ${filled.name}`.slice(0, 120);
  return editBatch(batchId, label, (batch) => ({ ...batch, pots: [...batch.pots, ...pots] }));
}

/** Puts a pot somewhere else. */
export const movePot = (batchId: string, pot: Pot, place: PotPlace): Promise<boolean> =>
  editPot(batchId, `${pot.name} to the ${place}`, pot.id, (one) =>
    movedPot(one, place, new Date().toISOString(), today()),
  );

/** Says that a pot was opened today. */
export const openPot = (batchId: string, pot: Pot): Promise<boolean> =>
  editPot(batchId, `Open ${pot.name}`, pot.id, (one) => ({ ...one, openedOn: today() }));

/** Says what became of a pot; with null that it is still there. */
export const endPot = (batchId: string, pot: Pot, how: PotEnd | null, why = ''): Promise<boolean> =>
  editPot(batchId, how ? `${pot.name} ${how}` : `${pot.name} is there`, pot.id, (one) => ({
    ...one,
    gone: how ? { how, on: today(), why } : null,
  }));

/** Takes a pot out again that was filled by mistake. */
export const takeBackPot = (batchId: string, pot: Pot): Promise<boolean> =>
  editBatch(batchId, `${pot.name} not filled`, (batch) => ({
    ...batch,
    pots: batch.pots.filter(({ id }) => id !== pot.id),
  }));

/** Says how a batch was when it had stood. */
export const batchKept = (batchId: string, how: KeptWell, days: number): Promise<boolean> =>
  editBatch(batchId, `It was ${how}`, (batch) => ({
    ...batch,
    kept: batch.kept?.how === how ? null : { how, days },
  }));

/** Says whether a batch would be made so again; the same once more takes it back. */
export const batchAgain = (batchId: string, said: BatchAgain): Promise<boolean> =>
  editBatch(batchId, `Make it ${said}`, ({ again, ...batch }) =>
    again === said ? batch : { ...batch, again: said },
  );

/** What a batch weighed out of the machine, where it was weighed later; losses are worked out anew. */
export const weighBatch = (batchId: string, yieldG: number): Promise<boolean> =>
  useBook.getState().act(`It weighs ${yieldG} g`, (book) => {
    const batch = book.batches.get(batchId);
    if (!batch) return [];
    return [put('batches', batchAccounted(batch, bookKitchen(book), { weighedG: yieldG }))];
  });

/** What of a batch was seen to go, g. */
export const seenToGo = (batchId: string, cause: SeenCause, g: number): Promise<boolean> =>
  useBook.getState().act(
    `${g} g ${cause}`,
    (book) => {
      const batch = book.batches.get(batchId);
      if (!batch) return [];
      return [put('batches', batchAccounted(batch, bookKitchen(book), { seen: { [cause]: g } }))];
    },
    { mergeKey: `batch ${batchId} ${cause}` },
  );

/** Says how many minutes a batch took from hot to cold. */
export const batchCooled = (batchId: string, cooledMin: number): Promise<boolean> =>
  editBatch(
    batchId,
    `It cooled in ${cooledMin} min`,
    (batch) => ({ ...batch, cooledMin }),
    `batch ${batchId} cooled`,
  );

/** Says how many minutes of work a batch took. */
export const batchWork = (batchId: string, workMin: number): Promise<boolean> =>
  editBatch(
    batchId,
    `It took ${workMin} min`,
    (batch) => ({ ...batch, workMin }),
    `batch ${batchId} work`,
  );

/** Takes a batch out with its pots. */
export const deleteBatch = ({ id, code }: Batch): Promise<boolean> =>
  useBook.getState().act(`Delete batch ${code}`, () => [remove('batches', id)]);

/** Keeps a kind of container. */
export const keepContainer = (container: KeptContainer): Promise<boolean> =>
  useBook.getState().act(container.name, () => [put('containers', container)]);

/** Takes a kind of container out. */
export const dropContainer = ({ id, name }: KeptContainer): Promise<boolean> =>
  useBook.getState().act(`No ${name}`, () => [remove('containers', id)]);

/** Keeps a price as it was paid. */
export const keepPrice = (price: KeptPrice): Promise<boolean> =>
  useBook.getState().act('A price', () => [put('prices', price)]);

/** Takes a price out. */
export const dropPrice = ({ id }: KeptPrice): Promise<boolean> =>
  useBook.getState().act('A price taken out', () => [remove('prices', id)]);
