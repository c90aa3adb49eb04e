// The blank row at the foot of a table: writing in it makes it a row.
import { useMemo, useState } from 'react';

/**
 * A row that is not yet in the document, with the id it will have; so the field being written in stays the same element
 * when the row becomes real, and the hand is not interrupted.
 * @param make  a fresh row; what the row before was made of is often what comes next. Where it is the same function each
 *   time, the row is drawn again only when another comes
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
