import { bodyWord } from '@cobbet/core/mix/bodyWords';
import { type KeptReading, wayOf } from '@cobbet/core/readings/keptReading';
import { takeReading } from '@cobbet/core/readings/takeReading';
import { bodyFigure } from '../bodyText';

/** The body a kept reading says, at the temperature it was taken. */
export function readBody(reading: Pick<KeptReading, 'taken'>): number {
  return takeReading(reading.taken).body;
}

/** One standard deviation of a kept reading, body. */
export function readingSd(reading: Pick<KeptReading, 'taken'>): number {
  return takeReading(reading.taken).sd;
}

/** A reading in words: `scoops` by eye, `spreads, body 8.1 by press`. */
export function readingText(reading: Pick<KeptReading, 'taken'>): string {
  if ('eye' in reading.taken) return reading.taken.eye;
  const body = readBody(reading);
  return `${bodyWord(body)}, body ${bodyFigure(body)} by ${wayOf(reading.taken)}`;
}

/** A figure typed into a form; null while it is none. */
export function typedNumber(text: string): number | null {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) ? null : value;
}

/** A typed figure between two ends; null with what is wrong where it is none. */
export function typedWithin(
  text: string,
  least: number,
  most: number,
): { value: number | null; problem: string | null } {
  const value = typedNumber(text);
  const fine = value !== null && value >= least && value <= most;
  const said = (end: number) => String(end).replace('-', '−');
  return fine
    ? { value, problem: null }
    : { value: null, problem: `From ${said(least)} to ${said(most)}.` };
}
