// What comes of a row of an imported file.

/** What a row would do. */
export type RowEffect = 'new' | 'changed' | 'same' | 'bad';

/** A row that was read, before anything is imported. */
export interface RowReading<Value> {
  readonly effect: RowEffect;
  /** What the row is about. */
  readonly title: string;
  /** What it would do, or why it cannot be read. */
  readonly says: string;
  /** null where nothing is imported. */
  readonly value: Value | null;
}

/** A row that cannot be imported. */
export function bad(title: string, says: string): RowReading<never> {
  return { effect: 'bad', title: title || 'no name', says, value: null };
}
