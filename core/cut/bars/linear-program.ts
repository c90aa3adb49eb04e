// A linear or integer program, and the type of its solver. Core loads no solver: it is given one.

/** Bounds of a row. */
export interface ProgramRow {
  readonly lower: number;
  readonly upper: number;
}

/** The rows a column stands in, with its coefficients. */
export interface ProgramColumn {
  readonly cost: number;
  /** The lower bound of a column is 0. */
  readonly upper: number;
  readonly rows: readonly number[];
  readonly values: readonly number[];
}

/** Minimises the cost over columns of 0 or more, within the rows. */
export interface LinearProgram {
  readonly rows: readonly ProgramRow[];
  readonly columns: readonly ProgramColumn[];
  /** Whether columns are integers. */
  readonly isInteger: boolean;
}

/** The solution of a program. */
export interface ProgramSolution {
  /** `stopped`: out of time, with the best solution so far if there is one. */
  readonly status: 'optimal' | 'stopped' | 'none';
  /** Values of the columns; empty without a solution. */
  readonly values: readonly number[];
  /** Duals of the rows; of a linear program only. */
  readonly duals: readonly number[];
  readonly objective: number;
  /** Lower bound of the objective. */
  readonly bound: number;
}

/**
 * Solves a program.
 * @param seconds  time it may take
 * @param target   a solution that costs no more is good enough
 */
export type LinearProgramSolver = (program: LinearProgram, seconds: number, target?: number) => ProgramSolution;

/** Stands in where no solver can be had: plans come from the heuristics alone, and nothing is proved. */
export const noSolver: LinearProgramSolver = () => ({
  status: 'stopped',
  values: [],
  duals: [],
  objective: Infinity,
  bound: -Infinity,
});
