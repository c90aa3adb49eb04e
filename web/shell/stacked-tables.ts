// On a phone the cells of a row stand below each other, each with the head of its column. The heads are copied to the
// cells here, once for all tables; a table laid out in blocks loses its roles, so they are given, too.
import { useEffect } from 'react';

const NARROW = '(width < 640px)';

export function useStackedTables(): void {
  useEffect(() => {
    const narrow = matchMedia(NARROW);
    let frame = 0;
    const label = () => {
      frame = 0;
      for (const table of document.querySelectorAll<HTMLTableElement>('table.rows')) labelCells(table);
    };
    const observer = new MutationObserver(() => (frame ||= requestAnimationFrame(label)));
    const follow = () => {
      observer.disconnect();
      if (!narrow.matches) return;
      observer.observe(document.body, { childList: true, subtree: true });
      label();
    };
    follow();
    narrow.addEventListener('change', follow);
    return () => {
      narrow.removeEventListener('change', follow);
      observer.disconnect();
      cancelAnimationFrame(frame);
    };
  }, []);
}

/** Writes the head of its column to each cell; none to a cell over several columns, or below a head that is not shown. */
function labelCells(table: HTMLTableElement): void {
  const heads = [...(table.tHead?.rows[0]?.cells ?? [])].map((head) =>
    head.querySelector('.sr-only') ? '' : head.textContent.trim(),
  );
  table.setAttribute('role', 'table');
  for (const body of table.tBodies)
    for (const row of body.rows) {
      row.setAttribute('role', 'row');
      let at = 0;
      for (const cell of row.cells) {
        const label = cell.colSpan > 1 ? '' : (heads[at] ?? '');
        if (cell.dataset['label'] !== label) cell.dataset['label'] = label;
        if (!cell.hasAttribute('role')) cell.setAttribute('role', cell.tagName === 'TH' ? 'rowheader' : 'cell');
        at += cell.colSpan;
      }
    }
}
