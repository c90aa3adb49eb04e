// The menu of a table: copy it, save it as CSV, choose its columns. It stands in the margin beside the heads.
import { Ellipsis } from 'lucide-react';
import { lazy, Suspense, useLayoutEffect, useRef, useState } from 'react';
import { words } from '../words/grid.ts';
import type { Block } from './blocks.ts';
import { showWidths } from './column-widths.ts';
import { columnsKey, hiddenColumns, showHidden } from './hidden-columns.ts';

const TableMenuList = lazy(async () => ({ default: (await import('./table-menu-list.tsx')).TableMenuList }));

interface TableMenuProps {
  /** The whole table, heads first, where only the rows in sight are drawn. */
  readonly whole?: () => Block;
}

export function TableMenu({ whole }: TableMenuProps) {
  const button = useRef<HTMLButtonElement>(null);
  const [table, setTable] = useState<HTMLTableElement | null>(null);
  useLayoutEffect(() => {
    const own = button.current?.closest('table');
    if (!own) return;
    showHidden(own, hiddenColumns(columnsKey(own)));
    showWidths(own);
  }, []);
  return (
    <>
      <button
        ref={button}
        type="button"
        className="table-menu chrome"
        title={words.tableMenu}
        aria-label={words.tableMenu}
        aria-haspopup="menu"
        aria-expanded={table !== null}
        onClick={() => setTable(button.current?.closest('table') ?? null)}
      >
        <Ellipsis size={17} />
      </button>
      {table && (
        <Suspense>
          <TableMenuList
            table={table}
            whole={whole}
            onClose={() => {
              setTable(null);
              button.current?.focus();
            }}
          />
        </Suspense>
      )}
    </>
  );
}
