import shipped from './data/sources.json';

/** Where the figures of a shipped ingredient come from. */
export interface Source {
  /** How its density was measured; empty where that goes without saying. */
  measureNote: string;
  source: string;
}

const sources: Readonly<Record<string, Source>> = shipped;

/** Where the figures of a shipped ingredient come from, in the table's words; null for one of the cook's own. */
export const sourceOf = (id: string): Source | null => sources[id] ?? null;
