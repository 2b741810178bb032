import type { Place } from '../mix/part';

/** One food of a line, understood: a row of a dip. */
export interface ReadPart {
  /** The cook's words for it. */
  text: string;
  ingredient: string;
  /** As it stands in a row, readable again; `to taste` where it is left open. */
  amount: string;
  /** g ready for the bowl; 0 where the amount is open. */
  massG: number;
  /** g, 90 % range of the way it is measured. */
  low: number;
  high: number;
  place: Place;
  /** How warm it goes in, °C, where the line says. */
  atC?: number;
  /** What is bought or taken raw, where the line says that. */
  raw?: { massG: number };
  optional?: true;
  /** How it is prepared, in the cook's words. */
  note?: string;
  /** How sure it is that this is what was meant, 0–1. */
  sure: number;
}

/** What a question is about. */
export type DoubtKind = 'food' | 'form' | 'amount' | 'unusual' | 'open';

/** Something of a line that is not sure enough to be taken in silence. */
export interface LineQuestion {
  text: string;
  kind: DoubtKind;
  /** In words for the cook. */
  why: string;
  /** The words of the food it is about, by which an answer is remembered; empty where none was found. */
  food: string;
  /** Ids of what it may be, likeliest first, three at most. */
  candidates: string[];
  /** The best guess, where there is one. */
  part?: ReadPart;
}

/** Why nothing comes of a line. */
export type SkipReason = 'heading' | 'step' | 'blank' | 'note';

/** What a line comes to: parts, questions, or why neither. */
export interface LineReading {
  parts: ReadPart[];
  ask: LineQuestion[];
  skipped: SkipReason | null;
}
