import type { BodyWord } from '../mix/bodyWords';
import type { Taste, Verdict } from '../readings/tastes';

/** What can be found, in the order it is offered where nothing else tells. */
export const foundKinds = [
  'dip',
  'trial',
  'swap',
  'batch',
  'tasting',
  'plan',
  'trials on purpose',
  'thing',
  'stock',
  'left over',
] as const;
export type FoundKind = (typeof foundKinds)[number];

/** A mark of taste as it is looked for. */
export type MarkKey = `${Taste} ${Verdict}`;

/** One thing of the book as it is looked for: what it is called, what is in it, what was said of it. Plain data, so that it crosses to a worker. */
export interface SearchDocument {
  /** Its kind and its id: unique in a book. */
  key: string;
  kind: FoundKind;
  /** The record it is. */
  id: string;
  /** The dip it is of, where it is of one. */
  dipId: string | null;
  title: string;
  /** Names of what is in it. */
  things: string;
  /** Notes, reasons, what to do next, what was said. */
  notes: string;
  /** Who made it, tasted it, or whose it is. */
  people: string;
  /** `2026-05-06`; empty where it has no day. */
  on: string;
  /** What its spoon shows, or what it is to be; null where nobody can say. */
  body: BodyWord | null;
  marks: readonly MarkKey[];
  allergens: readonly string[];
}
