// Passes the HiGHS solver (MIT licence, as WebAssembly) to core.
import type { Highs } from 'highs';
import type { LinearProgram, LinearProgramSolver, ProgramSolution } from '../core/cut/bars/linear-program.ts';

/** HiGHS's own codes for a finished and for an interrupted run. */
const OPTIMAL = 7;
const STOPPED = new Set([12, 13, 14, 16, 17]);
/** Repeatable unless time ends it. */
const SEED = 1;

/** @param highs  as loaded; in a page the worker that loads it finds its file */
export function solveWith(highs: Highs): LinearProgramSolver {
  return (program, seconds, target = -Infinity) =>
    highs.withModel(modelOf(program, highs.infinity), (model): ProgramSolution => {
      model.options.set({
        output_flag: false,
        random_seed: SEED,
        time_limit: Math.max(0.01, seconds),
        mip_rel_gap: 0,
        mip_abs_gap: 1e-7,
        ...(program.isInteger && target > -Infinity && { objective_target: target }),
      });
      model.run();
      const status: number = model.getModelStatus();
      const isOptimal = status === OPTIMAL;
      const objective = model.getObjectiveValue();
      // Out of time before a first solution, the objective is not a number.
      if (!isOptimal && !(STOPPED.has(status) && Number.isFinite(objective) && Math.abs(objective) < 1e29))
        return {
          status: STOPPED.has(status) ? 'stopped' : 'none',
          values: [],
          duals: [],
          objective: Infinity,
          bound: -Infinity,
        };
      const { colValue, rowDual } = model.getSolution();
      const bound = program.isInteger ? Number(model.info.get('mip_dual_bound')) : objective;
      return {
        status: isOptimal ? 'optimal' : 'stopped',
        values: [...colValue],
        duals: program.isInteger ? [] : [...rowDual],
        objective,
        bound,
      };
    });
}

function modelOf({ rows, columns, isInteger }: LinearProgram, infinity: number) {
  const bounded = (value: number) => (value === Infinity ? infinity : value === -Infinity ? -infinity : value);
  const starts = [0];
  for (const column of columns) starts.push((starts.at(-1) ?? 0) + column.rows.length);
  return {
    numCols: columns.length,
    numRows: rows.length,
    colCost: columns.map(({ cost }) => cost),
    colLower: columns.map(() => 0),
    colUpper: columns.map(({ upper }) => bounded(upper)),
    rowLower: rows.map(({ lower }) => bounded(lower)),
    rowUpper: rows.map(({ upper }) => bounded(upper)),
    matrix: {
      format: 'csc' as const,
      numRows: rows.length,
      numCols: columns.length,
      starts,
      indices: columns.flatMap((column) => column.rows),
      values: columns.flatMap((column) => column.values),
    },
    ...(isInteger && { integrality: new Int32Array(columns.length).fill(1) }),
  };
}
