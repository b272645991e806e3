import { DndContext, useDraggable, useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { BsGripVertical } from 'react-icons/bs';
import type { StageId } from '~core/records/lesson';
import { useDragSensors } from '~/ui/drag-sensors';

/** Where a part was dropped: before another part, or at the end of a stage. */
export interface Dropped {
  readonly part: string;
  readonly stage: StageId;
  /** The part before which it comes; the end of the stage where there is none. */
  readonly before?: string;
}

const PART = 'part ';
const STAGE = 'stage ';

/** Parts are dragged within a stage and to others; the menu of each does the same by keys. */
export function DragParts({
  stageOf,
  onDrop,
  children,
}: {
  stageOf: (part: string) => StageId | undefined;
  onDrop: (dropped: Dropped) => void;
  children: ReactNode;
}) {
  const sensors = useDragSensors();
  return (
    <DndContext
      sensors={sensors}
      accessibility={{ screenReaderInstructions: { draggable: '' } }}
      onDragEnd={({ active, over }) => {
        if (!over) return;
        const part = String(active.id).slice(PART.length);
        const at = String(over.id);
        if (at.startsWith(STAGE)) onDrop({ part, stage: at.slice(STAGE.length) as StageId });
        else {
          const before = at.slice(PART.length);
          const stage = stageOf(before);
          if (stage !== undefined && before !== part) onDrop({ part, stage, before });
        }
      }}
    >
      {children}
    </DndContext>
  );
}

/** A part with its grip; another that is dropped on it comes before it. */
export function DraggedPart({
  id,
  className,
  children,
}: {
  id: string;
  className: string;
  children: ReactNode;
}) {
  const drag = useDraggable({ id: PART + id });
  const drop = useDroppable({ id: PART + id });
  const { transform, isDragging } = drag;
  return (
    <div
      ref={(element) => {
        drag.setNodeRef(element);
        drop.setNodeRef(element);
      }}
      className={`${className}${drop.isOver && !isDragging ? ' part--before' : ''}`}
      style={
        transform
          ? {
              transform: `translate(${transform.x}px, ${transform.y}px)`,
              zIndex: 5,
              position: 'relative',
            }
          : undefined
      }
    >
      {/* Keys move a part by its menu: the grip is for mouse and finger. */}
      <span className="part__grip" aria-hidden="true" {...drag.listeners}>
        <BsGripVertical />
      </span>
      {children}
    </div>
  );
}

/** The end of a stage, where a part can be dropped. */
export function StageEnd({ id, children }: { id: StageId; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: STAGE + id });
  return (
    <div ref={setNodeRef} className={isOver ? 'stage__end stage__end--over' : 'stage__end'}>
      {children}
    </div>
  );
}
