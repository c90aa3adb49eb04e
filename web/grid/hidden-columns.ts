// Columns that are hidden in a table, remembered on this device.
import { remember, remembered } from '../state/remembered.ts';
import { headsOf } from './blocks.ts';
import { isGridTable, tracksOf } from './grid-tracks.ts';

/** Columns further to the right cannot be hidden. */
const MOST_COLUMNS = 14;

/** Names the table on this device: by its column heads. */
export function columnsKey(table: HTMLTableElement): string {
  return `noon-columns-${headsOf(table).join('|')}`;
}

export function canHideColumns(table: HTMLTableElement): boolean {
  const { length } = headsOf(table);
  const hasTracks = !isGridTable(table) || tracksOf(table).length === length;
  return hasTracks && length > 2 && length <= MOST_COLUMNS;
}

/** Indexes of the hidden columns. */
export function hiddenColumns(key: string): readonly number[] {
  return numbersOf(remembered(key));
}

export function keepHidden(key: string, columns: readonly number[]): void {
  remember(key, columns.length > 0 ? columns : null);
}

/** Hides columns of a table; the style sheet does it by this attribute. */
export function showHidden(table: HTMLTableElement, columns: readonly number[]): void {
  if (columns.length > 0) table.dataset['hide'] = columns.join(' ');
  else delete table.dataset['hide'];
}

/** The numbers of a list; none where it is no list of numbers. */
export function numbersOf(value: unknown): readonly number[] {
  return Array.isArray(value) ? value.filter((one): one is number => typeof one === 'number') : [];
}
