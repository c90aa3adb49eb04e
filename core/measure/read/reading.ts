// What comes of reading something a maker typed: a value with where it came from, or a sentence that says what to do.

export type Reading =
  | {
      readonly ok: true;
      readonly value: number;
      /** Where the value came from, for the figure's source: `20 ga, B&S (ASTM B258)`. */
      readonly source: string;
    }
  | { readonly ok: false; readonly sentence: string };

export function read(value: number, source: string): Reading {
  return { ok: true, value, source };
}

export function unread(sentence: string): Reading {
  return { ok: false, sentence };
}
