// The table of pieces. Of a long book only the rows in sight are drawn.
import { lazy, Suspense } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { SortHead } from '../../components/sort-head.tsx';
import { TableMenu } from '../../grid/table-menu.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { bookLine } from '../../hooks/use-book.ts';
import { words } from '../../words/pieces.ts';
import { PieceLine } from './piece-line.tsx';

export type SortKey = 'name' | 'weight' | 'minutes' | 'cost' | 'wholesale' | 'retail';
export interface Sorting {
  readonly key: SortKey;
  readonly descending: boolean;
}

const heads: readonly { key: SortKey; label: string; end: boolean }[] = [
  { key: 'name', label: 'piece', end: false },
  { key: 'weight', label: 'weight, g', end: true },
  { key: 'minutes', label: 'bench time, min', end: true },
  { key: 'cost', label: 'cost', end: true },
  { key: 'wholesale', label: 'wholesale', end: true },
  { key: 'retail', label: 'retail', end: true },
];

/** A book up to this length is drawn whole; the rows of a longer one load on demand. */
const SHORT = 60;

const LongBook = lazy(async () => ({ default: (await import('./long-book.tsx')).LongBook }));

interface BookTableProps {
  readonly pieces: readonly PieceDocument[];
  readonly sorting: Sorting | null;
  readonly onSort: (key: SortKey) => void;
}

export function BookTable({ pieces, sorting, onSort }: BookTableProps) {
  return (
    <table className="rows plain-list mt-4">
      <thead>
        <tr>
          <th scope="col" className="first">
            <span className="sr-only">{words.stock}</span>
            <TableMenu />
          </th>
          {heads.map(({ key, label, end }) => (
            <th
              key={key}
              scope="col"
              className={end ? 'end' : ''}
              aria-sort={sorting?.key === key ? (sorting.descending ? 'descending' : 'ascending') : 'none'}
            >
              <SortHead
                text={label}
                isOn={sorting?.key === key}
                isDown={sorting?.descending ?? false}
                onPress={() => onSort(key)}
              />
            </th>
          ))}
        </tr>
      </thead>
      {pieces.length <= SHORT ? (
        <WholeBook pieces={pieces} />
      ) : (
        <Suspense fallback={<WholeBook pieces={pieces.slice(0, SHORT)} />}>
          <LongBook pieces={pieces} />
        </Suspense>
      )}
    </table>
  );
}

function WholeBook({ pieces }: { pieces: readonly PieceDocument[] }) {
  const basis = useBasis();
  return (
    <tbody>
      {pieces.map((piece, index) => (
        <PieceLine key={piece.id} index={index} line={bookLine(piece, basis)} />
      ))}
    </tbody>
  );
}
