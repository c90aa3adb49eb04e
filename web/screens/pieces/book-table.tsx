// The table of pieces: names and pictures first, figures when the count has loaded. Of a long book only the rows in sight are drawn.
import { lazy, Suspense } from 'react';
import { SortHead } from '../../components/sort-head.tsx';
import { TableMenu } from '../../grid/table-menu.tsx';
import { words } from '../../words/pieces.ts';
import type { BookRowsProps, SortKey } from './book-rows.ts';
import { PlainRows } from './plain-rows.tsx';

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

const ShortBook = lazy(async () => ({ default: (await import('./short-book.tsx')).ShortBook }));
const LongBook = lazy(async () => ({ default: (await import('./long-book.tsx')).LongBook }));

interface BookTableProps extends BookRowsProps {
  readonly onSort: (key: SortKey) => void;
}

export function BookTable({ pieces, all, sorting, onSort }: BookTableProps) {
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
      <Suspense fallback={<PlainRows pieces={pieces.slice(0, SHORT)} />}>
        {pieces.length <= SHORT ? (
          <ShortBook pieces={pieces} all={all} sorting={sorting} />
        ) : (
          <LongBook pieces={pieces} all={all} sorting={sorting} />
        )}
      </Suspense>
    </table>
  );
}
