// The table of pieces: only the rows in sight are drawn.
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useLayoutEffect, useRef, useState } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { PieceLine } from './piece-line.tsx';
import { bookLine } from './use-book.ts';

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

const ROW_PX = 54;
const OVERSCAN = 6;

interface BookTableProps {
  readonly pieces: readonly PieceDocument[];
  readonly sorting: Sorting | null;
  readonly onSort: (key: SortKey) => void;
}

export function BookTable({ pieces, sorting, onSort }: BookTableProps) {
  const basis = useBasis();
  const table = useRef<HTMLTableElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(table.current?.offsetTop ?? 0), []);

  const rows = useWindowVirtualizer({
    count: pieces.length,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
    scrollMargin: top,
    getItemKey: (index) => pieces[index]?.id ?? index,
  });
  const items = rows.getVirtualItems();
  const above = (items[0]?.start ?? top) - top;
  const below = rows.getTotalSize() - ((items.at(-1)?.end ?? top) - top);
  return (
    <table ref={table} className="rows plain-list mt-4">
      <thead>
        <tr>
          <th scope="col" className="first">
            <span className="sr-only">stock</span>
          </th>
          {heads.map(({ key, label, end }) => (
            <th
              key={key}
              scope="col"
              className={end ? 'end' : ''}
              aria-sort={sorting?.key === key ? (sorting.descending ? 'descending' : 'ascending') : 'none'}
            >
              <button
                type="button"
                className="inline-flex items-center gap-[2px] hover:text-ink"
                onClick={() => onSort(key)}
              >
                {label}
                {sorting?.key === key &&
                  (sorting.descending ? (
                    <ArrowDown size={13} aria-hidden="true" />
                  ) : (
                    <ArrowUp size={13} aria-hidden="true" />
                  ))}
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {above > 0 && <tr aria-hidden="true" style={{ height: above }} />}
        {items.map(({ index, key }) => {
          const piece = pieces[index];
          return (
            piece && <PieceLine key={key} index={index} measure={rows.measureElement} line={bookLine(piece, basis)} />
          );
        })}
        {below > 0 && <tr aria-hidden="true" style={{ height: below }} />}
      </tbody>
    </table>
  );
}
