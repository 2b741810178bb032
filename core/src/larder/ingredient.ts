import type { Season } from './season';
import type { Traits } from './traits';

/** What an ingredient does in a dip. Decides how willingly a landing moves it. */
export const roles = [
  'legume',
  'sesame-paste',
  'nut-seed',
  'nut-butter',
  'cheese',
  'dairy',
  'vegetable',
  'green',
  'herb',
  'aromatic',
  'umami',
  'oil',
  'liquid',
  'acid',
  'salt',
  'spice',
  'sweetener',
  'bread-starch',
  'crunch',
] as const;
export type Role = (typeof roles)[number];

/** How an ingredient's solids hold water and oil once blended; the body model has one set of parameters for each. */
export const structures = [
  'pulse-firm',
  'pulse-soft',
  'sesame-paste',
  'nut',
  'nut-butter',
  'vegetable',
  'vegetable-watery',
  'aromatic',
  'leaf',
  'dairy-gel',
  'hard-cheese',
  'soft-cheese',
  'dry',
  'bread',
  'emulsion',
  'liquid',
  'oil',
  'salt',
] as const;
export type Structure = (typeof structures)[number];

/** Whether a thing fits a diet; `check` where it depends on how it was made: read the label. */
export type FitsDiet = boolean | 'check';

/** A table of measured foods, labels of bought ones, or judgement. */
export const sourceKinds = ['measured', 'label', 'judged'] as const;
export type SourceKind = (typeof sourceKinds)[number];
export const confidences = ['low', 'medium', 'high'] as const;
export type Confidence = (typeof confidences)[number];

/** What 100 g of an ingredient are made of, g. */
export const compositionKeys = [
  'waterG',
  'fatG',
  'proteinG',
  'starchG',
  'sugarsG',
  'fibreG',
  'saltG',
  'acidG',
  'ashG',
] as const;

/**
 * One ingredient as it enters the bowl. Masses are g per 100 g; density is the bulk density as measured in a cup
 * (g/ml); garlic units are raw-crushed grams per gram; heat, bitter and umami are relative judgements.
 */
export interface Ingredient extends Traits {
  id: string;
  name: string;
  role: Role;
  structure: Structure;
  waterG: number;
  fatG: number;
  proteinG: number;
  starchG: number;
  sugarsG: number;
  fibreG: number;
  saltG: number;
  acidG: number;
  ashG: number;
  densityGPerMl: number;
  /** How the density was measured, in the cook's words. */
  measureNote?: string;
  pieceName: string | null;
  pieceG: number | null;
  /** Net content of one can or package as this cook buys it, g; the usual size when left out. */
  packageG?: number;
  allergens: string[];
  vegan: FitsDiet;
  vegetarian: FitsDiet;
  costHintEurPerKg: number;
  garlicUnits: number;
  heatUnits: number;
  bitterUnits: number;
  umamiUnits: number;
  aliases?: string[];
  /** When this cook can have it; null where it was taken back, left out where nobody has said. */
  season?: Season | null;
  /** Where its figures come from; left out for the cook's own. */
  sourceKind?: SourceKind;
  /** How far they can be trusted. */
  confidence?: Confidence;
  /** Of a dip that goes into others: what it is made of, as shares of its mass. */
  madeOf?: readonly { ingredient: Ingredient; share: number }[];
}

/** An ingredient of one's own with nothing taken from another; traits it does not say are plain. */
export type WholeIngredient = Omit<Ingredient, keyof Traits> & Partial<Traits>;

/** A cook's own ingredient: whole, or like another one but for some facts. The same id corrects a shipped one. */
export type OwnIngredient = WholeIngredient | ({ id: string; like: string } & Partial<Ingredient>);
