// Refusals of the store; the edges turn them into answers.

/** The ledger holds nothing under that id. */
export class NotThere extends Error {}

/** The write was based on a version that is no longer the current one. */
export class ChangedMeanwhile extends Error {
  readonly current: unknown;

  /** @param what  the document, or a whole sentence */
  constructor(what: string, current: unknown) {
    super(
      what.endsWith('.') ? what : `${what} was edited elsewhere. Your changes are safe; choose which version to keep.`,
    );
    this.current = current;
  }
}

/** The document cannot be accepted, with a sentence for each issue. */
export class NotAcceptable extends Error {
  readonly errors: readonly { path: string; sentence: string }[];

  constructor(message: string, errors: readonly { path: string; sentence: string }[]) {
    super(message);
    this.errors = errors;
  }
}
