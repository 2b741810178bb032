import type { MeasuredSpread } from '../picture/measuredSpread';

/** What a picture can be of. */
export const photoTables = ['trials', 'batches', 'runs'] as const;
export type PhotoTable = (typeof photoTables)[number];

/** A picture of a trial, a batch or a bowl being made. The picture itself is kept beside the book, by the same id. */
export interface Photo {
  id: string;
  of: PhotoTable;
  /** Of the record it is of. */
  ofId: string;
  /** What was being done, in words: `after the chickpeas`. */
  step?: string;
  note: string;
  /** Pixels, upright. */
  widthPx: number;
  heightPx: number;
  /** Of the picture as a JPEG. */
  bytes: number;
  /** ISO 8601 */
  takenAt: string;
  /** What was measured on it. */
  measured?: MeasuredSpread;
}

/** Pictures of a record, oldest first. */
export function photosOf(photos: Iterable<Photo>, of: PhotoTable, ofId: string): Photo[] {
  return [...photos]
    .filter((one) => one.of === of && one.ofId === ofId)
    .sort((a, b) => a.takenAt.localeCompare(b.takenAt) || a.id.localeCompare(b.id));
}

/** Pictures of a bowl, once it is the trial it became. */
export function photosOfTrial(photos: Iterable<Photo>, runId: string, trialId: string): Photo[] {
  return photosOf(photos, 'runs', runId).map((one) => ({ ...one, of: 'trials', ofId: trialId }));
}
