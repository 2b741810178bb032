import type { TrialResult } from './polynomialFit';
import type { MixtureModel } from './mixtureModel';

/** Something whose share of a mixture is varied. */
export interface MixtureComponent {
  /** The dip's row it stands in. */
  rowId: string;
  ingredientId: string;
  /** Least and most of all components together, 0–1. */
  min: number;
  max: number;
}

/** One trial of a design: a mixture, the bowl that lands with it, and what came of it. */
export interface DesignTrial {
  id: string;
  /** Of the components in their order, adding up to one. */
  shares: readonly number[];
  /** Every row of the dip as it is then written. */
  amounts: readonly { rowId: string; amount: string }[];
  /** g of the whole bowl. */
  massG: number;
  /** The response; null while nobody has said. */
  y: number | null;
}

/** Trials of a dip that differ on purpose, and what came of them. */
export interface MixtureDesign {
  id: string;
  dipId: string;
  name: string;
  /** What is marked: liking, a word, a figure; higher is better. */
  response: string;
  components: readonly MixtureComponent[];
  /** What so many trials can tell apart, and how well, 0–1, when they were chosen. */
  model: MixtureModel;
  efficiency: number;
  /** Mixtures that were looked at and could not be made to land. */
  cut: readonly (readonly number[])[];
  trials: readonly DesignTrial[];
  /** ISO 8601 */
  createdAt: string;
}

/** What is known of a design's response so far. */
export function designResults({ trials }: Pick<MixtureDesign, 'trials'>): TrialResult[] {
  return trials.flatMap(({ shares, y }) => (y === null ? [] : [{ shares, y }]));
}

/** A design with what came of one of its trials; null takes it back. */
export function withResponse(
  design: MixtureDesign,
  trialId: string,
  y: number | null,
): MixtureDesign {
  return {
    ...design,
    trials: design.trials.map((trial) => (trial.id === trialId ? { ...trial, y } : trial)),
  };
}
