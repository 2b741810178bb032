import type { Family } from '../mix/families';
import type { Part } from '../mix/part';
import { type FridgeDays, fridgeDays, leastOf } from './fridgeDays';
import { dateAfter, daysBetween } from './localDates';

/** What sets how long a dip may be kept. */
export type KeepingLimit =
  | 'family'
  | 'its maker'
  | 'ingredient'
  | 'made thing'
  | 'raw in oil'
  | 'out on the table'
  | 'cooled slowly'
  | 'thawed'
  | 'own record';

/** Something made before that is in it, with its own date. */
export interface UsedMade {
  name: string;
  /** Local date. */
  madeOn: string;
  fridgeDays: number;
}

/** What is known of a dip's keeping beside what is in it. */
export interface KeepingFacts {
  family: Family;
  parts: readonly Part[];
  /** Local date. */
  madeOn: string;
  uses?: readonly UsedMade[];
  /** A layer of oil is poured over it, or oil is the liquid outside. */
  underOil?: boolean;
  /** Minutes it has stood out so far. */
  outMin?: number;
  /** Minutes it took from hot to cold; left out where it was never hot. */
  cooledMin?: number;
  /** It is over 32 °C where it stands. */
  hot?: boolean;
  /** Local dates. */
  frozenOn?: string;
  thawedOn?: string;
  /** Days it keeps as its maker says, where it is no dip of a family. */
  makersDays?: number;
  /** What this kitchen's own records say it stays good for, days: only ever shorter counts. */
  ownDays?: number;
}

/** How long a dip may be kept, and why no longer. Usual guidance: local codes come first. */
export interface Keeping {
  /** Days in the fridge from the day it was made. */
  fridgeDays: number;
  because: { id: KeepingLimit; ingredient?: string; words: string };
  /** The least and most that is practised, days. */
  schools: [low: number, high: number];
  /** Best within so many months in the freezer; 0 where freezing spoils it. */
  freezerMonths: number;
  /** What freezing does to it. */
  frozenWords: string;
  /** Local date; null while it is frozen. */
  useBy: string | null;
  /** Best eaten by then while it is frozen; null where it is not, or nobody knows. */
  frozenUntil: string | null;
}

/** Out of the fridge at most so long in all, min: two hours, one where it is over 32 °C. */
export const outAtMostMin = { usual: 120, hot: 60 } as const;
/** From hot to cold within two hours; four at the very most (usual guidance, the cautious end of it). */
const cooledWithinMin = { well: 120, atAll: 240 } as const;
/** Thawed in the fridge it is eaten within so many days and not frozen again. */
const thawedDays = 1;
/** A month in the freezer counts so many days. */
const daysAMonth = 30;
/** Raw plants with oil around them, days. */
const rawInOilDays = 4;

const freezing: Record<Family, { months: number; words: string }> = {
  pulse: {
    months: 3,
    words: 'Freezes well; a little grainy and wetter after, beaten smooth again.',
  },
  vegetable: { months: 2, words: 'Weeps when it thaws: drain or beat it in, and season anew.' },
  yogurt: { months: 0, words: 'Yogurt splits when it is frozen: not to be frozen.' },
  'pesto-spread': {
    months: 3,
    words: 'Freezes well under a film of oil; keeps its green better without the cheese.',
  },
  'pesto-dress': {
    months: 3,
    words: 'Freezes well under a film of oil; keeps its green better without the cheese.',
  },
  pate: {
    months: 2,
    words: 'Freezes; drier and more crumbly after, loosened with a spoon of water.',
  },
};

const many = (days: number) => (days === 1 ? '1 day' : `${days} days`);

/** The days of its family, or those its maker gives it, and what is in it that leaves it fewer. */
function usualOf({ family, parts, makersDays }: KeepingFacts): FridgeDays {
  if (makersDays === undefined) return fridgeDays(family, parts);
  const because = 'as its maker says';
  return leastOf(
    { usual: makersDays, least: makersDays, most: makersDays, because },
    family,
    parts,
  );
}

