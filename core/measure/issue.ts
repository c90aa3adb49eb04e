// What is wrong with something typed: where it stands, and a sentence that says what to do.

/** Something that cannot be reckoned with: where it stands in the document, and the sentence shown beside it. */
export interface Issue {
  readonly path: string;
  readonly sentence: string;
  /** The description is sound but a price is missing today: shown, but nothing is kept from being accepted. */
  readonly onlyPrice?: true;
}

/** Whether a problem keeps the document from being accepted. */
export function blocks(problem: Issue): boolean {
  return !problem.onlyPrice;
}
