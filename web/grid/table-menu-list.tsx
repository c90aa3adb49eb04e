// What the menu of a table offers.
import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { saveTable } from '../hooks/save-table.ts';
import { showToast } from '../state/toasts.ts';
import { words } from '../words/grid.ts';
import { type Block, blockOfTable, headsOf, tsvOf } from './blocks.ts';
import { resetWidths, showWidths, widthsOf } from './column-widths.ts';
import { canHideColumns, columnsKey, hiddenColumns, keepHidden, showHidden } from './hidden-columns.ts';

interface TableMenuListProps {
  readonly table: HTMLTableElement;
  readonly whole: (() => Block) | undefined;
  readonly onClose: () => void;
}

export function TableMenuList({ table, whole, onClose }: TableMenuListProps) {
  const key = columnsKey(table);
  const [hidden, setHidden] = useState(() => hiddenColumns(key));
  const block = () => whole?.() ?? blockOfTable(table);
  const hide = (next: readonly number[]) => {
    setHidden(next);
    keepHidden(key, next);
    showHidden(table, next);
    showWidths(table);
  };
  const heads = headsOf(table);
  return (
    <DropdownMenu.Root modal={false} open onOpenChange={(open) => !open && onClose()}>
      <DropdownMenu.Trigger asChild>
        <span className="table-menu invisible h-[21px] w-[21px]" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="menu" align="start" onCloseAutoFocus={(event) => event.preventDefault()}>
          <DropdownMenu.Item
            className="menu-item"
            onSelect={() => void navigator.clipboard.writeText(tsvOf(block())).then(() => showToast(words.copied))}
          >
            {words.copyTable}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="menu-item"
            onSelect={() => void saveTable(block(), `${nameOfTable(table)}.csv`)}
          >
            {words.saveAsCsv}
          </DropdownMenu.Item>
          {canHideColumns(table) && (
            <>
              <DropdownMenu.Label className="aside px-[10px] pt-2">{words.columns}</DropdownMenu.Label>
              {/* The first columns name the row. */}
              {heads.map((head, at) =>
                !head || at === heads.findIndex(Boolean) ? null : (
                  <DropdownMenu.CheckboxItem
                    key={`${String(at)} ${head}`}
                    className="menu-item"
                    checked={!hidden.includes(at)}
                    onSelect={(event) => event.preventDefault()}
                    onCheckedChange={(shown) => hide(shown ? hidden.filter((one) => one !== at) : [...hidden, at])}
                  >
                    {head} <span className="w-[16px]">{!hidden.includes(at) && <Check size={15} />}</span>
                  </DropdownMenu.CheckboxItem>
                ),
              )}
              {widthsOf(table).some((px) => px > 0) && (
                <DropdownMenu.Item className="menu-item" onSelect={() => resetWidths(table)}>
                  {words.resetWidths}
                </DropdownMenu.Item>
              )}
              {hidden.length > 0 && (
                <DropdownMenu.Item className="menu-item" onSelect={() => hide([])}>
                  {words.showAllColumns}
                </DropdownMenu.Item>
              )}
            </>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** A file name from the heading above a table, or from the page. */
function nameOfTable(table: HTMLTableElement): string {
  const heading = table.closest('section')?.querySelector('h1, h2, h3')?.textContent;
  const name = table.getAttribute('aria-label') ?? heading ?? document.querySelector('h1')?.textContent ?? 'table';
  return (
    name
      .trim()
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-|-$/g, '') || 'table'
  );
}
