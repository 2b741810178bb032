import { markedBy } from '../design/mixtureDesign';
import type { Larder } from '../larder/larder';
import { takeReading } from '../readings/takeReading';
import type { TasteMarks } from '../readings/tastes';
import { readingAt } from '../readings/keptReading';
import type { Book } from './book';
import type { Trial } from './trial';

/** What can happen to a dip. */
export type TimelineKind =
  'begun' | 'variant' | 'trial' | 'tasting' | 'batch' | 'swap' | 'on purpose' | 'day';

/** One thing that happened to a dip. */
export interface TimelineEvent {
  kind: TimelineKind;
  /** Of the record it is. */
  id: string;
  /** Local date. */
  on: string;
  /** ISO 8601 where the moment is known, else the date: what came first stands first. */
  at: string;
  title: string;
  /** What came of it, in short. */
  says: string;
  /** Body that was read, chilled where that was read; null where nobody read it. */
  body: number | null;
}

const said = (...parts: readonly (string | null | undefined)[]) =>
  parts.filter((part) => part !== undefined && part !== null && part.trim() !== '').join(' · ');

const marksText = (tastes: TasteMarks) =>
  Object.entries(tastes)
    .filter(([, verdict]) => verdict !== 'right')
    .map(([taste, verdict]) => `${taste} ${verdict}`)
    .join(', ');

function trialEvent(trial: Trial): TimelineEvent {
  const reading = readingAt(trial, 'chilled') ?? readingAt(trial, 'machine');
  const marks = marksText(trial.tastes);
  const tasted = Object.keys(trial.tastes).length > 0;
  return {
    ...{ kind: 'trial', id: trial.id, on: trial.madeAt.slice(0, 10), at: trial.madeAt },
    title: `Trial ${trial.number}`,
    says: said(
      tasted ? (marks === '' ? 'tasted right' : marks) : null,
      trial.notes,
      trial.changeNext === '' ? null : `next: ${trial.changeNext}`,
    ),
    body: reading ? takeReading(reading.taken).body : null,
  };
}

/** The samples of a tasting that are of a dip, as it is written, made or potted. */
function samplesOf(
  book: Book,
  dipId: string,
  samples: readonly { of: { kind: string; id: string } }[],
) {
  return samples.filter(({ of: { kind, id } }) => {
    if (kind === 'dip') return id === dipId;
    if (kind === 'trial') return book.trials.get(id)?.dipId === dipId;
    if (kind === 'batch') return book.batches.get(id)?.dipId === dipId;
    return book.runs.get(id)?.dipId === dipId;
  });
}

/** Everything a book tells of one dip, oldest first. */
export function dipTimeline(book: Book, dipId: string, larder: Larder): TimelineEvent[] {
  const dip = book.dips.get(dipId);
  if (!dip) return [];
  const plain = { says: '', body: null };
  const nameOf = (id: string) => larder.get(id)?.name ?? id;
  const parent = dip.parentId === null ? undefined : book.dips.get(dip.parentId);
  const made = (iso: string) => ({ on: iso.slice(0, 10), at: iso });
  const events: TimelineEvent[] = [
    {
      ...{ ...plain, kind: 'begun', id: dip.id, ...made(dip.createdAt) },
      title: parent ? `Begun as a variant of ${parent.name}` : 'Begun',
      says: dip.source ?? '',
    },
    ...[...book.dips.values()]
      .filter(({ parentId }) => parentId === dipId)
      .map((one): TimelineEvent => ({
        ...{ ...plain, kind: 'variant', id: one.id, ...made(one.createdAt) },
        title: `Variant: ${one.name}`,
      })),
    ...[...book.trials.values()].filter((one) => one.dipId === dipId).map(trialEvent),
    ...[...book.tastings.values()].flatMap((one): TimelineEvent[] => {
      const own = samplesOf(book, dipId, one.samples);
      if (own.length === 0) return [];
      const open = one.closedAt === null;
      return [
        {
          ...{ ...plain, kind: 'tasting', id: one.id, ...made(one.closedAt ?? one.createdAt) },
          title: one.name,
          says: said(
            open ? 'open' : null,
            `${one.seats.length} ${one.seats.length === 1 ? 'taster' : 'tasters'}`,
          ),
        },
      ];
    }),
    ...[...book.batches.values()]
      .filter((one) => one.dipId === dipId && one.thing === undefined)
      .map((one): TimelineEvent => ({
        ...{ ...plain, kind: 'batch', id: one.id, on: one.madeOn, at: one.madeAt },
        title: `Batch ${one.code}`,
        says: said(
          `${one.yieldG.toFixed(0)} g`,
          one.kept && `${one.kept.how} after ${one.kept.days} days`,
        ),
      })),
    ...[...book.swaps.values()]
      .filter((one) => one.dipId === dipId)
      .map((one): TimelineEvent => ({
        ...{ ...plain, kind: 'swap', id: one.id, ...made(one.at) },
        title: `${nameOf(one.to.ingredientId)} for ${nameOf(one.from.ingredientId)}`,
        says: said(one.said, one.verdict),
      })),
    ...[...book.designs.values(), ...book.ladders.values()]
      .filter((one) => one.dipId === dipId)
      .map((one): TimelineEvent => ({
        ...{ ...plain, kind: 'on purpose', id: one.id, ...made(one.createdAt) },
        title: one.name,
        says: markedBy(one),
      })),
    ...[...book.plans.values()]
      .filter(({ dips }) => dips.some((one) => one.dipId === dipId))
      .map((one): TimelineEvent => ({
        ...{ ...plain, kind: 'day', id: one.id, on: one.serveAt.slice(0, 10), at: one.serveAt },
        title: one.name,
      })),
  ];
  return events.sort((a, b) => a.at.localeCompare(b.at) || a.title.localeCompare(b.title));
}
