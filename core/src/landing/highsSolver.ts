import loadHighs from 'highs';
import type { LinearProgram, LinearSolver } from './linearProgram';

/** HiGHS model status: solved, and stopped by the clock with a solution in hand. */
const optimal = 7;
const timeLimit = 13;

/** The program as the sparse arrays the solver takes, rows one after another. */
function modelData(program: LinearProgram, infinity: number) {
  const bound = (value: number) =>
    Number.isFinite(value) ? value : value < 0 ? -infinity : infinity;
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { terms } of program.constraints) {
    for (const [variable, coefficient] of terms) {
      if (coefficient === 0) continue;
      indices.push(variable);
      values.push(coefficient);
    }
    starts.push(indices.length);
  }
  const numCols = program.cost.length;
  const numRows = program.constraints.length;
  return {
    numCols,
    numRows,
    colCost: program.cost,
    colLower: program.lower.map(bound),
    colUpper: program.upper.map(bound),
    rowLower: program.constraints.map(({ low }) => bound(low)),
    rowUpper: program.constraints.map(({ high }) => bound(high)),
    matrix: { format: 'csr' as const, numRows, numCols, starts, indices, values },
    ...(program.binary && program.binary.size > 0
      ? {
          integrality: program.cost.map((_, i) =>
            program.binary?.has(i) ? (1 as const) : (0 as const),
          ),
        }
      : {}),
  };
}

/**
 * HiGHS as a linear solver: dual simplex, and branch and bound where variables are binary. A native model is kept for
 * each of the two, every program passed in afresh: setting options takes longer than solving a small program.
 *
 * @param locateFile where the WASM file lies, when it is not beside the library
 * @throws Error when the WASM can't be loaded
 */
export async function highsSolver(locateFile?: (file: string) => string): Promise<LinearSolver> {
  const highs = await loadHighs(locateFile ? { locateFile } : {});
  const modelFor = (options: { solver: 'choose' | 'simplex'; presolve: 'on' | 'off' }) => {
    const model = highs.createModel();
    model.options.set({
      output_flag: false,
      simplex_iteration_limit: 5000,
      mip_rel_gap: 1e-3,
      ...options,
    });
    return { model, limitS: Infinity };
  };
  // small programs are solved before a presolve has paid off
  const linear = modelFor({ solver: 'simplex', presolve: 'off' });
  const mixed = modelFor({ solver: 'choose', presolve: 'on' });
  return {
    solve(program, timeLimitS) {
      const kept = program.binary !== undefined && program.binary.size > 0 ? mixed : linear;
      const { model } = kept;
      try {
        if (kept.limitS !== timeLimitS) model.options.set({ time_limit: timeLimitS });
        kept.limitS = timeLimitS;
        model.passModel(modelData(program, highs.infinity));
        // the clock runs on over solves unless it is set back
        model.zeroAllClocks();
        model.run();
        const status = model.getModelStatus() as number;
        if (status !== optimal && status !== timeLimit) return { values: null };
        const values = [...model.getSolution().colValue].slice(0, program.cost.length);
        return { values: values.every(Number.isFinite) ? values : null };
      } catch (error) {
        // after a trap the WASM is of no more use: whoever runs it must start another
        if (error instanceof Error && error.name === 'RuntimeError') throw error;
        // a program the solver refuses or gives up on is one without an answer
        return { values: null };
      }
    },
  };
}
