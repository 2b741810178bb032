import type { Range } from '../statistics/range';

/** What about an ingredient can hurt someone. `safety/cautions.ts` says what of. */
export const hazards = [
  'raw-pulse',
  'lectin-strong',
  'lectin',
  'bitter-lupin',
  'cyanogenic',
  'favism',
  'garlic-in-oil',
  'raw-garlic',
  'raw-in-oil',
  'wild-plant',
  'stinging',
  'raw-egg',
  'unpasteurised',
  'smoked-fish',
  'histamine',
  'infant-honey',
  'read-label',
] as const;
export type Hazard = (typeof hazards)[number];

/** Fats that set in the cold. */
export const settingFats = ['olive', 'coconut', 'milk'] as const;
export type SettingFat = (typeof settingFats)[number];

/** Where a thing waits until it goes in. */
export const storedPlaces = ['room', 'fridge', 'freezer'] as const;
export type Stored = (typeof storedPlaces)[number];

/** How a thing looks once it is blended (J). */
export interface Pigment {
  /** #rrggbb of the thing by itself. */
  hex: string;
  /** How strongly it colours for its mass: 0 clear, 1 as a pulse, 10 a dye. */
  strength: number;
}

/**
 * What decides how an ingredient behaves, beside its composition. Nothing decides by an id or a name: an own ingredient
 * has every trait of the one it is like unless it sets its own.
 */
export interface Traits {
  /** What it is: the shipped id its routes from raw, its pulse and its place in patterns stand under. */
  kind: string;
  hazards: readonly Hazard[];
  /** Which cold-setting fat its fat is; null for one that stays liquid in a fridge. */
  settingFat: SettingFat | null;
  /** Share of it that counts as sesame, 0–1: a blend that merely contains some is 0. */
  sesameShare: number;
  /** Null for the usual colour of its role. */
  pigment: Pigment | null;
  /** How readily it browns once cut, 0–1. */
  browns: number;
  /** A raw plant, which shortens the keeping of a cooked dip. */
  freshRaw: boolean;
  /** Days in the fridge it leaves any dip it is in; null where it sets no limit. */
  keepsDays: number | null;
  /** Where it is taken from: it goes in as warm as that. */
  stored: Stored;
  /** Trimmed leaf from one usual bunch, g; null where it isn't sold so. */
  bunchG: Range | null;
  /** What a can's net content leaves as this, as a share; null where it doesn't come in cans. */
  canShare: Range | null;
  /** Id of the same pulse out of a can; null where there is none. */
  cannedAs: string | null;
  /** Id of the same pulse cooked from dried; null for what isn't canned. */
  cookedAs: string | null;
  /** Usually bought as it goes in, though it could be made from raw. */
  boughtReady: boolean;
  /** An oil that hard shear can turn bitter. */
  fruity: boolean;
  /** Keeps some of the salt strewn on it before it is squeezed. */
  strewnSalt: boolean;
  /** Grains or lumps, though its structure counts as a liquid: it doesn't level itself in a cup. */
  grains: boolean;
  /** Its density is of a cup pressed down, as leaves are measured; a packed cup then weighs no more. */
  measuredPacked: boolean;
  /** g of one by further words it is counted in: a knob, a stick, a sprig. */
  morePieces: Readonly<Record<string, number>>;
  /** How far bought ones differ in salt from what the table says: one standard deviation as a share of it (judgement). */
  saltCv: number;
  /** It brings smoke. */
  smoky: boolean;
  /** Of its fat, saturated, g per 100 g; null where nobody has said. Typical shares of its kind of fat (judged). */
  saturatesG: number | null;
  /** What it is usually sold in and what that holds, g (judged); null where it is sold loose, by the piece, bunch or can. */
  soldAs: { pack: string; g: number } | null;
}

/** Traits of an ingredient that says nothing of them. */
export const plainTraits: Omit<Traits, 'kind'> = {
  hazards: [],
  settingFat: null,
  sesameShare: 0,
  pigment: null,
  browns: 0,
  freshRaw: false,
  keepsDays: null,
  stored: 'room',
  bunchG: null,
  canShare: null,
  cannedAs: null,
  cookedAs: null,
  boughtReady: false,
  fruity: false,
  strewnSalt: false,
  grains: false,
  measuredPacked: false,
  morePieces: {},
  saltCv: 0,
  smoky: false,
  saturatesG: null,
  soldAs: null,
};
