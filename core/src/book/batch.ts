import type { LossCause } from '../batch/losses';
import type { Dip } from '../dip/dip';
import type { Family } from '../mix/families';
import type { TrialRow } from './trialRow';

/** Where a pot stands. */
export const potPlaces = ['fridge', 'freezer', 'table'] as const;
export type PotPlace = (typeof potPlaces)[number];

/** What becomes of a pot. */
export const potEnds = ['eaten', 'given', 'sold', 'thrown', 'used'] as const;
export type PotEnd = (typeof potEnds)[number];

/** How a batch was when it had stood, said once. */
export const keptWells = ['fine', 'weeped', 'browned', 'sour'] as const;
export type KeptWell = (typeof keptWells)[number];

/** What is said of a whole batch by those who ate it. */
export const batchAgains = ['again', 'not again'] as const;
export type BatchAgain = (typeof batchAgains)[number];

/** Some of a pot that went into something else. */
export interface Taking {
  g: number;
  /** Local date. */
  on: string;
  /** Id of the trial it went into, or of a made thing's batch. */
  into: string;
}

/** One container of a batch, from when it was filled to when it is gone. Dates are local, `2026-06-12`. */
export interface Pot {
  id: string;
  /** What it is: `jar 200 ml`, `serving bowl`. */
  name: string;
  g: number;
  /** Oil poured on it, g. */
  oilG: number;
  place: PotPlace;
  /** Minutes it has stood out before. */
  outMin: number;
  /** Since when it stands out; null while it does not. ISO 8601. */
  outSince: string | null;
  openedOn?: string;
  frozenOn?: string;
  thawedOn?: string;
  /** What was taken out of it for other dips. */
  taken?: readonly Taking[];
  /** Null while it is there. */
  gone: { how: PotEnd; on: string; why: string } | null;
}

/** What one making gave: how much, where it went, and the pots it fills. */
export interface Batch {
  id: string;
  /** Short, to be read aloud and printed: `WHH-1206-1`. */
  code: string;
  dipId: string;
  /** The dip's name then. */
  name: string;
  /** The trial it is the yield of; null where it was kept by hand. */
  trialId: string | null;
  /** Id in the larder of the made thing it is of, and how long that keeps; left out for a dip. */
  thing?: { ingredientId: string; keepDays: number };
  family: Family;
  machineId: string;
  /** ISO 8601 */
  madeAt: string;
  /** Local date it was made. */
  madeOn: string;
  rows: TrialRow[];
  inG: number;
  yieldG: number;
  weighed: boolean;
  losses: { cause: LossCause; g: number }[];
  portionG: number;
  /** Minutes it took from hot to cold; left out where nobody has said. */
  cooledMin?: number;
  /** Times it was tasted; once where nobody has counted. */
  tastings?: number;
  /** Minutes of work it took, where that is known. */
  workMin?: number;
  /** Made things that went in, with their dates. */
  uses: { name: string; code: string; madeOn: string; fridgeDays: number }[];
  pots: Pot[];
  /** How it was, and after how many days; null while nobody has said. */
  kept: { how: KeptWell; days: number } | null;
  /** Whether it would be made so again, once people have eaten it; left out where nobody said. */
  again?: BatchAgain;
}

/** g of a batch that are in no pot yet. */
export const unpotted = ({ yieldG, pots }: Pick<Batch, 'yieldG' | 'pots'>): number =>
  Math.max(0, yieldG - pots.reduce((sum, { g }) => sum + g, 0));

/** g that are still in a pot. */
export const leftIn = ({ g, taken = [], gone }: Pot): number =>
  gone ? 0 : Math.max(0, g - taken.reduce((sum, one) => sum + one.g, 0));

/** First letters of a dip's name, three at most. */
function initials(name: string): string {
  const words = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 1);
  const letters = words.map((word) => word.charAt(0).toUpperCase()).slice(0, 3);
  return letters.length > 0 ? letters.join('') : 'D';
}

/**
 * A code for a batch that no other has: initials of the dip, day and month, and a figure.
 *
 * @param madeOn local date
 * @param taken codes there are
 */
export function batchCode(
  { name }: Pick<Dip, 'name'>,
  madeOn: string,
  taken: ReadonlySet<string>,
): string {
  const [, month = '', day = ''] = madeOn.split('-');
  const stem = `${initials(name)}-${day}${month}`;
  for (let count = 1; ; count += 1) {
    const code = `${stem}-${count}`;
    if (!taken.has(code)) return code;
  }
}

/** Minutes a pot has stood out by a moment. */
export function outMinutes({ outMin, outSince }: Pot, now: number): number {
  return outMin + (outSince === null ? 0 : Math.max(0, (now - Date.parse(outSince)) / 60_000));
}

/** A pot put somewhere else; out on the table its time runs, frozen and thawed it keeps the dates. */
export function movedPot(pot: Pot, place: PotPlace, at: string, today: string): Pot {
  const { frozenOn, thawedOn, ...rest } = pot;
  const moved: Pot = {
    ...rest,
    place,
    outMin: outMinutes(pot, Date.parse(at)),
    outSince: place === 'table' ? at : null,
  };
  if (place === 'freezer') return { ...moved, frozenOn: today };
  if (frozenOn === undefined) return moved;
  return { ...moved, frozenOn, thawedOn: thawedOn ?? today };
}

/** Whether a pot may be frozen: what was thawed once is not frozen again. */
export const mayFreeze = ({ frozenOn, thawedOn }: Pot): boolean =>
  frozenOn === undefined && thawedOn === undefined;
