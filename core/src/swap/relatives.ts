import type { Ingredient, Role } from '../larder/ingredient';
import { states, tasteAlike } from './tasteAlike';

/** Roles that can do another's work where the taste may be another (J). */
const standsInFor: Readonly<Partial<Record<Role, readonly Role[]>>> = {
  'sesame-paste': ['nut-butter', 'nut-seed', 'dairy'],
  'nut-butter': ['sesame-paste', 'nut-seed'],
  'nut-seed': ['nut-butter', 'crunch', 'bread-starch', 'sesame-paste'],
  crunch: ['nut-seed'],
  cheese: ['dairy', 'umami'],
  dairy: ['cheese'],
  herb: ['green'],
  green: ['herb'],
  salt: ['umami'],
  'bread-starch': ['nut-seed', 'legume'],
};

/** How far apart two things taste: the same food in another state, alike, both of garlic, of one role, another role that does its work (J). */
const apartness = { state: 0.1, alike: 0.5, garlic: 1, role: 1.5, other: 2.5 } as const;

const groupsOf = new Map<string, Set<number>>();
tasteAlike.forEach((kinds, group) =>
  kinds.forEach((kind) => {
    const known = groupsOf.get(kind) ?? new Set<number>();
    groupsOf.set(kind, known.add(group));
  }),
);

/** What is told apart by another taste alone and has no other to stand in for it. */
const onlyAlike: readonly Role[] = ['spice', 'aromatic'];

function sameFood(one: Ingredient, other: Ingredient): boolean {
  if (one.kind === other.kind) return true;
  if (states.some((kinds) => kinds.includes(one.kind) && kinds.includes(other.kind))) return true;
  const ids = [other.kind, other.id];
  return [one.cannedAs, one.cookedAs].some((id) => id !== null && ids.includes(id));
}

/**
 * How far from a thing's taste and work another is, that could go in for it.
 *
 * @returns from 0, the same thing, up to 2.5, another role that does its work; null where it can't stand in
 */
export function apart(one: Ingredient, other: Ingredient): number | null {
  if (one.id === other.id) return 0;
  if (sameFood(one, other) || sameFood(other, one)) return apartness.state;
  const own = groupsOf.get(one.kind);
  const alike = [...(groupsOf.get(other.kind) ?? [])].some((group) => own?.has(group));
  if (alike) return apartness.alike;
  if (one.role === 'aromatic' && one.garlicUnits > 0 && other.garlicUnits > 0) {
    return apartness.garlic;
  }
  if (one.role === other.role) return onlyAlike.includes(one.role) ? null : apartness.role;
  return standsInFor[one.role]?.includes(other.role) ? apartness.other : null;
}
