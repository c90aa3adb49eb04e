// Columns that are hidden in a table, remembered on this device.
import { headText } from './blocks.ts';

/** Columns further to the right cannot be hidden. */
const MOST_COLUMNS = 14;

/** Names the table on this device: by its column heads. */
export function columnsKey(table: HTMLTableElement): string {
  const heads = [...(table.tHead?.rows[0]?.cells ?? [])].map(headText);
  return `noon-columns-${heads.join('|')}`;
}

/** A table that is laid out as a grid has its widths in the grid. */
export function canHideColumns(table: HTMLTableElement): boolean {
  const { length } = table.tHead?.rows[0]?.cells ?? [];
  return !table.classList.contains('rows-fixed') && length > 2 && length <= MOST_COLUMNS;
}

/** Indexes of the hidden columns. */
export function hiddenColumns(key: string): readonly number[] {
  try {
    return (localStorage.getItem(key) ?? '').split(' ').filter(Boolean).map(Number);
  } catch {
    return [];
  }
}

export function keepHidden(key: string, columns: readonly number[]): void {
  try {
    if (columns.length > 0) localStorage.setItem(key, columns.join(' '));
    else localStorage.removeItem(key);
  } catch {
    // Without storage nothing is remembered.
  }
}

/** Hides columns of a table; the style sheet does it by this attribute. */
export function showHidden(table: HTMLTableElement, columns: readonly number[]): void {
  if (columns.length > 0) table.dataset['hide'] = columns.join(' ');
  else delete table.dataset['hide'];
}
