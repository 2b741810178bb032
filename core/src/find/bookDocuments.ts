import { markedBy } from '../design/mixtureDesign';
import type { Book } from '../book/book';
import type { KeptSwap } from '../book/keptSwap';
import type { Trial } from '../book/trial';
import type { Dip } from '../dip/dip';
import type { Larder } from '../larder/larder';
import { type BodyWord, bodyWord } from '../mix/bodyWords';
import type { TasteMarks } from '../readings/tastes';
import { takeReading } from '../readings/takeReading';
import type { MarkKey, SearchDocument } from './searchDocument';

/** What documents are made with. */
interface Words {
  larder: Larder;
  /** What a dip as it is written is to be; worked out by who asks, since it takes the model. */
  bodyOf: (dip: Dip) => BodyWord | null;
}

/** Records do not change, so that each is read once for what it depends on. */
const known = new WeakMap<object, { of: string; larder: Larder; document: SearchDocument }>();

function once(
  record: object,
  of: string,
  larder: Larder,
  make: () => SearchDocument,
): SearchDocument {
  const found = known.get(record);
  if (found?.of === of && found.larder === larder) return found.document;
  const document = make();
  known.set(record, { of, larder, document });
  return document;
}

/** Names and allergens of ingredients by id. */
function inIt(ids: readonly string[], larder: Larder) {
  const found = [...new Set(ids)].flatMap((id) => larder.get(id) ?? []);
  return {
    things: found.map(({ name }) => name).join(', '),
    allergens: [
      ...new Set(
        found.flatMap(({ allergens, garlicUnits }) => [
          ...allergens,
          ...(garlicUnits > 0 ? ['garlic'] : []),
        ]),
      ),
    ],
  };
}

const marksOf = (tastes: TasteMarks): MarkKey[] =>
  Object.entries(tastes).map(([taste, verdict]) => `${taste} ${verdict}` as MarkKey);

/** What was said, sentence after sentence; a stop only where there is none. */
const said = (...parts: readonly (string | undefined)[]) =>
  parts
    .flatMap((part) => (part === undefined || part.trim() === '' ? [] : [part.trim()]))
    .map((part, i, all) => (i < all.length - 1 && !/[.!?…:;]$/.test(part) ? `${part}.` : part))
    .join(' ');

const empty = {
  ...{ dipId: null, things: '', notes: '', people: '', on: '', body: null },
  ...{ marks: [], allergens: [] },
} as const;

function dipDocument(dip: Dip, { larder, bodyOf }: Words): SearchDocument {
  return {
    ...{ key: `dip ${dip.id}`, kind: 'dip', id: dip.id, dipId: dip.id, title: dip.name },
    ...inIt(
      dip.rows.map(({ ingredientId }) => ingredientId),
      larder,
    ),
    notes: said(dip.note, dip.nextThing, ...dip.rows.map(({ prep }) => prep)),
    ...{ people: dip.source ?? '', on: dip.createdAt.slice(0, 10), body: bodyOf(dip), marks: [] },
  };
}

function trialDocument(trial: Trial, dipName: string, larder: Larder): SearchDocument {
  const last = trial.readings.filter(({ leftOut }) => !leftOut).at(-1);
  const gates = trial.gates ?? [];
  const told = (trial.made?.events ?? []).flatMap((event) =>
    event.kind === 'noted' ? [event.text] : [],
  );
  return {
    ...{ key: `trial ${trial.id}`, kind: 'trial', id: trial.id, dipId: trial.dipId },
    title: `${dipName}, trial ${trial.number}`,
    ...inIt(
      trial.rows.map(({ ingredientId }) => ingredientId),
      larder,
    ),
    notes: said(trial.notes, trial.changeNext, ...told, ...gates.map((gate) => gate.eatenWith)),
    ...{ people: trial.madeBy ?? '', on: trial.madeAt.slice(0, 10) },
    body: last ? bodyWord(takeReading(last.taken).body) : null,
    marks: [...new Set([trial.tastes, ...gates.map(({ tastes }) => tastes)].flatMap(marksOf))],
  };
}

