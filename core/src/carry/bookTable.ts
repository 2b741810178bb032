import type { Book } from '../book/book';
import { bookKitchen } from '../book/bookKitchen';
import { type ReadingTaken, takeReading } from '../readings/takeReading';
import { compositionKeys } from '../larder/ingredient';
import { wayOf } from '../readings/keptReading';
import { tastes } from '../readings/tastes';
import { bodyWord } from '../mix/bodyWords';
import { jarNames } from '../taste/tasting';
import { type Cell, csvTable } from './csvTable';
import { wentIn } from './wentIn';

/** Tables a book can be taken out as. */
export const tableKinds = ['trials', 'readings', 'tastings', 'larder', 'prices', 'stock'] as const;
export type TableKind = (typeof tableKinds)[number];

interface Rows {
  fields: readonly string[];
  rows: readonly (readonly Cell[])[];
}

const day = (iso: string) => iso.slice(0, 10);
const byDay =
  <T>(of: (one: T) => string) =>
  (a: T, b: T) =>
    of(a).localeCompare(of(b));

function trialRows(book: Book): Rows {
  const { larder } = bookKitchen(book);
  const trials = [...book.trials.values()].sort(byDay(({ madeAt }) => madeAt));
  return {
    fields: [
      ...['dip', 'trial', 'made on', 'what went in', 'g each', 'g in all', 'g out'],
      ...tastes,
      ...['notes', 'change next', 'made by'],
    ],
    rows: trials.map((trial) => [
      ...[book.dips.get(trial.dipId)?.name ?? '', trial.number, day(trial.madeAt)],
      wentIn(trial, larder),
      trial.rows.map(({ massG }) => Number(massG.toFixed(2))).join('; '),
      Number(trial.rows.reduce((sum, { massG }) => sum + massG, 0).toFixed(1)),
      trial.yieldG,
      ...tastes.map((taste) => trial.tastes[taste] ?? ''),
      ...[trial.notes, trial.changeNext, trial.madeBy ?? ''],
    ]),
  };
}

/** What was measured in a test. */
function testCells(taken: ReadingTaken): Cell[] {
  if ('ring' in taken) {
    const { diameterMm, heightMm, ringMm, ringHeightMm, densityGPerMl } = taken.ring;
    return [diameterMm, heightMm ?? null, ringMm, ringHeightMm, densityGPerMl, null, null, ''];
  }
  if ('press' in taken) {
    const { diameterMm, loadG, volumeMl, coarse } = taken.press;
    return [diameterMm, null, null, null, null, loadG, volumeMl, coarse ? 'yes' : ''];
  }
  return Array.from({ length: 8 }, () => null);
}

function readingRows(book: Book): Rows {
  const trials = [...book.trials.values()].sort(byDay(({ madeAt }) => madeAt));
  return {
    fields: [
      ...['dip', 'trial', 'taken at', 'when', 'how', 'word', 'body', 'sd'],
      ...['diameter mm', 'height mm', 'ring mm', 'ring height mm', 'g per ml'],
      ...['load g', 'volume ml', 'coarse', '°C', 'left out'],
    ],
    rows: trials.flatMap(({ dipId, number, readings }) =>
      readings.map((reading) => {
        const { body, sd } = takeReading(reading.taken);
        return [
          ...[book.dips.get(dipId)?.name ?? '', number, reading.takenAt, reading.when],
          ...[wayOf(reading.taken), bodyWord(body), Number(body.toFixed(2)), Number(sd.toFixed(2))],
          ...testCells(reading.taken),
          ...[reading.atC, reading.leftOut ? 'yes' : ''],
        ];
      }),
    ),
  };
}

function tastingRows(book: Book): Rows {
  const all = [...book.tastings.values()].sort(byDay(({ createdAt }) => createdAt));
  return {
    fields: [
      'tasting',
      'on',
      'taster',
      'pot',
      'sample',
      'liking',
      ...jarNames,
      'chosen',
      'place',
      'words',
      'note',
    ],
    rows: all.flatMap(({ name, createdAt, closedAt, seats, pots, samples, marks }) =>
      marks.map((mark): Cell[] => {
        const sampleId = pots.find(({ code }) => code === mark.code)?.sampleId;
        // what is what is nobody's business until it is closed
        const sample = closedAt === null ? '' : samples.find(({ id }) => id === sampleId)?.name;
        return [
          ...[name, day(createdAt), seats.find(({ id }) => id === mark.seatId)?.name ?? ''],
          ...[mark.code, sample ?? '', mark.liking ?? null],
          ...jarNames.map((jar) => mark.jar?.[jar] ?? null),
          ...[mark.chosen ? 'yes' : '', mark.rank ?? null, (mark.words ?? []).join('; ')],
          mark.note ?? '',
        ];
      }),
    ),
  };
}

function larderRows(book: Book): Rows {
  const { larder } = bookKitchen(book);
  return {
    fields: [
      ...['id', 'name', 'like', 'role', ...compositionKeys],
      ...['g per ml', 'g a piece', 'allergens', 'own'],
    ],
    rows: [...larder.values()].map((one) => {
      const own = book.larder.get(one.id);
      return [
        ...[one.id, one.name, own && 'like' in own ? own.like : '', one.role],
        ...[...compositionKeys.map((key) => one[key]), one.densityGPerMl, one.pieceG],
        ...[one.allergens.join('; '), own ? 'yes' : ''],
      ];
    }),
  };
}

function priceRows(book: Book): Rows {
  const { larder } = bookKitchen(book);
  return {
    fields: ['ingredient', 'name', 'price', 'for', 'g', 'shop', 'on'],
    rows: [...book.prices.values()]
      .sort(byDay(({ on }) => on))
      .map((one) => [
        ...[one.ingredientId, larder.get(one.ingredientId)?.name ?? '', one.price, one.forAmount],
        ...[Number(one.forG.toFixed(1)), one.shop, one.on],
      ]),
  };
}

function stockRows(book: Book): Rows {
  const { larder } = bookKitchen(book);
  return {
    fields: ['ingredient', 'name', 'amount', 'use by'],
    rows: [...book.stock.values()].map((one) => [
      ...[one.id, larder.get(one.id)?.name ?? '', one.amount, one.useBy ?? ''],
    ]),
  };
}

const rowsOf: Record<TableKind, (book: Book) => Rows> = {
  trials: trialRows,
  readings: readingRows,
  tastings: tastingRows,
  larder: larderRows,
  prices: priceRows,
  stock: stockRows,
};

/** A table of a book as CSV, oldest first where it has days; what is what in an open tasting is not in it. */
export function bookTable(book: Book, kind: TableKind): string {
  const { fields, rows } = rowsOf[kind](book);
  return csvTable(fields, rows);
}
