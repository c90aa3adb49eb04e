// The blank row at the foot of a table: typing in it adds it to the document.
import { useMemo, useState } from 'react';

/**
 * A row that is not in the document yet, with the id it will have, so that its field stays the same element
 * when the row is added and typing goes on.
 * @param make  a fresh row, often based on the row before it. Pass the same function each time: another function
 *   renders the row again
 */
export function useBlankRow<Row extends { readonly id: string }>(
  rows: readonly Row[],
  make: (previous: Row | undefined, id: string) => Row,
): Row {
  const [id, setId] = useState(() => crypto.randomUUID());
  if (rows.some((row) => row.id === id)) setId(crypto.randomUUID());
  const last = rows.at(-1);
  return useMemo(() => make(last, id), [make, last, id]);
}
