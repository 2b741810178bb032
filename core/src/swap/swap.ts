import { nameOf } from '../advise/whyWords';
import type { Ingredient } from '../larder/ingredient';
import type { LandingPart } from '../landing/landParts';
import { blendColour } from '../mix/blendColour';
import type { Conditions } from '../mix/conditions';
import { mixOf } from '../mix/mix';
import { dipMass, partSumsPerGram } from '../mix/part';
import { type Proposal, propose, startFrom, type StartingBowl } from '../proposal/proposal';
import { type FitQuestion, type Kept, misfit } from './fitAmounts';
import { asRuled } from './asRuled';
import { compared } from './compared';
import { targetValue } from '../mix/targets';
import { type KeptName, noticedChange } from './keptFigures';
import { madeUpFor } from './madeUpFor';
import { asWritten, measured } from './measuredPart';
import { ownAmount } from './ownAmount';
import { apart } from './relatives';
import { distance } from './swapDistance';
import { conditionsWith, type SwapQuestion } from './swapQuestion';
import { type Shift, swapWords } from './swapWords';

/** A part that moves a little to make up for a swap. */
export interface MovedPart {
  /** In the dip after it; one more than there were is new. */
  index: number;
  ingredient: string;
  /** As written before; empty where it is new. */
  from: string;
  to: string;
  massG: number;
}

/** One thing that could go in instead, with all it would do. */
export interface Candidate {
  ingredient: Ingredient;
  amount: string;
  massG: number;
  /** Other parts that make up for it. */
  others: MovedPart[];
  /** The whole dip after it, in order. */
  parts: LandingPart[];
  proposal: Proposal;
  /** What stays within what is noticed. */
  keeps: KeptName[];
  /** What does not, the most first. */
  shifts: Shift[];
  /** How far it is from what it goes in for; less is better. */
  distance: number;
  /** Of the blend then, #rrggbb. */
  colour: string | null;
  words: string;
}

/** What an amount a tenth from the weight it goes in for costs, in noticed changes: what does little stays about as much (J). */
const ownPull = 0.08;

/** A substitute is at most so many times what it goes in for, and so much of the dip. */
const most = { times: 12, ofDip: 0.8 } as const;

/** What is kept of a dip, where it stands. */
function keptOf({ parts, keep, under }: SwapQuestion): Kept[] {
  const mix = mixOf(parts);
  const { conditions } = under;
  return keep.map((name) => {
    const value = targetValue(name, mix, conditions);
    return { name, value, noticed: noticedChange(name, value) };
  });
}

/** The part as the substitute takes its place, its amount still to be found. */
function inPlaceOf(from: LandingPart, ingredient: Ingredient): LandingPart {
  const { massG, cv, place, hold, amountText } = from;
  const garlic = ingredient.garlicUnits === 1 && from.ingredient.garlicUnits === 1;
  const { garlicForm, germOut } = from;
  return {
    ...{ ingredient, massG, cv, place, hold, amountText },
    ...(garlic && garlicForm ? { garlicForm } : {}),
    ...(garlic && germOut !== undefined ? { germOut } : {}),
  };
}

/** The substitute with its amount. */
function withAmount(question: SwapQuestion, newcomer: LandingPart, fit: FitQuestion): LandingPart {
  const { parts, index, amountBy } = question;
  const from = parts[index];
  if (!from) return newcomer;
  const { measures } = fit.conditions;
  if (newcomer.ingredient.id === from.ingredient.id) return from;
  if (amountBy === 'weight') return measured(newcomer, from.massG, measures);
  const written = amountBy === 'amount' ? asWritten(newcomer, from.amountText, measures) : null;
  if (written) return written;
  const massG = ownAmount(fit, from.ingredient, from.massG, newcomer.ingredient);
  return measured(newcomer, massG, measures);
}

/** A question made ready: what need be worked out of it only once, however many candidates there are. */
export interface ReadyQuestion {
  question: SwapQuestion;
  from: StartingBowl;
  keep: Kept[];
  conditions: Conditions;
}

export function readySwap(question: SwapQuestion): ReadyQuestion {
  const { parts, bowl, under } = question;
  const { conditions } = under;
  return {
    question,
    from: startFrom({ ...bowl, parts, conditions }),
    keep: keptOf(question),
    conditions,
  };
}

