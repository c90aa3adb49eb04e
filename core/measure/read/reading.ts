// The result of reading typed text: a value with its source, or a sentence that says what to do.

/** The result of reading typed text. */
export type Reading =
  | {
      readonly ok: true;
      readonly value: number;
      /** Source of the value for its figure: `20 ga, B&S (ASTM B258)`. */
      readonly source: string;
    }
  | { readonly ok: false; readonly sentence: string };

/** A value that was read. */
export function read(value: number, source: string): Reading {
  return { ok: true, value, source };
}

/** Text that cannot be read, with the sentence. */
export function unread(sentence: string): Reading {
  return { ok: false, sentence };
}
