import type { TrialResult } from './polynomialFit';
import type { Goal } from './goal';
import type { MixtureModel } from './mixtureModel';
import { type MixturePoint, pointOf } from './mixturePoint';
import type { VariedFigure } from './variedFigure';

/** Something whose share of a mixture is varied. */
export interface MixtureComponent {
  /** The dip's row it stands in. */
  rowId: string;
  ingredientId: string;
  /** Least and most of all components together, 0–1. */
  min: number;
  max: number;
}

/** Things that trials of one design can be marked by. */
export const mostResponses = 4;

/** What trials are marked by. */
export interface DesignResponse {
  /** Liking, a word, a figure; no two of a design are called the same. */
  name: string;
  goal: Goal;
  /** Where it comes from by itself: likings of tastings, or readings of the chilled bowl; marked by hand where left out. */
  from?: 'likings' | 'chilled-readings';
}

/** One trial of a design: a mixture, the bowl that lands with it, and what came of it. */
export interface DesignTrial extends MixturePoint {
  id: string;
  /** Every row of the dip as it is then written. */
  amounts: readonly { rowId: string; amount: string }[];
  /** g of the whole bowl. */
  massG: number;
  /** What came of it, by the responses' names; those nobody has said are not in it. */
  marks: Readonly<Record<string, number>>;
  /** The day it is planned for, counted from 1. */
  day?: number;
  /** The bowl it was made as: what is being made, then the trial that became of it. */
  made?: { kind: 'run' | 'trial'; id: string };
}

/** Trials of a dip that differ on purpose, and what came of them. */
export interface MixtureDesign {
  id: string;
  dipId: string;
  name: string;
  /** One to four; the first is what it is for. */
  responses: readonly DesignResponse[];
  components: readonly MixtureComponent[];
  /** Figures that are set on purpose beside the mixture. */
  varies?: readonly VariedFigure[];
  /** What so many trials can tell apart, and how well, 0–1, when they were chosen. */
  model: MixtureModel;
  efficiency: number;
  /** Mixtures that were looked at and could not be made to land. */
  cut: readonly MixturePoint[];
  trials: readonly DesignTrial[];
  /** ISO 8601 */
  createdAt: string;
}

/** What trials on purpose, or a ladder, are marked by, in words. */
export const markedBy = (plan: Pick<MixtureDesign, 'responses'> | { response: string }): string =>
  'responses' in plan ? plan.responses.map(({ name }) => name).join(', ') : plan.response;

/** A response that was taken from somewhere else than a field. */
export interface TakenResponse {
  y: number;
  /** How sure it is, one standard deviation; not known of one alone. */
  sd?: number;
  /** How many said so. */
  n: number;
}

/**
 * What is known of one of a design's responses so far: what was typed, else what was taken from elsewhere.
 *
 * @param response its name
 * @param taken by a trial's id
 */
export function designResults(
  { trials }: Pick<MixtureDesign, 'trials'>,
  response: string,
  taken: ReadonlyMap<string, TakenResponse> = new Map(),
): TrialResult[] {
  return trials.flatMap((trial): TrialResult[] => {
    const { id, marks, day } = trial;
    const y = marks[response] ?? taken.get(id)?.y;
    return y === undefined ? [] : [{ ...pointOf(trial), y, ...(day === undefined ? {} : { day }) }];
  });
}

/** Designs with a bowl that has become a trial. */
export function designsOfTrial(
  designs: Iterable<MixtureDesign>,
  runId: string,
  trialId: string,
): MixtureDesign[] {
  return [...designs].flatMap((design) => {
    const isOf = ({ made }: DesignTrial) => made?.kind === 'run' && made.id === runId;
    if (!design.trials.some(isOf)) return [];
    const trials = design.trials.map((trial) =>
      isOf(trial) ? { ...trial, made: { kind: 'trial' as const, id: trialId } } : trial,
    );
    return [{ ...design, trials }];
  });
}

/** A design with what came of one of its trials; null takes it back. */
export function withResponse(
  design: MixtureDesign,
  trialId: string,
  response: string,
  y: number | null,
): MixtureDesign {
  const marked = (trial: DesignTrial): DesignTrial => {
    const { [response]: _before, ...others } = trial.marks;
    return { ...trial, marks: y === null ? others : { ...others, [response]: y } };
  };
  return {
    ...design,
    trials: design.trials.map((trial) => (trial.id === trialId ? marked(trial) : trial)),
  };
}
