// Widths of columns: dragged at the right edge of a head, remembered on this device.
import { remember, remembered } from '../state/remembered.ts';
import { headsOf } from './blocks.ts';
import { drawTracks, isGridTable } from './grid-tracks.ts';
import { canHideColumns, columnsKey, hiddenColumns, numbersOf } from './hidden-columns.ts';

/** px at the right edge of a head that take the drag. */
const EDGE_PX = 7;
const LEAST_PX = 32;

const keyOf = (table: HTMLTableElement) => columnsKey(table).replace('noon-columns', 'noon-widths');

/** What carries the width of a column: its `col`, or else its head. */
function carrierOf(table: HTMLTableElement, column: number): HTMLElement | undefined {
  const cols = table.querySelector('colgroup')?.children;
  return (cols?.[column] as HTMLElement | undefined) ?? table.tHead?.rows[0]?.cells[column];
}

/** Takes a press at the edge of a head. @returns whether it was one */
export function startResize(press: PointerEvent): boolean {
  const head = press.target instanceof Element ? press.target.closest('th') : null;
  const table = head?.closest('table');
  if (!head || !table || head.closest('tbody') || !canHideColumns(table)) return false;
  const box = head.getBoundingClientRect();
  if (press.clientX < box.right - EDGE_PX) return false;
  const carrier = carrierOf(table, head.cellIndex);
  if (!carrier) return false;
  press.preventDefault();
  const tracks = [...widthsOf(table)];
  const move = ({ clientX }: PointerEvent) => {
    const px = Math.max(LEAST_PX, clientX - box.left);
    if (!isGridTable(table)) return void setWidth(carrier, px);
    tracks[head.cellIndex] = px;
    drawTracks(table, hiddenColumns(columnsKey(table)), tracks);
  };
  const ended = new AbortController();
  const stop = () => {
    ended.abort();
    if (isGridTable(table))
      remember(
        keyOf(table),
        headsOf(table).map((_, at) => Math.round(tracks[at] ?? 0)),
      );
    else keepWidths(table);
  };
  window.addEventListener('pointermove', move, ended);
  window.addEventListener('pointerup', stop, ended);
  window.addEventListener('pointercancel', stop, ended);
  return true;
}

function setWidth(carrier: HTMLElement, px: number): void {
  carrier.style.width = `${String(Math.round(px))}px`;
  carrier.style.minWidth = carrier.style.width;
}

function keepWidths(table: HTMLTableElement): void {
  const widths = headsOf(table).map((_, column) => parseInt(carrierOf(table, column)?.style.minWidth ?? '', 10) || 0);
  remember(keyOf(table), widths);
}

/** Sets the widths that were chosen before. */
export function showWidths(table: HTMLTableElement): void {
  if (isGridTable(table)) {
    if (canHideColumns(table)) drawTracks(table, hiddenColumns(columnsKey(table)), widthsOf(table));
    return;
  }
  widthsOf(table).forEach((px, column) => {
    const carrier = px > 0 ? carrierOf(table, column) : undefined;
    if (carrier) setWidth(carrier, px);
  });
}

/** The chosen widths, px; 0 for a column that has its usual one. */
export function widthsOf(table: HTMLTableElement): readonly number[] {
  return numbersOf(remembered(keyOf(table)));
}

/** Gives all columns their usual widths. */
export function resetWidths(table: HTMLTableElement): void {
  remember(keyOf(table), null);
  if (isGridTable(table)) {
    drawTracks(table, hiddenColumns(columnsKey(table)), []);
    return;
  }
  headsOf(table).forEach((_, column) => {
    const carrier = carrierOf(table, column);
    carrier?.style.removeProperty('width');
    carrier?.style.removeProperty('min-width');
  });
}
