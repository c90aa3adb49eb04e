// The pieces in the order the maker chose.
import { useMemo } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { bookLine, useBook } from '../../hooks/use-book.ts';
import type { Basis } from '../../state/basis.ts';
import { titleOf } from '../../state/book-line.ts';
import type { BookRowsProps, Sorting } from './book-rows.ts';

/** @returns the pieces sorted; as they came while a figure is not yet counted for all */
export function useSortedBook({ pieces, all, sorting }: BookRowsProps): readonly PieceDocument[] {
  const basis = useBasis();
  const { isWhole } = useBook(all);
  return useMemo(
    () => (sorting && (isWhole || sorting.key === 'name') ? sorted(pieces, sorting, basis) : pieces),
    [pieces, sorting, isWhole, basis],
  );
}

function sorted(pieces: readonly PieceDocument[], { key, descending }: Sorting, basis: Basis): PieceDocument[] {
  const sign = descending ? -1 : 1;
  const byName = (a: PieceDocument, b: PieceDocument) =>
    titleOf(a).localeCompare(titleOf(b)) || a.id.localeCompare(b.id);
  if (key === 'name') return pieces.toSorted((a, b) => sign * byName(a, b));
  const values = new Map(
    pieces.map((piece) => {
      const { count, sells } = bookLine(piece, basis);
      const figure = { weight: count.weight, minutes: count.minutes, cost: count.column.cost, ...sells }[key];
      return [piece, figure.value] as const;
    }),
  );
  return pieces.toSorted((a, b) => sign * ((values.get(a) ?? 0) - (values.get(b) ?? 0)) || byName(a, b));
}
