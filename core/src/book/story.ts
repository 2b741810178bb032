import { addAmountTexts } from '../amounts/addAmounts';
import type { KeptReading } from '../readings/keptReading';
import type { Fault, Taste, Verdict } from '../readings/tastes';
import {
  type BowlEvent,
  type Course,
  entriesOf,
  isOfBowl,
  type OtherEvent,
  type Reason,
  reasonOf,
  type RunEntry,
  type RunEvent,
} from './runEvents';

export type Going = 'as planned' | 'other' | 'unplanned' | 'instead' | 'rest' | 'left out';

/** An addition in the story of a bowl. */
export interface AdditionLine {
  kind: 'addition';
  rowId: string;
  ingredientId: string;
  /** As it was said, summed where the same was added again; what was planned where it was left out. */
  amount: string;
  planned: string | null;
  massG: number;
  /** In how many goes. */
  times: number;
  going: Going;
  /** The ingredient it went in for. */
  insteadOf: string | null;
  why: Reason | null;
  /** How many additions are in then, itself among them; 0 where it is not. */
  place: number;
  at: string | null;
}

/** One line of the story of a bowl, in the order it happened. */
export type StoryLine =
  | AdditionLine
  | { kind: 'tasted'; marks: { taste: Taste; verdict: Verdict }[]; at: string }
  | { kind: 'seen'; faults: Fault[]; at: string }
  | { kind: 'read'; reading: KeptReading; at: string }
  | Extract<OtherEvent, { kind: 'waited' | 'heated' | 'noted' | 'divided' | 'weighed' }>;

/** What a story is told of. */
export interface Told extends Course {
  readings: readonly KeptReading[];
}

/** How an addition went against what was planned. */
export function goingOf(entry: RunEntry): Going {
  if (!entry.done) return 'left out';
  if (entry.instead !== undefined) return 'instead';
  if (entry.restOf !== undefined) return 'rest';
  if (entry.planned.planned === null) return 'unplanned';
  return entry.planned.planned === entry.done.amount ? 'as planned' : 'other';
}

function additionLine(entry: RunEntry, entries: readonly RunEntry[], events: Told['events']) {
  const { rowId, planned, done, instead } = entry;
  const line: AdditionLine = {
    kind: 'addition',
    rowId,
    ingredientId: planned.ingredientId,
    amount: done?.amount ?? planned.amount,
    planned: planned.planned,
    massG: done?.massG ?? 0,
    times: 1,
    going: goingOf(entry),
    insteadOf:
      entries.find((one) => instead !== undefined && one.rowId === instead)?.planned.ingredientId ??
      null,
    why: reasonOf(events, rowId),
    place: done ? entries.slice(0, entries.indexOf(entry) + 1).filter((one) => one.done).length : 0,
    at: done?.at ?? null,
  };
  return line;
}

/** The same thing added again at once, nobody having planned it, is one line. */
function together(before: StoryLine | undefined, line: AdditionLine): AdditionLine | null {
  if (before?.kind !== 'addition' || before.ingredientId !== line.ingredientId) return null;
  if (line.going !== 'unplanned' || before.going !== 'unplanned') return null;
  const sum = addAmountTexts(before.amount, line.amount);
  if (!sum.ok) return null;
  const { massG, times, place } = line;
  return {
    ...before,
    ...{ place, amount: sum.value, massG: before.massG + massG, times: before.times + times },
  };
}

/** Whether an event says what became of an addition; one kept back is only still to come. */
const saysOf = (event: RunEvent): event is Exclude<BowlEvent, { kind: 'kept back' }> =>
  isOfBowl(event) && event.kind !== 'kept back';

/** Marks made one after another are one tasting; of one taste the last counts. */
function withTasted(lines: StoryLine[], taste: Taste, verdict: Verdict | null, at: string) {
  const before = lines.at(-1);
  const others =
    before?.kind === 'tasted' ? before.marks.filter((mark) => mark.taste !== taste) : [];
  const marks = verdict === null ? others : [...others, { taste, verdict }];
  if (before?.kind === 'tasted') lines.pop();
  if (marks.length > 0) lines.push({ kind: 'tasted', marks, at });
}

function withSeen(lines: StoryLine[], fault: Fault, there: boolean, at: string) {
  const before = lines.at(-1);
  const others = before?.kind === 'seen' ? before.faults.filter((one) => one !== fault) : [];
  const faults = there ? [...others, fault] : others;
  if (before?.kind === 'seen') lines.pop();
  if (faults.length > 0) lines.push({ kind: 'seen', faults, at });
}

/** The addition last spoken of, where it did not go as planned; null where it did. */
export function lastDeviation(course: Course): { entry: RunEntry; going: Going } | null {
  const last = course.events.findLast(saysOf);
  const entry = last && entriesOf(course).find(({ rowId }) => rowId === last.entry);
  if (!entry) return null;
  // half of it is no deviation: the rest is still in line
  const rests = course.events.some(
    (event) => event.kind === 'kept back' && event.of === entry.rowId,
  );
  const going = goingOf(entry);
  return going === 'as planned' || going === 'rest' || rests ? null : { entry, going };
}

/**
 * A bowl as it was made, in the order it happened: what went in and what was left out, each against what was planned and with its
 * reason, what was tasted, read and done in between. What was planned and never spoken of stands at the end as left out.
 */
export function storyOf({ plan, events, readings }: Told): StoryLine[] {
  const entries = entriesOf({ plan, events });
  const byId = new Map(entries.map((entry) => [entry.rowId, entry]));
  const lastOf = new Map<string, number>();
  events.forEach((event, i) => {
    if (saysOf(event)) lastOf.set(event.entry, i);
  });
  const lines: StoryLine[] = [];
  const toRead = [...readings].sort((a, b) => a.takenAt.localeCompare(b.takenAt));
  const readUntil = (at: string | null) => {
    while (at !== null && toRead[0] && toRead[0].takenAt < at) {
      const [reading] = toRead.splice(0, 1);
      if (reading) lines.push({ kind: 'read', reading, at: reading.takenAt });
    }
  };
  events.forEach((event, i) => {
    readUntil(event.at);
    if (saysOf(event)) {
      const entry = byId.get(event.entry);
      // said again, the later word counts
      if (!entry || lastOf.get(event.entry) !== i) return;
      const line = { ...additionLine(entry, entries, events), at: event.at };
      const sum = together(lines.at(-1), line);
      if (sum) lines.splice(-1, 1, sum);
      else lines.push(line);
      return;
    }
    switch (event.kind) {
      case 'tasted':
        withTasted(lines, event.taste, event.verdict, event.at);
        break;
      case 'seen':
        withSeen(lines, event.fault, event.there, event.at);
        break;
      case 'because':
      case 'kept back':
        break;
      default:
        lines.push(event);
    }
  });
  readUntil('9999');
  for (const entry of entries) {
    if (!lastOf.has(entry.rowId)) lines.push(additionLine(entry, entries, events));
  }
  return lines;
}
