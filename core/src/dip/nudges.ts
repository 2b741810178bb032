import type { MeasureSystem } from '../amounts/measureSystem';
import { spoonOf } from '../amounts/spoon';
import { alwaysAtHand } from '../larder/everyday';
import type { Larder } from '../larder/larder';
import { bodyNames } from '../mix/bodyMoments';
import type { Conditions } from '../mix/conditions';
import { type Figures, figuresOf, targetFigure } from '../mix/figures';
import { mixOf, mixWith } from '../mix/mix';
import type { Part } from '../mix/part';
import { missOf, missUnit, type TargetName, type Targets } from '../mix/targets';

/** Figures that a nudge is looked at for. */
export const nudged = ['freshBody', 'chilledBody', 'saltG', 'acidG', 'garlicG'] as const;
export type Nudged = (typeof nudged)[number];

/** What one spoon or piece of a thing would do. */
export interface Nudge {
  ingredient: string;
  /** One spoon or piece in words: `1 tbsp`. */
  amount: string;
  massG: number;
  /** What the spoon itself costs, €. */
  costEur: number;
  /** Whether the dip has some of it already. */
  inDip: boolean;
  /** By how much each figure moves; null where there is none before or after. */
  change: Record<Nudged, number | null>;
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

/** By how much a target's figure moves from one mix to another; null where there is none. */
export function changeIn(name: TargetName, from: Figures, to: Figures): number | null {
  const before = targetFigure(name, from);
  const after = targetFigure(name, to);
  return before === null || after === null ? null : after - before;
}

/** What is in a bowl, in order, and what it is mended with. */
interface NudgedBowl {
  parts: readonly Part[];
  larder: Larder;
  measures: MeasureSystem;
}

/** What could be added: each ingredient once, where its first row goes, then what is always at hand. */
function candidatesFor({ parts, larder, measures }: NudgedBowl) {
  const found = new Map<string, { part: Part; inDip: boolean }>();
  for (const part of parts) {
    if (part.place !== 'top' && !found.has(part.ingredient.id)) {
      found.set(part.ingredient.id, { part, inDip: part.massG > 0 });
    }
  }
  if (found.size === 0) return [];
  for (const id of alwaysAtHand) {
    const ingredient = larder.get(id);
    if (ingredient && !found.has(id)) {
      found.set(id, { part: { ingredient, massG: 0, cv: 0, place: 'bowl' }, inDip: false });
    }
  }
  return [...found.values()].map((one) => ({
    ...one,
    spoon: spoonOf(one.part.ingredient, measures),
  }));
}

/**
 * What one spoon or piece more of each thing would do to a dip, by the whole model and not by its slope: a spoon may
 * be a long step. What goes on top is left out.
 *
 * @param larder where what is always at hand is found
 * @returns in the dip's order, then what is always at hand
 */
export function nudges(parts: readonly Part[], larder: Larder, conditions: Conditions): Nudge[] {
  const mix = mixOf(parts);
  const now = figuresOf(mix, conditions);
  const candidates = candidatesFor({ parts, larder, measures: conditions.measures });
  return candidates.map(({ part, inDip, spoon }) => {
    const then = figuresOf(mixWith(mix, [{ ...part, massG: spoon.massG }]), conditions);
    const moved = (name: Nudged) => changeIn(name, now, then);
    return {
      ingredient: part.ingredient.id,
      amount: spoon.text,
      massG: spoon.massG,
      costEur: (spoon.massG / 1000) * part.ingredient.costHintEurPerKg,
      inDip,
      change: {
        freshBody: moved('freshBody'),
        chilledBody: moved('chilledBody'),
        saltG: moved('saltG'),
        acidG: moved('acidG'),
        garlicG: moved('garlicG'),
      },
    };
  });
}

const directions: Record<Want, { figure: Nudged; sign: 1 | -1 }> = {
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
  return sign * (nudge.change[figure] ?? 0);
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
export function mostWanted(now: Figures, targets: Targets): Want | null {
  let best: Want | null = null;
  let most = 1e-6;
  const consider = (name: TargetName, more: Want, less: Want) => {
    const band = targets[name];
    const value = targetFigure(name, now);
    if (!band || value === null) return;
    const miss = missOf(value, band) / missUnit[name];
    if (Math.abs(miss) > most) {
      most = Math.abs(miss);
      best = miss > 0 ? more : less;
    }
  };
  for (const name of bodyNames) consider(name, 'stiffer', 'looser');
  consider('saltG', 'saltier', 'less salty');
  consider('acidG', 'sourer', 'less sour');
  consider('garlicG', 'more garlic', 'less garlic');
  return best;
}
