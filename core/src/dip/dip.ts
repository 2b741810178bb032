import type { BodyName } from '../mix/bodyMoments';
import { type Method, usualMethod } from '../mix/method';
import type { GarlicForm, Place } from '../mix/part';
import type { Rule } from '../mix/rule';
import type { Targets } from '../mix/targets';
import type { Family } from '../mix/families';
import type { RawWay } from '../prepare/rawWay';

/** When a dip is tasted while it is made. */
export const tastings = ['end', 'each', 'cold'] as const;
export type Tasting = (typeof tastings)[number];

/** How an addition is worked in. */
export const workings = ['pulse', 'long', 'stream', 'scrape', 'stir'] as const;
export interface WorkedIn {
  how: (typeof workings)[number];
  /** null for as long as it takes */
  minutes: number | null;
  /** What to look for, in the cook's words. */
  lookFor: string;
}

/** One addition of a dip, as the cook wrote it. */
export interface Row {
  id: string;
  ingredientId: string;
  /** As typed; may be unreadable, since nothing typed is lost. */
  amount: string;
  place: Place;
  /** How it is prepared, in the cook's words. */
  prep: string;
  hold: boolean;
  min?: string;
  max?: string;
  garlicForm?: GarlicForm;
  germOut?: boolean;
  /** How it is made ready from raw; null as it is bought, left out the usual way. */
  raw?: RawWay | null;
  /** How warm it goes in, °C; from where it is kept when left out. */
  atC?: number;
  /** How it is worked in; left out the usual way. */
  worked?: WorkedIn;
  /** The amount the cook has said is right, as it was typed then. */
  sure?: string;
  /** Nothing else may go in instead, and why, in the cook's words. */
  noSubstitute?: string;
  /** It is left open what it is: `any soft green`. */
  open?: OpenRole;
}

/** A row whose filling changes with what there is. */
export interface OpenRole {
  /** In the cook's words. */
  said: string;
  /** Ingredients that are compared for it, by id; what is in the row is one more. */
  among: readonly string[];
}

/** Fillings of one open row that are compared side by side: more than fit beside each other help nobody. */
export const mostFillings = 8;

/** An addition to the bowl with nothing more said of it. */
export function plainRow(id: string, ingredientId: string, amount: string): Row {
  return { id, ingredientId, amount, place: 'bowl', prep: '', hold: false };
}

/** Rules one dip may have. */
export const mostRules = 20;

/** Additions one dip may hold: far more than any has. */
export const mostRows = 200;

/** A dip or a variant of one. */
export interface Dip {
  id: string;
  name: string;
  family: Family;
  /** The dip it was made from; null for a base. */
  parentId: string | null;
  /** Rows of that dip as this one last saw them; left out until they change. */
  seen?: readonly Row[];
  /** How that dip was made and what it was to be, as this one last saw it; left out until it changes. */
  seenAs?: DipMaking;
  /** Takes over what changes there, where nothing was made of it here. */
  follows?: true;
  /** Where it comes from and whose it is, in the cook’s words. */
  source?: string;
  note: string;
  rows: Row[];
  method: Method;
  machineId: string;
  /** °C */
  servedAtC: number;
  /** Minutes from the machine to the table, where the cook has said; rested through else. */
  servedAfterMin?: number;
  /** The moments of use it is looked at, where the cook has chosen. */
  moments?: readonly BodyName[];
  /** g a person eats */
  portionG: number;
  /** Id of the ingredient the dip is named for, where the cook says so. */
  leadId?: string;
  targets: Targets;
  /** What holds between its rows. */
  rules?: readonly Rule[];
  /** When it is tasted, where the cook has chosen: at the end, after each addition, at the gate and again cold. */
  tasting?: Tasting;
  /** Days it is kept in the fridge, where the cook has chosen. */
  keepDays?: number;
  /** It goes into other dips, under its name. */
  goesIn?: true;
  /** What to do next with it, in the cook's words. */
  nextThing: string;
  /** ISO 8601 */
  createdAt: string;
}

/** What of a dip is of the whole of it: how it is made, what it is to be, what holds between its rows. */
export type DipMaking = Pick<
  Dip,
  'method' | 'machineId' | 'tasting' | 'keepDays' | 'targets' | 'rules'
>;

/** How a dip is made and what it is to be. */
export function makingOf({ method, machineId, tasting, keepDays, targets, rules }: Dip): DipMaking {
  return {
    ...{ method, machineId, targets },
    ...(tasting ? { tasting } : {}),
    ...(keepDays === undefined ? {} : { keepDays }),
    ...(rules ? { rules } : {}),
  };
}

/**
 * A new dip with nothing in it yet.
 *
 * @param id unique in the book
 * @param now ISO 8601
 */
export function emptyDip(id: string, name: string, now: string): Dip {
  return {
    id,
    name,
    family: 'pulse',
    parentId: null,
    note: '',
    rows: [],
    method: { ...usualMethod },
    machineId: 'food-processor',
    servedAtC: 8,
    portionG: 60,
    targets: {},
    nextThing: '',
    createdAt: now,
  };
}

/** When a dip is tasted: at the gate and cold where the cook has not said. */
export const tastingOf = (dip: Pick<Dip, 'tasting'>): Tasting => dip.tasting ?? 'cold';

/** A variant: everything of its parent, under a name of its own. */
export function variantOf(parent: Dip, id: string, name: string, now: string): Dip {
  const { follows: _follows, goesIn: _goesIn, ...own } = parent;
  return {
    ...own,
    id,
    name,
    parentId: parent.id,
    seen: parent.rows,
    seenAs: makingOf(parent),
    note: '',
    nextThing: '',
    createdAt: now,
    rows: parent.rows.map((row) => ({ ...row })),
  };
}
