// Rows that are put in another order by dragging their handle; Alt with an arrow does the same by keys.
import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createContext, useContext, useMemo, type KeyboardEvent, type ReactNode } from 'react';
import { Row } from './row.tsx';

/** A drag begins after this far, so that a click on the handle opens its menu. */
const DRAG_FROM_PX = 6;

interface SortableRowsProps {
  readonly ids: readonly string[];
  readonly onMove: (from: number, to: number) => void;
  readonly children: ReactNode;
}

export function SortableRows({ ids, onMove, children }: SortableRowsProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const joined = ids.join(' ');
  // The same list for the same rows: a key in one of them is no reason to draw the others again.
  const items = useMemo(() => joined.split(' '), [joined]);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const [from, to] = [items.indexOf(String(active.id)), items.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

type Handle = ReturnType<typeof useSortable>['listeners'];
const HandleContext = createContext<Handle>(undefined);

/** What the handle of a row listens to; nothing outside of sortable rows. */
export function useHandle(): Handle {
  return useContext(HandleContext);
}

interface SortableRowProps {
  readonly id: string;
  /** The blank row at the foot: the same row before it is one, so that the field being written in stays where it is. */
  readonly isBlank?: boolean;
  readonly onKeyDown?: (event: KeyboardEvent) => void;
  readonly children: ReactNode;
}

export function SortableRow({ id, isBlank = false, onKeyDown, children }: SortableRowProps) {
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id, disabled: isBlank });
  return (
    <Row
      nodeRef={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition, ...(isDragging && { zIndex: 5 }) }}
      className={isBlank ? 'blank-row' : isDragging ? 'row-dragged' : undefined}
      {...(onKeyDown && { onKeyDown })}
    >
      <HandleContext value={listeners}>{children}</HandleContext>
    </Row>
  );
}