/** Every limit there is, days from the day it was made. */
function limitsOf(facts: KeepingFacts): { days: number; because: Keeping['because'] }[] {
  const { parts, madeOn, uses = [], underOil = false, ownDays } = facts;
  const { outMin = 0, cooledMin = 0, hot = false } = facts;
  const usual = usualOf(facts);
  const words = `${many(usual.usual)}: ${usual.because}`;
  const limits: { days: number; because: Keeping['because'] }[] = [
    {
      days: usual.usual,
      because:
        usual.limitedBy !== null
          ? { id: 'ingredient', ingredient: usual.limitedBy, words }
          : { id: facts.makersDays === undefined ? 'family' : 'its maker', words },
    },
  ];
  const raw = parts.find(
    ({ massG, ingredient }) =>
      massG > 0 && ingredient.hazards.some((one) => one === 'raw-in-oil' || one === 'raw-garlic'),
  );
  if (underOil && raw) {
    const { id, name } = raw.ingredient;
    const words = `${many(rawInOilDays)} at most: ${name} under oil, which is no preserve`;
    limits.push({ days: rawInOilDays, because: { id: 'raw in oil', ingredient: id, words } });
  }
  for (const { name, madeOn: before, fridgeDays: own } of uses) {
    const days = Math.max(0, own - Math.max(0, daysBetween(before, madeOn)));
    const words = `${many(days)}: ${name}, made ${before}, keeps ${many(own)} in all`;
    limits.push({ days, because: { id: 'made thing', words } });
  }
  const most = hot ? outAtMostMin.hot : outAtMostMin.usual;
  if (outMin > most) {
    const words = `Stood out ${Math.round(outMin)} min: over ${most} it is thrown away, not kept`;
    limits.push({ days: 0, because: { id: 'out on the table', words } });
  }
  if (cooledMin > cooledWithinMin.well) {
    const slow = cooledMin > cooledWithinMin.atAll;
    const days = slow ? 0 : 1;
    const said = slow
      ? `Took ${Math.round(cooledMin)} min to cool: over ${cooledWithinMin.atAll} it is thrown away, not kept`
      : `${many(days)}: cooled slowly, in ${Math.round(cooledMin)} min`;
    limits.push({ days, because: { id: 'cooled slowly', words: said } });
  }
  if (ownDays !== undefined) {
    const words = `${many(ownDays)}: so it stayed good here`;
    limits.push({ days: ownDays, because: { id: 'own record', words } });
  }
  return limits;
}

/**
 * How long a dip may be kept: the least over what is in it, what was made before, and what has been done with it. Sourness alone
 * lengthens nothing.
 *
 * @param facts dates as local dates, `2026-06-12`
 */
export function keepingOf(facts: KeepingFacts): Keeping {
  const { family, madeOn, frozenOn, thawedOn } = facts;
  const usual = usualOf(facts);
  let [least] = limitsOf(facts).sort((a, b) => a.days - b.days);
  if (!least) throw new Error('there is always the family’s limit');
  let useBy: string | null = dateAfter(madeOn, least.days);
  if (frozenOn !== undefined) {
    if (thawedOn === undefined) useBy = null;
    else {
      // the days before it was frozen are spent
      const left = Math.max(0, least.days - Math.max(0, daysBetween(madeOn, frozenOn)));
      if (left > thawedDays) {
        const words = 'Thawed: eaten within a day, and not frozen again';
        least = { days: least.days, because: { id: 'thawed', words } };
      }
      useBy = dateAfter(thawedOn, Math.min(left, thawedDays));
    }
  }
  // whether a made thing freezes well its maker knows
  const { months, words } =
    facts.makersDays === undefined ? freezing[family] : { months: 0, words: '' };
  return {
    fridgeDays: least.days,
    because: least.because,
    schools: [Math.min(usual.least, least.days), Math.max(usual.most, least.days)],
    freezerMonths: least.days === 0 ? 0 : months,
    frozenUntil:
      frozenOn !== undefined && thawedOn === undefined && months > 0
        ? dateAfter(frozenOn, daysAMonth * months)
        : null,
    frozenWords: words,
    useBy,
  };
}
