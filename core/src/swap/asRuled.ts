import { printGrams } from '../amounts/printAmount';
import { rulesOver } from '../dip/rulesOf';
import { massesKeeping } from '../landing/keepRules';
import type { LandingPart } from '../landing/landParts';
import { isKept, tiesPart } from '../mix/rule';
import { asWritten, movedTo } from './measuredPart';
import type { SwapQuestion } from './swapQuestion';

/**
 * Parts moved to what the dip's rules say, in what they are measured in, weighed where no spoon is fine enough; as they are where
 * the rules hold. At the bowl only the newcomer moves, and by what ties it alone: what is in is in.
 */
export function asRuled(
  { ruled, under, inBowl, index }: Pick<SwapQuestion, 'ruled' | 'under' | 'inBowl' | 'index'>,
  parts: LandingPart[],
): LandingPart[] {
  if (!ruled) return parts;
  const rules = rulesOver(ruled, parts).filter((rule) => !inBowl || tiesPart(rule, index));
  const massesOf = (some: readonly LandingPart[]) => some.map(({ massG }) => massG);
  if (rules.every((rule) => isKept(rule, massesOf(parts)))) return parts;
  const { measures } = under.conditions;
  const movable = parts.map((part, i) => (inBowl && i !== index ? { ...part, hold: true } : part));
  const kept = massesKeeping(rules, movable, massesOf(parts));
  const moved = parts.map((part, i) => movedTo(part, kept[i] ?? part.massG, measures));
  const broken = rules.filter((rule) => !isKept(rule, massesOf(moved)));
  return moved.map((part, i) => {
    const weighs = movable[i]?.hold === false && broken.some(({ left }) => (left[i] ?? 0) !== 0);
    return weighs ? (asWritten(part, printGrams(kept[i] ?? part.massG), measures) ?? part) : part;
  });
}
