import { type LinearRule, ruleOff, ruleSides } from '../mix/rule';
import { isFixed, type LandingRow, roleWeight } from './landing';

const mostRounds = 60;
/** So near to holding is exact enough, as a share. */
const exact = 1e-4;

/**
 * Masses that keep rules, each moved the less the more it makes the dip what it is: projections onto one broken rule after the other
 * (Kaczmarz 1937), in shares of what is there. What is held and what is on top stays.
 *
 * @param masses of all parts, g
 * @returns g of each, in order; as near as can be where rules fight
 */
export function massesKeeping(
  rules: readonly LinearRule[],
  parts: readonly LandingRow[],
  masses: readonly number[],
): number[] {
  const kept = [...masses];
  const give = parts.map((part, i) => {
    const massG = masses[i] ?? 0;
    return isFixed(part) ? 0 : (massG * massG) / roleWeight[part.ingredient.role];
  });
  for (let round = 0; round < mostRounds; round += 1) {
    let broken = false;
    for (const rule of rules) {
      if (Math.abs(ruleOff(rule, kept)) <= exact) continue;
      const slope = parts.map((_, i) => (rule.left[i] ?? 0) - (rule.right[i] ?? 0));
      const steep = slope.reduce((sum, one, i) => sum + one * one * (give[i] ?? 0), 0);
      if (!(steep > 0)) continue;
      broken = true;
      const { left, right } = ruleSides(rule, kept);
      const by = (left - right) / steep;
      slope.forEach((one, i) => {
        kept[i] = Math.max(0, (kept[i] ?? 0) - by * one * (give[i] ?? 0));
      });
    }
    if (!broken) break;
  }
  return kept;
}

/**
 * How many times as much of one side makes a rule hold exactly.
 *
 * @param moved whether each part is on the side that moves
 * @returns null where no amount of it does
 */
export function timesToHold(
  { left, right }: LinearRule,
  masses: readonly number[],
  moved: readonly boolean[],
): number | null {
  let [moving, staying] = [0, 0];
  masses.forEach((massG, i) => {
    const by = ((left[i] ?? 0) - (right[i] ?? 0)) * massG;
    if (moved[i] === true) moving += by;
    else staying += by;
  });
  const times = -staying / moving;
  return Number.isFinite(times) && times > 0 ? times : null;
}
