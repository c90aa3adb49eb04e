// Tables laid out as grids keep the widths of their columns in one template.

/** Whether a table is laid out as a grid. */
export function isGridTable(table: HTMLTableElement): boolean {
  return table.classList.contains('rows-fixed');
}

/** The usual tracks of a grid table, one a column. */
export function tracksOf(table: HTMLTableElement): readonly string[] {
  table.dataset['tracks'] ??= table.style.gridTemplateColumns;
  return table.dataset['tracks'].split(' ').filter(Boolean);
}

/** Draws the template without hidden columns. @param widths  px; 0 for the usual width */
export function drawTracks(table: HTMLTableElement, hidden: readonly number[], widths: readonly number[]): void {
  table.style.gridTemplateColumns = tracksOf(table)
    .map((track, at) => (widths[at] ? `${String(Math.round(widths[at]))}px` : track))
    .filter((_, at) => !hidden.includes(at))
    .join(' ');
}
