// What a block of cells needs of a field: its text, and a way to write to it. Fields register themselves by their
// element, so that the same functions serve every table.

/** A field of a table. */
export interface Cell {
  /** As it is shown. */
  readonly text: string;
  /** Writes as typing would. */
  readonly write: (text: string) => void;
}

const cells = new WeakMap<Element, Cell>();
const removers = new WeakMap<Element, () => void>();

export function registerCell(element: HTMLElement, cell: Cell): void {
  cells.set(element, cell);
}

/** @param remove  removes the row from its document */
export function registerRow(row: Element, remove: () => void): void {
  removers.set(row, remove);
}

/** Removes a row from its document; undefined for a row that stays. */
export function removerOf(row: Element): (() => void) | undefined {
  return removers.get(row);
}

/** The row of a table an element stands in; null outside of one. */
export function rowOf(element: Element): HTMLElement | null {
  return element.closest<HTMLElement>('tbody[data-row], [data-grid-row]') ?? element.closest<HTMLElement>('tbody tr');
}

/** The rows of the table of a row that have a field, from above. */
export function rowsAround(row: Element): readonly HTMLElement[] {
  const all = row
    .closest('table, [data-grid]')
    ?.querySelectorAll<HTMLElement>('tbody[data-row], tbody:not([data-row]) > tr, [data-grid-row]');
  return [...(all ?? [])].filter((one) => cellsOf(one).length > 0);
}

/** The fields of a row, from the left. What unfolds below it does not count. */
export function cellsOf(row: Element): readonly Cell[] {
  return elementsOf(row).flatMap((element) => cells.get(element) ?? []);
}

/** Where an element stands among the fields of its row; -1 where it is none. */
export function columnOf(row: Element, element: Element): number {
  return elementsOf(row).findIndex((one) => one === element);
}

/**
 * The fields a pasted line goes to: the field itself, then the first text field of each column to its right.
 * @param column  where the field stands among the fields of the row
 * @returns indexes among the fields of the row
 */
export function columnsFrom(row: Element, column: number): readonly number[] {
  const all = elementsOf(row);
  if (row.matches('[data-grid-row]')) return all.slice(column).map((_, at) => column + at);
  const own = all[column]?.closest('td');
  const [...columns] = own?.parentElement?.children ?? [];
  const right = columns.slice(columns.indexOf(own as Element) + 1);
  const firsts = right.flatMap((one) => {
    const fields = all.filter((element) => one.contains(element));
    const first = fields.find((element) => !element.matches('select, [role=combobox]')) ?? fields[0];
    return first ? [all.indexOf(first)] : [];
  });
  return [column, ...firsts];
}

/** The element of the field in a column. */
export function elementAt(row: Element, column: number): HTMLElement | undefined {
  return elementsOf(row)[column];
}

function elementsOf(row: Element): readonly HTMLElement[] {
  const line = row.matches('tr, [data-grid-row]') ? row : row.querySelector('tr');
  return [...(line?.querySelectorAll<HTMLElement>('.field') ?? [])].filter((element) => cells.has(element));
}

/** The text of each column of a row: of its fields, or as it is shown. */
export function textsOf(row: Element): readonly string[] {
  const line = row.tagName === 'TR' ? (row as HTMLTableRowElement) : row.querySelector('tr');
  return [...(line?.cells ?? [])].map((cell) => {
    const fields = [...cell.querySelectorAll('.field')].flatMap((element) => cells.get(element)?.text.trim() ?? []);
    return fields.length > 0 ? fields.filter(Boolean).join(' ') : shownText(cell);
  });
}

/** The text of a cell or a head without its tools and pictures. */
export function shownText(cell: Element): string {
  const copy = cell.cloneNode(true) as Element;
  for (const one of copy.querySelectorAll('.row-tool, .table-menu, svg')) one.remove();
  return copy.textContent.replace(/\s+/g, ' ').trim();
}
