import type { Consequences } from '../proposal/proposal';
import type { Taste } from '../readings/tastes';
import type { ByHand } from '../advise/byHand';
import type { Advice } from '../advise/advise';
import type { Suggestion } from '../advise/suggestion';
import type { Rescue } from '../advise/rescue';
import type { Analysis } from '../dip/analyse';
import type { Nudge, Nudged } from '../dip/nudges';
import type { PathStep } from '../dip/path';
import type { LandAnswer } from '../landing/landParts';
import type { BodyWord } from '../mix/bodyWords';
import { yieldStressPa } from '../mix/bodyWords';
import { type Figures, type Miss, type MixState, wordFor } from '../mix/figures';
import type { Per100g } from '../mix/per100g';
import type { Addition } from '../proposal/edit';
import type { Caution } from '../safety/cautions';

// What the shell and HTTP answer, as docs/format.md promises it: the core's own records may change, these may not.

/** Body of a dip. */
export interface BodyAnswer {
  fresh: number | null;
  machine: number | null;
  pasta: number | null;
  chilled: number | null;
  served: number | null;
  sd: number;
  word: BodyWord | null;
  chilledWord: BodyWord | null;
  state: MixState;
  yieldStressPa: number | null;
  continuous: 'water' | 'oil';
  /** Its oil must be let in slowly: poured in at once it splits. */
  splitsAtOnce: boolean;
}

/** Everything the model says of a dip. */
export interface AnalysisAnswer {
  massG: number;
  volumeMl: number;
  topG: number;
  body: BodyAnswer;
  /** °C out of the machine. */
  blendC: number;
  per100g: Per100g;
  allergens: string[];
  path: PathStep[];
  warnings: Caution[];
}

/** An analysis as it is answered. */
export function analysisAnswer(analysis: Analysis): AnalysisAnswer {
  const { freshBody, chilledBody, massG, volumeMl, topG, per100g, allergens, path } = analysis;
  return {
    massG,
    volumeMl,
    topG,
    body: {
      fresh: freshBody,
      machine: analysis.warmBody,
      pasta: analysis.pastaBody,
      chilled: chilledBody,
      served: analysis.servedBody,
      sd: analysis.sd,
      word: wordFor(freshBody),
      chilledWord: wordFor(chilledBody),
      state: analysis.state,
      yieldStressPa: freshBody === null ? null : yieldStressPa(freshBody),
      continuous: analysis.waterOutside >= 0.5 ? 'water' : 'oil',
      splitsAtOnce: analysis.splitsAtOnce,
    },
    blendC: analysis.blendC,
    per100g,
    allergens,
    path,
    warnings: analysis.cautions,
  };
}

type Answered<T> = T extends { analysis: Analysis }
  ? Omit<T, 'analysis'> & { analysis: AnalysisAnswer }
  : T extends { nearest: { analysis: Analysis } }
    ? Omit<T, 'nearest'> & {
        nearest: Omit<T['nearest'], 'analysis'> & { analysis: AnalysisAnswer };
      }
    : never;

/** A landing as it is answered. */
export function landingAnswer(answer: LandAnswer): Answered<LandAnswer> {
  if (answer.feasible) return { ...answer, analysis: analysisAnswer(answer.analysis) };
  const { nearest } = answer;
  return { ...answer, nearest: { ...nearest, analysis: analysisAnswer(nearest.analysis) } };
}

/** A nudge as it is answered. */
export type NudgeAnswer = Omit<Nudge, 'change'> & Record<Nudged, number | null>;

export function nudgeAnswer({ change, ...nudge }: Nudge): NudgeAnswer {
  return { ...nudge, ...change };
}

/** Figures of a bowl. */
export interface BowlAnswer {
  body: number | null;
  sd: number;
  warmBody: number | null;
  chilledBody: number | null;
  word: BodyWord | null;
  saltG: number;
  acidG: number;
  garlicG: number;
  fatG: number;
  massG: number;
  volumeMl: number;
}

/** Figures of a bowl as they are answered. */
export function bowlAnswer(figures: Figures, sd: number): BowlAnswer {
  const { freshBody, warmBody, chilledBody, massG, volumeMl, per100g } = figures;
  const { saltG, acidG, garlicG, fatG } = per100g;
  return {
    body: freshBody,
    sd,
    warmBody,
    chilledBody,
    word: wordFor(freshBody),
    saltG,
    acidG,
    garlicG,
    fatG,
    massG,
    volumeMl,
  };
}

type AdditionAnswer = Omit<Addition, 'place'>;

/** What a step brings along. */
const consequencesAnswer = ({ cautions, ...consequences }: Consequences) => ({
  ...consequences,
  cautions: cautions.map(({ id, level, message }) => ({ id, level, message })),
});

const additions = (add: readonly Addition[]): AdditionAnswer[] =>
  add.map(({ ingredient, massG, amount }) => ({ ingredient, massG, amount }));

function suggestionAnswer({ add, firstStep, proposal, gives, holds, breaks }: Suggestion) {
  const { after, misses, consequences, sure, why } = proposal;
  return {
    add: additions(add),
    firstStep: additions(firstStep),
    after: bowlAnswer(after, sure.bodySd),
    meets: misses.length === 0,
    gives,
    holds,
    consequences: consequencesAnswer(consequences),
    overshootChance: sure.overshoot ?? 0,
    costEur: consequences.costEur,
    massG: after.massG,
    ...(breaks.length > 0 ? { breaks } : {}),
    why,
  };
}

function rescueAnswer({ add, firstStep, proposal, meets, gives, divide, otherUse }: Rescue) {
  const { after, consequences, sure, why } = proposal;
  return {
    add: additions(add),
    firstStep: additions(firstStep),
    after: bowlAnswer(after, sure.bodySd),
    meets,
    gives,
    consequences: consequencesAnswer(consequences),
    ...(divide ? { divide: { takeOutG: divide.takeOutG, add: additions(divide.add) } } : {}),
    massG: after.massG,
    tooMuchMl: consequences.overfillMl,
    otherUse,
    why,
  };
}

function byHandAnswer({ about, why, add, proposal }: ByHand) {
  const { after, consequences, sure } = proposal;
  return {
    about,
    why,
    add: additions(add),
    after: bowlAnswer(after, sure.bodySd),
    consequences: consequencesAnswer(consequences),
  };
}

/** What to do next, as it is answered. */
export interface AdviceAnswer {
  now: BowlAnswer;
  met: boolean;
  misses: Miss[];
  suggestions: ReturnType<typeof suggestionAnswer>[];
  rescue?: ReturnType<typeof rescueAnswer>;
  /** Marks too old to count: something went in since that moved their taste. */
  stale: Taste[];
  /** The odds that the body is right, where it is to be measured before anything goes in. */
  measureFirst?: number;
  /** What the hand mends, or more of one thing by taste. */
  byHand: ReturnType<typeof byHandAnswer>[];
}

/** Advice as it is answered. */
export function adviceAnswer({
  now,
  nowSd,
  met,
  misses,
  suggestions,
  rescue,
  stale,
  byHand,
  measure,
}: Advice): AdviceAnswer {
  return {
    now: bowlAnswer(now, nowSd),
    met,
    misses,
    stale,
    ...(measure === null ? {} : { measureFirst: measure }),
    byHand: byHand.map(byHandAnswer),
    suggestions: suggestions.map(suggestionAnswer),
    ...(rescue ? { rescue: rescueAnswer(rescue) } : {}),
  };
}
