import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { createElement, type CSSProperties, type ReactNode } from 'react';

/** A drag begins after so many px: a press stays a press. */
const BEGINS_PX = 8;

interface FieldProps {
  readonly children: ReactNode;
  /** What was dropped, and on what. */
  readonly onDrop: (what: string, onto: string) => void;
}

/** A field in which things are dragged onto others. What it does must have a button too. */
export function DragField({ children, onDrop }: FieldProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: BEGINS_PX } }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragEnd={({ active, over }) => {
        if (over) onDrop(String(active.id), String(over.id));
      }}
    >
      {children}
    </DndContext>
  );
}

interface PartProps {
  readonly id: string;
  readonly children: ReactNode;
  readonly style?: CSSProperties;
  /** Shown when the pointer rests on it. */
  readonly title?: string;
}

/** Something to drag; for pointers only, hidden from keys and screen readers. */
export function Dragged({ id, children, style, title }: PartProps) {
  const { listeners, setNodeRef, transform } = useDraggable({ id });
  const moved = transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined;
  return createElement(
    'div',
    {
      ref: setNodeRef,
      ...listeners,
      title,
      style: { ...style, transform: moved, touchAction: 'none', cursor: 'grab', zIndex: 2 },
    },
    children,
  );
}

/** Something to drop onto. */
export function DropSpot({ id, children, style }: PartProps) {
  const { setNodeRef } = useDroppable({ id });
  return createElement('div', { ref: setNodeRef, style }, children);
}
