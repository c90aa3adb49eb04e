// An issue: what is wrong with something typed, where, and what to do.

/** Something that cannot be computed: its path in the document, and the sentence shown beside it. */
export interface Issue {
  readonly path: string;
  readonly sentence: string;
  /** Only a price is missing: the issue is shown, but the document can be accepted. */
  readonly onlyPrice?: true;
}

/** Whether an issue keeps the document from being accepted. */
export function blocks(problem: Issue): boolean {
  return !problem.onlyPrice;
}

/** Whether two lists hold the same issues in the same order. */
export function sameIssues(before: readonly Issue[], after: readonly Issue[]): boolean {
  return (
    before.length === after.length &&
    before.every((issue, index) => issue.path === after[index]?.path && issue.sentence === after[index].sentence)
  );
}
