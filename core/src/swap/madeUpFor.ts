import { isWeighed } from '../amounts/isWeighed';
import type { Role } from '../larder/ingredient';
import type { LandingPart } from '../landing/landParts';
import type { Conditions } from '../mix/conditions';
import { rulesOver } from '../dip/rulesOf';
import { mixOf } from '../mix/mix';
import { type LinearRule, tiesPart } from '../mix/rule';
import { dipMass, partSumsPerGram } from '../mix/part';
import { type FitQuestion, fitAmounts, type Kept, misfit, type Movable } from './fitAmounts';
import { movedTo } from './measuredPart';
import type { SwapQuestion } from './swapQuestion';

/**
 * What may make up for a swap: it seasons or loosens and makes it no other dip. By role, shares of the dip: what counts as one whole
 * change beside three tenths of what is there, and how much more may go in beside two and a half times that (J).
 */
const compensating = {
  liquid: { change: 0.03, most: 0.15 },
  oil: { change: 0.02, most: 0.1 },
  salt: { change: 0.001, most: 0.01 },
  acid: { change: 0.01, most: 0.05 },
} as const satisfies Partial<Record<Role, { change: number; most: number }>>;
type CompensatingRole = keyof typeof compensating;
const roles = Object.keys(compensating) as CompensatingRole[];
const changeOfItself = 0.3;
const mostTimes = 2.5;
/** What moving one of them costs, in noticed changes for a whole change of it (J). */
const pull = 0.5;

/** A part is moved only where that saves so much misfit (J). */
const worthMoving = 0.4;
/** What may be added though it is not in yet, at nothing: a liquid or a salt where there is none to move. */
function additions({ parts, index, mayAdd }: SwapQuestion): LandingPart[] {
  const amountText = isWeighed(parts[index]?.amountText ?? '') ? '0 g' : '';
  return mayAdd
    .filter(({ role }) => !parts.some(({ ingredient }) => ingredient.role === role))
    .map((ingredient) => ({ ingredient, massG: 0, cv: 0, place: 'bowl', hold: false, amountText }));
}

/** The parts that may make up for a swap: one of each role, the heaviest, unless it is held or tied. */
function compensators(
  parts: readonly LandingPart[],
  index: number,
  rules: readonly LinearRule[],
): number[] {
  return roles.flatMap((role) => {
    const heaviest = parts
      .map((part, i) => ({ part, i }))
      .filter(({ part, i }) => {
        const { ingredient, place, hold } = part;
        const free = i !== index && !hold && !rules.some((rule) => tiesPart(rule, i));
        return free && ingredient.role === role && place === 'bowl';
      })
      .sort((a, b) => b.part.massG - a.part.massG)[0];
    return heaviest ? [heaviest.i] : [];
  });
}

function movableOf(part: LandingPart, dipG: number, inBowl: boolean): Movable {
  const { change, most } = compensating[part.ingredient.role as CompensatingRole];
  const mostG = part.maxG ?? mostTimes * part.massG + most * dipG;
  return {
    perGram: partSumsPerGram(part),
    place: part.place,
    startG: part.massG,
    leastG: inBowl ? part.massG : Math.min(part.massG, part.minG ?? 0),
    mostG: Math.max(part.massG, mostG),
    scaleG: Math.max(changeOfItself * part.massG, change * dipG),
    pull,
  };
}

/** Others moved so that more is kept, as few as help, in what they are measured in. */
export function madeUpFor(
  question: SwapQuestion,
  after: readonly LandingPart[],
  keep: readonly Kept[],
  conditions: Conditions,
): LandingPart[] {
  const { parts, inBowl } = question;
  const dipG = dipMass(parts);
  const there = [...after, ...additions(question)];
  const rules = question.ruled ? rulesOver(question.ruled, there) : [];
  let moving = compensators(there, question.index, rules);
  const fitOf = (moved: readonly number[]): FitQuestion => ({
    fixed: mixOf(there.filter((_, i) => !moved.includes(i))),
    movable: moved.flatMap((i) => (there[i] ? [movableOf(there[i], dipG, inBowl)] : [])),
    keep,
    conditions,
  });
  const startOf = (moved: readonly number[]) => moved.map((i) => there[i]?.massG ?? 0);
  const still = misfit(fitOf([]), []);
  if (still < worthMoving) return [...after];
  let best = fitAmounts(fitOf(moving), startOf(moving));
  for (const one of [...moving]) {
    const fewer = moving.filter((i) => i !== one);
    const without =
      fewer.length > 0 ? fitAmounts(fitOf(fewer), startOf(fewer)) : { amounts: [], off: still };
    if (without.off <= best.off + worthMoving) [moving, best] = [fewer, without];
  }
  return there
    .map((part, i) => {
      const massG = best.amounts[moving.indexOf(i)];
      return massG === undefined ? part : movedTo(part, massG, conditions.measures);
    })
    .filter(({ massG }, i) => i < after.length || massG > 0);
}
