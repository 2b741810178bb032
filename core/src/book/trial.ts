import type { Method } from '../mix/method';
import type { KeptReading } from '../readings/keptReading';
import type { TasteMarks } from '../readings/tastes';
import type { Course } from './runEvents';
import type { TrialRow } from './trialRow';

/** A taste with what it is eaten with, before the bowl is emptied and again cold. */
export interface Gate {
  when: 'machine' | 'chilled';
  /** Bread, pasta, sticks of something: in the cook's words. */
  eatenWith: string;
  /** °C; null when not measured. */
  atC: number | null;
  tastes: TasteMarks;
  /** ISO 8601 */
  at: string;
}

/** The dip that one was split from. */
export interface SplitFrom {
  trialId: string;
  /** 0–1 of the base. */
  share: number;
  /** What this part of it is called. */
  name: string;
}

/** How a dip was made and how it turned out. */
export interface Outcome {
  method: Method;
  machineId: string;
  readings: KeptReading[];
  tastes: TasteMarks;
  /** Weighed out of the machine, g; null when not weighed. */
  yieldG: number | null;
  notes: string;
  changeNext: string;
  gates?: Gate[];
  /** Whose hands it was; left out where nobody said. */
  madeBy?: string;
  base?: SplitFrom;
}

/** An outcome with one more taste at its gate. */
export function withGate<T extends Pick<Outcome, 'gates'>>(outcome: T, gate: Gate): T {
  return { ...outcome, gates: [...(outcome.gates ?? []), gate] };
}

/** What was said of a bowl when it was kept; figures said later may differ, since the model learns. */
export interface Expected {
  /** Body from the machine and chilled; null for crumbs. */
  warmBody: number | null;
  chilledBody: number | null;
  /** One standard deviation of either. */
  sd: number;
  saltG: number;
  acidG: number;
  garlicG: number;
}

/** A dip as it was made once. */
export interface Trial extends Outcome {
  id: string;
  dipId: string;
  /** Counts up within its dip, from 1. */
  number: number;
  /** ISO 8601 */
  madeAt: string;
  rows: TrialRow[];
  /** What was planned and what happened; not kept before version 11. */
  made?: Course;
  /** As it was said then. */
  expected?: Expected;
}

/** A dip's latest trial, by number; null while it has none. */
export function latestTrial(trials: Iterable<Trial>, dipId: string): Trial | null {
  let latest: Trial | null = null;
  for (const trial of trials) {
    if (trial.dipId === dipId && trial.number > (latest?.number ?? 0)) latest = trial;
  }
  return latest;
}

/** The number the next trial of a dip gets. */
export function nextTrialNumber(trials: Iterable<Trial>, dipId: string): number {
  return (latestTrial(trials, dipId)?.number ?? 0) + 1;
}
