// The rows of a long book that are in sight, with room for those above and below.
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { useBasis } from '../../hooks/use-basis.ts';
import { bookLine } from '../../hooks/use-book.ts';
import type { BookRowsProps } from './book-rows.ts';
import { PieceLine } from './piece-line.tsx';
import { useSortedBook } from './use-sorted-book.ts';

const ROW_PX = 54;
const OVERSCAN = 6;

export function LongBook(props: BookRowsProps) {
  const basis = useBasis();
  const pieces = useSortedBook(props);
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(body.current?.closest('table')?.offsetTop ?? 0), []);

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
    <tbody ref={body}>
      {above > 0 && <tr aria-hidden="true" style={{ height: above }} />}
      {items.map(({ index, key }) => {
        const piece = pieces[index];
        return (
          piece && <PieceLine key={key} index={index} measure={rows.measureElement} line={bookLine(piece, basis)} />
        );
      })}
      {below > 0 && <tr aria-hidden="true" style={{ height: below }} />}
    </tbody>
  );
}
