import { bodyAt, chilled, fresh } from '../body/bodyAt';
import { bodyState } from '../body/bodyModel';
import type { Method } from '../body/conditions';
import { addTo, type BowlSums, emptyBowl } from '../bowl/bowlSums';
import { type Part, partSumsPerGram } from '../bowl/part';
import type { Correction } from '../calibration/correction';
import type { Larder } from '../larder/larder';
import { missOf, missUnit, type Targets } from '../landing/targets';
import type { MeasureSystem } from '../quantity/measureSystem';
import { per100g } from '../seasoning/per100g';
import { spoonOf } from './spoon';

/** Figures of a dip that a nudge moves. */
export interface NudgedFigures {
  /** Just blended at 25 °C, and rested at 5 °C; null for crumbs and an empty bowl. */
  freshBody: number | null;
  chilledBody: number | null;
  saltG: number;
  acidG: number;
  garlicG: number;
}

/** What one spoon or piece of a thing would do: by how much each figure moves. */
export interface Nudge extends NudgedFigures {
  ingredient: string;
  /** One spoon or piece in words: `1 tbsp`. */
  amount: string;
  massG: number;
  /** What the spoon itself costs, €. */
  costEur: number;
  /** Whether the dip has some of it already. */
  inDip: boolean;
}

/** What a cook may want of the next spoon. */
export const wants = [
  'stiffer',
  'looser',
  'saltier',
  'less salty',
  'sourer',
  'less sour',
  'more garlic',
  'less garlic',
] as const;
export type Want = (typeof wants)[number];

/** Things that dips are mended with, without allergens, offered though they are not in yet. */
export const alwaysAtHand = [
  'water',
  'lemon-juice',
  'olive-oil-extra-virgin',
  'sea-salt-fine',
] as const;

interface Bowl {
  blended: BowlSums;
  all: BowlSums;
}

function figures(
  { blended, all }: Bowl,
  method: Method,
  correction: Correction | undefined,
): NudgedFigures {
  const state = bodyState(blended);
  const body = (moment: typeof fresh) =>
    !state || state.crumbs ? null : bodyAt(blended, state, method, moment, correction);
  const { saltG, acidG, garlicG } = per100g(all);
  return { freshBody: body(fresh), chilledBody: body(chilled), saltG, acidG, garlicG };
}

const between = (to: number | null, from: number | null) =>
  to === null || from === null ? null : to - from;

/** What is nudged: the parts of a dip and the conditions it is reckoned under. */
export interface NudgeInput {
  parts: readonly Part[];
  method: Method;
  measures: MeasureSystem;
  larder: Larder;
  correction?: Correction;
}

/**
 * What one spoon or piece more of each thing would do to a dip, by the whole model and not by its slope: a spoon may
 * be a long step. Each ingredient once, where its first row goes; what goes on top is left out.
 *
 * @returns in the dip's order, then what is always at hand
 */
export function nudges({ parts, method, measures, larder, correction }: NudgeInput): Nudge[] {
  const bowl: Bowl = { blended: emptyBowl(), all: emptyBowl() };
  const candidates = new Map<string, { part: Part; inDip: boolean }>();
  for (const part of parts) {
    if (part.place === 'top') continue;
    const per = partSumsPerGram(part);
    addTo(bowl.all, per, part.massG);
    if (part.place === 'bowl') addTo(bowl.blended, per, part.massG);
    if (!candidates.has(part.ingredient.id)) {
      candidates.set(part.ingredient.id, { part, inDip: part.massG > 0 });
    }
  }
  if (candidates.size === 0) return [];
  for (const id of alwaysAtHand) {
    const ingredient = larder.get(id);
    if (ingredient && !candidates.has(id)) {
      candidates.set(id, { part: { ingredient, massG: 0, cv: 0, place: 'bowl' }, inDip: false });
    }
  }
  const now = figures(bowl, method, correction);
  return [...candidates.values()].map(({ part, inDip }) => {
    const spoon = spoonOf(part.ingredient, measures);
    const per = partSumsPerGram(part);
    const more: Bowl = { blended: bowl.blended, all: bowl.all.slice() };
    addTo(more.all, per, spoon.massG);
    if (part.place === 'bowl') {
      more.blended = bowl.blended.slice();
      addTo(more.blended, per, spoon.massG);
    }
    const then = figures(more, method, correction);
    return {
      ingredient: part.ingredient.id,
      amount: spoon.text,
      massG: spoon.massG,
      costEur: (spoon.massG / 1000) * part.ingredient.costHintEurPerKg,
      inDip,
      freshBody: between(then.freshBody, now.freshBody),
      chilledBody: between(then.chilledBody, now.chilledBody),
      saltG: then.saltG - now.saltG,
      acidG: then.acidG - now.acidG,
      garlicG: then.garlicG - now.garlicG,
    };
  });
}

const directions: Record<Want, { figure: keyof NudgedFigures; sign: 1 | -1 }> = {
  stiffer: { figure: 'freshBody', sign: 1 },
  looser: { figure: 'freshBody', sign: -1 },
  saltier: { figure: 'saltG', sign: 1 },
  'less salty': { figure: 'saltG', sign: -1 },
  sourer: { figure: 'acidG', sign: 1 },
  'less sour': { figure: 'acidG', sign: -1 },
  'more garlic': { figure: 'garlicG', sign: 1 },
  'less garlic': { figure: 'garlicG', sign: -1 },
};

/** How far a nudge goes towards what is wanted; negative when it goes the other way. */
export function towards(nudge: Nudge, want: Want): number {
  const { figure, sign } = directions[want];
  return sign * (nudge[figure] ?? 0);
}

/** Nudges in the order of what is wanted, the one that does most for it first. */
export function sortedNudges(all: readonly Nudge[], want: Want): Nudge[] {
  return [...all].sort((a, b) => towards(b, want) - towards(a, want));
}

/**
 * What a dip wants most by its targets: the figure furthest outside its band.
 *
 * @returns null when every band is met or none is set
 */
export function mostWanted(now: NudgedFigures, targets: Targets): Want | null {
  let best: Want | null = null;
  let most = 1e-6;
  const consider = (name: keyof NudgedFigures, more: Want, less: Want) => {
    const band = targets[name];
    const value = now[name];
    if (!band || value === null) return;
    const miss = missOf(value, band) / missUnit[name];
    if (Math.abs(miss) > most) {
      most = Math.abs(miss);
      best = miss > 0 ? more : less;
    }
  };
  consider('freshBody', 'stiffer', 'looser');
  consider('chilledBody', 'stiffer', 'looser');
  consider('saltG', 'saltier', 'less salty');
  consider('acidG', 'sourer', 'less sour');
  consider('garlicG', 'more garlic', 'less garlic');
  return best;
}
