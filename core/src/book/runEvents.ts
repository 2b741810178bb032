import type { WorkedIn } from '../dip/dip';
import type { Fault, Taste, Verdict } from '../readings/tastes';
import { timesRunning } from '../readings/timesRunning';
import type { TrialRow } from './trialRow';

/** What is to go in, as it stood when the run began. */
export interface PlannedEntry {
  rowId: string;
  planned: TrialRow;
  prep: string;
  /** How it is worked in, where the dip says so. */
  worked?: WorkedIn;
}

/** What went in. */
export interface WentIn {
  /** As it was said. */
  amount: string;
  massG: number;
  cv: number;
  /** ISO 8601 */
  at: string;
}

/** Why a bowl was made otherwise than planned. */
export const reasons = ['had none', 'taste', 'allergy', 'cost', 'machine', 'on purpose'] as const;
export type Reason = (typeof reasons)[number];

/**
 * What goes into the bowl, of the addition it names. Not by the field rows are told apart by: what two tabs say of one
 * addition is two events, never one merged of both.
 */
export type BowlEvent =
  /** An addition went in; said again, the later word counts. */
  | ({ kind: 'in'; entry: string } & WentIn)
  /** An addition was left out; `at` is null in books that did not keep it. */
  | { kind: 'left out'; entry: string; at: string | null }
  /** Something nobody planned went in, before what was then still to come; `before` is null at the end. */
  | {
      kind: 'added';
      entry: string;
      row: TrialRow;
      before: string | null;
      /** The addition it went in for. */
      instead?: string;
      at: string;
    }
  /** A part of an addition is still to come: it stands in line before what is next. */
  | {
      kind: 'kept back';
      entry: string;
      of: string;
      row: TrialRow;
      before: string | null;
      at: string;
    };

/** What happened beside that. */
export type OtherEvent =
  /** Why an addition is not as planned; null takes the reason back. */
  | { kind: 'because'; entry: string; why: Reason | null; at: string }
  /** A taste was marked with so many additions in, or its mark taken away. */
  | { kind: 'tasted'; taste: Taste; verdict: Verdict | null; after: number; at: string }
  /** A fault was seen with so many additions in, or is gone. */
  | { kind: 'seen'; fault: Fault; there: boolean; after: number; at: string }
  | { kind: 'waited'; minutes: number; at: string }
  /** What was in the bowl was brought to a temperature, °C. */
  | { kind: 'heated'; atC: number; at: string }
  | { kind: 'noted'; text: string; at: string }
  | { kind: 'divided'; into: { name: string; massG: number }[]; at: string }
  | { kind: 'weighed'; massG: number; at: string };

/** Something that happened at the bowl. */
export type RunEvent = BowlEvent | OtherEvent;

/** What was planned and what happened, in the order it was said. */
export interface Course {
  plan: PlannedEntry[];
  events: RunEvent[];
}

/** One addition with what became of it; `done` is null until it is in. */
export interface RunEntry extends PlannedEntry {
  done: WentIn | null;
  skipped: boolean;
  /** The addition this is the rest of. */
  restOf?: string;
  /** The addition it went in for. */
  instead?: string;
}

/** Whether an event is of what goes into the bowl. */
export const isOfBowl = (event: RunEvent): event is BowlEvent =>
  event.kind === 'in' ||
  event.kind === 'left out' ||
  event.kind === 'added' ||
  event.kind === 'kept back';

function wentIn(event: BowlEvent | undefined): WentIn | null {
  if (event?.kind !== 'in' && event?.kind !== 'added') return null;
  const { amount, massG, cv } = event.kind === 'in' ? event : event.row;
  return { amount, massG, cv, at: event.at };
}

/** Everything planned or added, in the order of the bowl, with what became of it. */
export function entriesOf({ plan, events }: Course): RunEntry[] {
  const order: Omit<RunEntry, 'done' | 'skipped'>[] = [...plan];
  const last = new Map<string, BowlEvent>();
  for (const event of events) {
    if (!isOfBowl(event)) continue;
    last.set(event.entry, event);
    if (event.kind !== 'added' && event.kind !== 'kept back') continue;
    const at = order.findIndex(({ rowId }) => rowId === event.before);
    order.splice(at < 0 ? order.length : at, 0, {
      rowId: event.entry,
      planned: event.row,
      prep: '',
      ...(event.kind === 'kept back' ? { restOf: event.of } : {}),
      ...(event.kind === 'added' && event.instead !== undefined ? { instead: event.instead } : {}),
    });
  }
  return order.map((entry) => {
    const event = last.get(entry.rowId);
    return { ...entry, done: wentIn(event), skipped: event?.kind === 'left out' };
  });
}

/** An addition as it went in; null for one that is not in. */
export function rowIn({ planned, done }: RunEntry): TrialRow | null {
  return done && { ...planned, amount: done.amount, massG: done.massG, cv: done.cv };
}

/** What has gone in so far, in order. */
export function loggedRows(course: Course): TrialRow[] {
  return entriesOf(course).flatMap((entry) => rowIn(entry) ?? []);
}

/** Why an addition is not as planned, as last said; null where nobody has said. */
export function reasonOf(events: readonly RunEvent[], entry: string): Reason | null {
  const said = events.findLast((event) => event.kind === 'because' && event.entry === entry);
  return said?.kind === 'because' ? said.why : null;
}

/** How many times running each taste of a run was marked as it is now. */
export const timesMarked = (events: readonly RunEvent[]): Partial<Record<Taste, number>> =>
  timesRunning(events.flatMap((event) => (event.kind === 'tasted' ? [event] : [])));

/** Faults seen that nothing has been added since against, in the order they were seen. */
export function faultsNow(course: Course): Fault[] {
  const rows = loggedRows(course).length;
  const there = new Set<Fault>();
  for (const event of course.events) {
    if (event.kind !== 'seen') continue;
    if (event.there && event.after >= rows) there.add(event.fault);
    else there.delete(event.fault);
  }
  return [...there];
}
