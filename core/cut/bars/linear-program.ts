// A linear or whole-number program, and whoever solves it: the core loads no solver, it is handed one.

export interface ProgramRow {
  readonly lower: number;
  readonly upper: number;
}

/** Where a column stands in the rows, and with what. */
export interface ProgramColumn {
  readonly cost: number;
  /** Least is 0. */
  readonly upper: number;
  readonly rows: readonly number[];
  readonly values: readonly number[];
}

/** Least cost over columns of 0 or more, the rows kept. */
export interface LinearProgram {
  readonly rows: readonly ProgramRow[];
  readonly columns: readonly ProgramColumn[];
  /** Whole numbers only. */
  readonly isInteger: boolean;
}

export interface ProgramSolution {
  /** `stopped`: out of time, with the best so far if there is any. */
  readonly status: 'optimal' | 'stopped' | 'none';
  /** Of the columns; empty when there is none. */
  readonly values: readonly number[];
  /** Of the rows; of a linear program only. */
  readonly duals: readonly number[];
  readonly objective: number;
  /** No answer costs less. */
  readonly bound: number;
}

/**
 * @param seconds  time it may take
 * @param target   an answer that costs no more is good enough
 */
export type LinearProgramSolver = (program: LinearProgram, seconds: number, target?: number) => ProgramSolution;
