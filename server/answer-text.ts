// Answers as JSON. A long list stays the same object until the ledger changes, and so does each of its rows: what was
// written once is not written again.
/** Rows from which on a list is long. */
const LONG_LIST = 20;

/** @returns the function that writes an answer as JSON */
export function answerText(): (answer: unknown) => string | Buffer {
  const texts = new WeakMap<object, string>();
  const lists = new WeakMap<object, Buffer>();
  const textOf = (row: unknown): string => {
    if (typeof row !== 'object' || row === null) return JSON.stringify(row);
    const known = texts.get(row) ?? JSON.stringify(row);
    texts.set(row, known);
    return known;
  };
  return (answer) => {
    if (!Array.isArray(answer) || answer.length < LONG_LIST) return JSON.stringify(answer);
    const known = lists.get(answer) ?? Buffer.from(`[${answer.map(textOf).join()}]`);
    lists.set(answer, known);
    return known;
  };
}