function swapDocument(swap: KeptSwap, dipName: string, larder: Larder): SearchDocument {
  const [from, to] = [swap.from, swap.to].map(
    ({ ingredientId }) => larder.get(ingredientId)?.name ?? ingredientId,
  );
  return {
    ...{ ...empty, key: `swap ${swap.id}`, kind: 'swap', id: swap.id, dipId: swap.dipId },
    title: `${to ?? ''} for ${from ?? ''}, ${dipName}`,
    things: [from, to].join(', '),
    notes: said(swap.said, swap.why ?? '', swap.whyWords, swap.verdict ?? ''),
    on: swap.at.slice(0, 10),
  };
}

function smallDocuments(book: Book, larder: Larder): SearchDocument[] {
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const dipName = (id: string) => book.dips.get(id)?.name ?? '';
  return [
    ...[...book.tastings.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `tasting ${one.id}`, kind: 'tasting', id: one.id, title: one.name },
      things: one.samples.map(({ name }) => name).join(', '),
      notes: said(one.eatenWith, ...one.marks.map(({ note }) => note)),
      people: said(...one.seats.map(({ name }) => name), one.guests),
      on: one.createdAt.slice(0, 10),
    })),
    ...[...book.plans.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `plan ${one.id}`, kind: 'plan', id: one.id, title: one.name },
      things: one.dips.map(({ dipId }) => dipName(dipId)).join(', '),
      on: one.serveAt.slice(0, 10),
    })),
    ...[...book.designs.values(), ...book.ladders.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `trials on purpose ${one.id}`, kind: 'trials on purpose', id: one.id },
      ...{ dipId: one.dipId, title: `${one.name}, ${dipName(one.dipId)}`, notes: markedBy(one) },
      on: one.createdAt.slice(0, 10),
    })),
    ...[...book.things.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `thing ${one.id}`, kind: 'thing', id: one.id, title: one.name },
      ...inIt(
        one.rows.map(({ ingredientId }) => ingredientId),
        larder,
      ),
      ...{ notes: one.note, on: one.createdAt.slice(0, 10) },
    })),
    ...[...book.stock.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `stock ${one.id}`, kind: 'stock', id: one.id, title: nameOf(one.id) },
      ...{ ...inIt([one.id], larder), notes: one.amount, on: one.useBy ?? '' },
    })),
    ...[...book.byproducts.values()].map((one): SearchDocument => ({
      ...{ ...empty, key: `left over ${one.id}`, kind: 'left over', id: one.id, title: one.what },
      ...{ notes: said(one.nextUse, one.from), on: one.keptOn },
    })),
  ];
}

/**
 * Everything of a book that can be looked for. A record that has not changed since gives the same object, so that an index learns only what is
 * new.
 *
 * @param words the larder that names what is in it, and what the dips are to be
 */
export function bookDocuments(book: Book, { larder, bodyOf }: Words): SearchDocument[] {
  const dipName = (id: string) => book.dips.get(id)?.name ?? 'a dip that is gone';
  return [
    ...[...book.dips.values()].map((dip) => {
      const body = bodyOf(dip);
      return once(dip, body ?? '', larder, () => dipDocument(dip, { larder, bodyOf: () => body }));
    }),
    ...[...book.trials.values()].map((trial) => {
      const name = dipName(trial.dipId);
      return once(trial, name, larder, () => trialDocument(trial, name, larder));
    }),
    ...[...book.swaps.values()].map((swap) => {
      const name = dipName(swap.dipId);
      return once(swap, name, larder, () => swapDocument(swap, name, larder));
    }),
    ...[...book.batches.values()].map((batch) =>
      once(batch, '', larder, () => ({
        ...{ ...empty, key: `batch ${batch.id}`, kind: 'batch', id: batch.id, dipId: batch.dipId },
        title: `${batch.name}, ${batch.code}`,
        ...inIt(
          batch.rows.map(({ ingredientId }) => ingredientId),
          larder,
        ),
        notes: said(batch.kept?.how, ...batch.pots.map(({ name }) => name)),
        on: batch.madeOn,
      })),
    ),
    ...smallDocuments(book, larder),
  ];
}