/** The substitute and how much of it does what the other did, with the others left alone. */
function ownQuestion(
  { question, keep, conditions }: ReadyQuestion,
  old: LandingPart,
  to: Ingredient,
) {
  const { parts, index } = question;
  const dipG = dipMass(parts);
  const newcomer = inPlaceOf(old, to);
  const own: FitQuestion = {
    fixed: mixOf(parts.filter((_, i) => i !== index)),
    movable: [
      {
        ...{
          perGram: partSumsPerGram(newcomer),
          place: old.place,
          startG: old.massG,
          pull: ownPull,
        },
        leastG: Math.min(old.massG, 0.01),
        mostG: Math.max(old.massG, Math.min(most.times * old.massG, most.ofDip * dipG)),
        scaleG: Math.max(0.1 * old.massG, 0.01),
      },
    ],
    keep,
    conditions,
  };
  return { newcomer, own };
}

/**
 * About how far a thing is from what it would go in for, before anything makes up for it: enough to leave out what is far.
 *
 * @throws RangeError when there is no such part
 */
export function roughDistance(ready: ReadyQuestion, to: Ingredient): number {
  const old = ready.question.parts[ready.question.index];
  if (!old) throw new RangeError(`there is no part ${ready.question.index}`);
  const { own } = ownQuestion(ready, old, to);
  const massG = ownAmount(own, old.ingredient, old.massG, to);
  return Math.sqrt(misfit(own, [massG])) + roughTaste * (apart(old.ingredient, to) ?? farthest);
}

/** What a unit two things taste apart counts for beside what is off (J). */
const roughTaste = 1.5;

/**
 * One thing in another's place: its amount, what makes up for it, and all it would do. First its own amount is found, for what the
 * other did; then the parts that season and loosen move as little as helps.
 *
 * @throws RangeError when there is no such part
 */
export function swapFor(ready: ReadyQuestion, to: Ingredient): Candidate {
  const { question, from, keep, conditions } = ready;
  const { parts, index, bowl, under, targets } = question;
  const old = parts[index];
  if (!old) throw new RangeError(`there is no part ${index}`);
  const { newcomer, own: fit } = ownQuestion(ready, old, to);
  const placed = withAmount(question, newcomer, fit);
  const swapped = parts.map((part, i) => (i === index ? placed : part));
  const isSame = placed === old;
  const after = isSame
    ? swapped
    : asRuled(question, madeUpFor(question, asRuled(question, swapped), keep, conditions));
  const own = after[index] ?? placed;
  const label = `Swap ${old.ingredient.name} for ${to.name}`;
  const end = { ...bowl, parts: after, conditions: conditionsWith(under, after) };
  const proposal = propose(from, end, targets, { maker: 'swap', label, edits: [] });
  const { all, keeps, shifts } = compared(question.keep, proposal);
  const others = after.flatMap((part, i): MovedPart[] => {
    const before = parts[i];
    if (i === index || part === before) return [];
    return [
      {
        ...{ index: i, ingredient: part.ingredient.id, massG: part.massG },
        ...{ from: before?.amountText ?? '', to: part.amountText },
      },
    ];
  });
  const tastesApart = apart(old.ingredient, to) ?? farthest;
  const leads = question.leadId === old.ingredient.id;
  const otherTaste =
    tastesApart >= alike && to.role !== 'salt' && nameOf(to) !== nameOf(old.ingredient);
  const colour = blendColour(after);
  return {
    ingredient: to,
    amount: own.amountText,
    massG: own.massG,
    others,
    parts: after,
    proposal,
    keeps,
    shifts,
    distance: distance({
      shifts: all,
      proposal,
      tastesApart,
      leads,
      textureApart: old.ingredient.structure !== to.structure,
      moved: others.length,
      colours: [blendColour(parts), colour],
    }),
    colour,
    words: swapWords(shifts, proposal.consequences, otherTaste ? to : null),
  };
}

/** How far what has no relation tastes, where the cook names it all the same. */
const farthest = 3;
/** From here on it tastes of something else. */
const alike = 0.5;
