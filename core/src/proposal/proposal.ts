import { type Diet, dietFit, diets } from '../dip/diets';
import { allergensOf } from '../dip/analyse';
import type { Machine } from '../kitchen/machines';
import type { Conditions } from '../mix/conditions';
import type { Family } from '../mix/families';
import { bodySd, type Figures, figuresOf, type Miss, missed } from '../mix/figures';
import { type Mix, mixOf } from '../mix/mix';
import type { Part } from '../mix/part';
import type { TargetName, Targets } from '../mix/targets';
import { type Caution, cautionsFor } from '../safety/cautions';
import { keptDays } from '../safety/fridgeDays';
import type { Edit } from './edit';

/** What can make a proposal. */
export type Maker =
  | 'landing'
  | 'next step'
  | 'way back'
  | 'nudge'
  | 'way of making'
  | 'size'
  | 'order'
  | 'loosening'
  | 'trial'
  | 'swap'
  | 'base'
  | 'left out';

/** What a change brings along beside the figures it is made for. */
export interface Consequences {
  allergensGained: string[];
  allergensLost: string[];
  dietsGained: Diet[];
  dietsLost: Diet[];
  /** Diets it fitted and now fits only if labels say so. */
  dietsToCheck: Diet[];
  /** Days it is kept in the fridge, before and after. */
  keepDays: { before: number; after: number };
  /** Cautions that did not apply before. */
  cautions: Caution[];
  /** Of the whole dip, €; negative saves. */
  costEur: number;
  /** What it adds to the yield, g; negative takes away. */
  massG: number;
  /** How much of it no longer fits the machine, ml; 0 where it does. */
  overfillMl: number;
}

/** A change of a dip that somebody may take, with everything it would do. All figures are estimates. */
export interface Proposal {
  maker: Maker;
  /** What the step of undo is called when it is taken. */
  label: string;
  edits: readonly Edit[];
  before: Figures;
  after: Figures;
  /** Targets that are met then. */
  meets: TargetName[];
  /** Targets that are missed then, with by how much. */
  misses: Miss[];
  /** Targets that are met now and would not be then. */
  givesUp: TargetName[];
  consequences: Consequences;
  /** How sure it is: spread of the body then, and the chance that it goes too far where that was asked. */
  sure: { bodySd: number; overshoot: number | null };
  /** Why, in words; empty where the figures say it. */
  why: string;
}

/** A dip or a bowl as a proposal starts from it and ends in. */
export interface Bowl {
  parts: readonly Part[];
  conditions: Conditions;
  machine: Pick<Machine, 'mostMl'>;
  family: Family;
  /** Days the cook has chosen to keep it. */
  keepDays?: number;
}

/** A bowl with what need be worked out of it only once, however many proposals start from it. */
export interface StartingBowl extends Bowl {
  mix: Mix;
  figures: Figures;
}

/** Makes a bowl ready to be proposed to. */
export function startFrom(bowl: Bowl): StartingBowl {
  const mix = mixOf(bowl.parts);
  return { ...bowl, mix, figures: figuresOf(mix, bowl.conditions) };
}

const costOf = ({ per100g, massG }: Figures) => (per100g.costEur * massG) / 100;
const without = (all: readonly string[], some: readonly string[]) =>
  all.filter((one) => !some.includes(one));

const cautionsOf = ({ parts, figures, conditions }: StartingBowl) =>
  cautionsFor(parts, figures, conditions);

function consequencesOf(from: StartingBowl, to: StartingBowl): Consequences {
  const fits = ({ parts }: Bowl, diet: Diet) => dietFit(parts, diet).fits;
  const before = allergensOf(from.parts);
  const after = allergensOf(to.parts);
  const known = new Set(cautionsOf(from).map(({ id }) => id));
  const { mostMl } = to.machine;
  return {
    allergensGained: without(after, before),
    allergensLost: without(before, after),
    dietsGained: diets.filter((diet) => !fits(from, diet) && fits(to, diet) === true),
    dietsLost: diets.filter((diet) => fits(from, diet) && !fits(to, diet)),
    dietsToCheck: diets.filter((diet) => fits(from, diet) === true && fits(to, diet) === 'check'),
    keepDays: { before: keptDays(from, from.parts), after: keptDays(to, to.parts) },
    cautions: cautionsOf(to).filter(({ id }) => !known.has(id)),
    costEur: costOf(to.figures) - costOf(from.figures),
    massG: to.figures.massG - from.figures.massG,
    overfillMl: Math.max(0, to.figures.volumeMl - mostMl),
  };
}

/** What a proposal says of itself. */
export interface Proposed extends Pick<Proposal, 'maker' | 'label' | 'edits'> {
  why?: string;
  /** The chance that it goes too far, from where it ends and how sure that is; not asked when left out. */
  overshoot?: (after: Figures, bodySd: number) => number;
}

/**
 * Works out everything a change would do. The one way from edits to a proposal.
 *
 * @param from before it
 * @param to with the edits in it
 * @param targets what the dip is to be
 */
export function propose(
  from: StartingBowl,
  to: Bowl,
  targets: Targets,
  { maker, label, edits, why = '', overshoot }: Proposed,
): Proposal {
  const end = startFrom(to);
  const before = from.figures;
  const after = end.figures;
  const sd = bodySd(to.parts, end.mix, to.conditions);
  const misses = missed(after, targets);
  const missedNow = new Set(missed(before, targets).map(({ name }) => name));
  const missedThen = new Set(misses.map(({ name }) => name));
  const names = (Object.keys(targets) as TargetName[]).filter((name) => targets[name]);
  return {
    maker,
    label,
    edits,
    before,
    after,
    meets: names.filter((name) => !missedThen.has(name)),
    misses,
    givesUp: names.filter((name) => missedThen.has(name) && !missedNow.has(name)),
    consequences: consequencesOf(from, end),
    sure: { bodySd: sd, overshoot: overshoot?.(after, sd) ?? null },
    why,
  };
}
