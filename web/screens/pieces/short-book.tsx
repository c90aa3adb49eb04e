// The rows of a book that is drawn whole.
import { useBasis } from '../../hooks/use-basis.ts';
import { bookLine } from '../../hooks/use-book.ts';
import type { BookRowsProps } from './book-rows.ts';
import { PieceLine } from './piece-line.tsx';
import { useSortedBook } from './use-sorted-book.ts';

export function ShortBook(props: BookRowsProps) {
  const basis = useBasis();
  const pieces = useSortedBook(props);
  return (
    <tbody>
      {pieces.map((piece, index) => (
        <PieceLine key={piece.id} index={index} line={bookLine(piece, basis)} />
      ))}
    </tbody>
  );
}
