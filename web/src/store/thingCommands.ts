import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { type Change, put, remove } from '@cobbet/core/book/change';
import { takeMade, usesOf, withinItsDay } from '@cobbet/core/book/takeMade';
import type { Thing } from '@cobbet/core/book/thing';
import { thingBatches, type ThingMade, thingRows } from '@cobbet/core/book/thingBatch';
import { newThing, withFreeNames } from '@cobbet/core/book/thingKinds';
import { useBook } from './bookStore';
import { newId } from './newId';
import { today } from './today';

const now = () => new Date().toISOString();

/** Begins a thing made here. */
export async function addThing(kind: string): Promise<string> {
  const thing = newThing(kind, newId(), newId, now());
  await useBook.getState().act(`Made here: ${thing.name}`, (book) => {
    const names = [...bookKitchen(book).larder.values()].map(({ name }) => name);
    return [put('things', withFreeNames(thing, new Set(names)))];
  });
  return thing.id;
}

/** Changes a thing that is still there. */
export function editThing(
  id: string,
  label: string,
  edit: (thing: Thing) => Thing,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    ({ things }) => {
      const there = things.get(id);
      return there ? [put('things', edit(there))] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Takes a thing out; what was made of it stays. */
export const deleteThing = ({ id, name }: Thing): Promise<boolean> =>
  useBook.getState().act(`${name} is made here no longer`, () => [remove('things', id)]);

/** A thing was made just now: a batch of each of what it gives, and what went into it of other made things is taken. */
export function thingMadeNow(id: string, made: ThingMade): Promise<boolean> {
  return useBook.getState().act('Made', (book): Change[] => {
    const thing = book.things.get(id);
    if (!thing) return [];
    const kitchen = bookKitchen(book);
    const [first, second] = [newId(), newId()];
    const day = { madeAt: now(), madeOn: today() };
    const rows = thingRows(thing, kitchen, made.factor);
    const mayGo = withinItsDay(book.batches.values(), kitchen, Date.now(), day.madeOn);
    const taken = takeMade(book.batches.values(), rows, day.madeOn, first, mayGo);
    const codes = new Set([...book.batches.values()].map(({ code }) => code));
    const uses = usesOf(taken, first, kitchen);
    const batches = thingBatches(thing, made, kitchen, [first, second], day, codes, uses);
    return [...taken, ...batches].map((batch) => put('batches', batch));
  });
}
