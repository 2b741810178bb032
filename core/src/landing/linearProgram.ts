/** A sum of coefficients times variables, by index of the variable. */
export type Terms = [variable: number, coefficient: number][];

/** low ≤ Σ terms ≤ high; either end may be infinite. */
export interface Constraint {
  terms: Terms;
  low: number;
  high: number;
}

/** Minimise cost · x within bounds and constraints; some variables may be 0-or-1. */
export interface LinearProgram {
  cost: number[];
  lower: number[];
  upper: number[];
  binary?: ReadonlySet<number>;
  constraints: Constraint[];
}

/** Solves linear programs; values are null when it found none within its limits. */
export interface LinearSolver {
  solve(program: LinearProgram, timeLimitS: number): { values: number[] | null };
}
