// Widths of columns: dragged at the right edge of a head, remembered on this device.
import { canHideColumns, columnsKey } from './hidden-columns.ts';

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
  const move = ({ clientX }: PointerEvent) => setWidth(carrier, Math.max(LEAST_PX, clientX - box.left));
  const stop = () => {
    window.removeEventListener('pointermove', move);
    keepWidths(table);
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', stop, { once: true });
  return true;
}

function setWidth(carrier: HTMLElement, px: number): void {
  carrier.style.width = `${String(Math.round(px))}px`;
  carrier.style.minWidth = carrier.style.width;
}

function columnsOf(table: HTMLTableElement): number {
  return table.tHead?.rows[0]?.cells.length ?? 0;
}

function keepWidths(table: HTMLTableElement): void {
  const widths = Array.from({ length: columnsOf(table) }, (_, column) => parseInt(carrierOf(table, column)?.style.minWidth ?? '', 10) || 0); // prettier-ignore
  try {
    localStorage.setItem(keyOf(table), widths.join(' '));
  } catch {
    // Without storage nothing is remembered.
  }
}

/** Sets the widths that were chosen before. */
export function showWidths(table: HTMLTableElement): void {
  widthsOf(table).forEach((px, column) => {
    const carrier = px > 0 ? carrierOf(table, column) : undefined;
    if (carrier) setWidth(carrier, px);
  });
}

/** The chosen widths, px; 0 for a column that has its usual one. */
export function widthsOf(table: HTMLTableElement): readonly number[] {
  try {
    return (localStorage.getItem(keyOf(table)) ?? '').split(' ').filter(Boolean).map(Number);
  } catch {
    return [];
  }
}

/** Gives all columns their usual widths. */
export function resetWidths(table: HTMLTableElement): void {
  try {
    localStorage.removeItem(keyOf(table));
  } catch {
    // Nothing was remembered.
  }
  for (let column = 0; column < columnsOf(table); column += 1) {
    const carrier = carrierOf(table, column);
    carrier?.style.removeProperty('width');
    carrier?.style.removeProperty('min-width');
  }
}
