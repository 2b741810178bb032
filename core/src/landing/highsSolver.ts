import loadHighs from 'highs';
import type { LinearProgram, LinearSolver, Terms } from './linearProgram';

const number = (value: number) => value.toPrecision(14);

function sum(terms: Terms): string {
  const kept = terms.filter(([, coefficient]) => coefficient !== 0);
  if (kept.length === 0) return '0 x0';
  return kept
    .map(([variable, c]) => `${c < 0 ? '-' : '+'} ${number(Math.abs(c))} x${variable}`)
    .join(' ');
}

/** The program in CPLEX LP text, the format the solver reads. */
function lpText(program: LinearProgram): string {
  const lines = ['Minimize', ` cost: ${sum(program.cost.map((c, i) => [i, c]))}`, 'Subject To'];
  program.constraints.forEach(({ terms, low, high }, index) => {
    if (low === high) lines.push(` e${index}: ${sum(terms)} = ${number(low)}`);
    else {
      if (Number.isFinite(low)) lines.push(` l${index}: ${sum(terms)} >= ${number(low)}`);
      if (Number.isFinite(high)) lines.push(` h${index}: ${sum(terms)} <= ${number(high)}`);
    }
  });
  lines.push('Bounds');
  program.lower.forEach((low, i) => {
    const high = program.upper[i] ?? Infinity;
    lines.push(` ${number(low)} <= x${i} <= ${Number.isFinite(high) ? number(high) : '+inf'}`);
  });
  if (program.binary && program.binary.size > 0) {
    lines.push('Binary', ` ${[...program.binary].map((i) => `x${i}`).join(' ')}`);
  }
  lines.push('End');
  return lines.join('\n');
}

/**
 * HiGHS as a linear solver: dual simplex, and branch and bound where variables are binary.
 *
 * @param locateFile where the WASM file lies, for a browser; left out in Node.js
 * @throws Error when the WASM can't be loaded
 */
export async function highsSolver(locateFile?: (file: string) => string): Promise<LinearSolver> {
  const highs = await loadHighs(locateFile ? { locateFile } : {});
  return {
    solve(program, timeLimitS) {
      const { Status, Columns } = highs.solve(lpText(program), {
        ...(program.binary
          ? { presolve: 'on' as const }
          : { solver: 'simplex' as const, presolve: 'off' as const }),
        output_flag: false,
        time_limit: timeLimitS,
        simplex_iteration_limit: 5000,
        mip_rel_gap: 1e-3,
      });
      if (Status !== 'Optimal' && Status !== 'Time limit reached') return { values: null };
      const values = program.cost.map((_, i) => {
        const column = Columns[`x${i}`];
        return column && 'Primal' in column ? column.Primal : NaN;
      });
      return { values: values.every(Number.isFinite) ? values : null };
    },
  };
}
