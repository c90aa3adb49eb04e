// The issues of a row: each field points to the line below the row that names its issue.
import { useId } from 'react';

export interface RowProblems {
  readonly id: string;
  readonly at: (path: string) => { problem: string | undefined; problemId: string };
  readonly sentences: readonly string[];
}

/** @param problems  by path within the row */
export function useRowProblems(problems: Readonly<Record<string, string>>): RowProblems {
  const id = useId();
  return {
    id,
    at: (path) => ({ problem: problems[path], problemId: id }),
    sentences: [...new Set(Object.values(problems))],
  };
}
