// Rows that are reordered by dragging their handle, or with Alt and an arrow key. A library that watches every row
// makes opening a long piece slow (docs/decisions/006), so rows are measured only while one is dragged.
import { createContext, type PointerEvent, type ReactNode, useContext } from 'react';
import { useLatest } from '../hooks/use-latest.ts';

/** px the pointer moves before a drag starts, so that a click on the handle opens its menu. */
const DRAG_FROM_PX = 6;

type Move = (from: number, to: number) => void;
const MoveContext = createContext<Move | null>(null);

export function SortableRows({ onMove, children }: { onMove: Move; children: ReactNode }) {
  return <MoveContext value={useLatest(onMove)}>{children}</MoveContext>;
}

/** The press handler of a row's handle; null outside of sortable rows. */
export function useHandle(): ((event: PointerEvent<HTMLElement>) => void) | null {
  const move = useContext(MoveContext);
  return move && ((event) => drag(event, move));
}

function drag(press: PointerEvent<HTMLElement>, move: Move): void {
  const row = press.currentTarget.closest('tbody');
  const rows = [...(row?.closest('table')?.querySelectorAll<HTMLElement>(':scope > tbody[data-sortable]') ?? [])];
  const from = row ? rows.indexOf(row) : -1;
  if (from < 0 || press.button !== 0) return;
  const startY = press.clientY;
  let to = from;
  let isDragged = false;
  const clear = () => {
    for (const each of rows) delete each.dataset['drop'];
  };
  const onPointerMove = ({ clientY }: globalThis.PointerEvent) => {
    if (!isDragged && Math.abs(clientY - startY) < DRAG_FROM_PX) return;
    isDragged = true;
    row?.classList.add('row-dragged');
    const under = rows.findIndex((each) => clientY < each.getBoundingClientRect().bottom);
    to = under < 0 ? rows.length - 1 : under;
    clear();
    const target = rows[to];
    if (target && to !== from) target.dataset['drop'] = to < from ? 'before' : 'after';
  };
  const stop = (isDropped: boolean) => {
    window.removeEventListener('pointermove', onPointerMove);
    window.removeEventListener('pointerup', onDrop);
    window.removeEventListener('pointercancel', onCancel);
    row?.classList.remove('row-dragged');
    clear();
    if (isDropped && isDragged && to !== from) move(from, to);
  };
  const onDrop = () => stop(true);
  const onCancel = () => stop(false);
  window.addEventListener('pointermove', onPointerMove);
  window.addEventListener('pointerup', onDrop);
  window.addEventListener('pointercancel', onCancel);
}
