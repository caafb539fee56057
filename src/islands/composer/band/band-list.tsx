import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { ArrowDown, ArrowUp, GripVertical, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Project } from '../../../core/project';
import { moveItem, removeItem } from '../edit-project';
import type { ComposerModel } from '../use-composer';

/** Something of the band that can be dragged by its grip, or moved with its buttons. */
function Row({
  id,
  name,
  index,
  last,
  onMove,
  onRemove,
  children,
}: {
  id: string;
  name: string;
  index: number;
  last: boolean;
  onMove: (to: number) => void;
  onRemove: () => void;
  children: ReactNode;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
      className="border-b hair bg-base-100 py-2"
    >
      <div className="flex items-start gap-1 narrow:flex-wrap">
        <button
          type="button"
          className="btn btn-ghost btn-sm cursor-grab px-1"
          aria-label={`Drag ${name}`}
          {...attributes}
          {...listeners}
        >
          <GripVertical size={16} aria-hidden="true" />
        </button>
        <div className="min-w-0 flex-1 narrow:order-last narrow:basis-full">{children}</div>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          disabled={index === 0}
          onClick={() => onMove(index - 1)}
          aria-label={`Move ${name} towards the start`}
        >
          <ArrowUp size={14} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          disabled={last}
          onClick={() => onMove(index + 1)}
          aria-label={`Move ${name} towards the finish`}
        >
          <ArrowDown size={14} aria-hidden="true" />
        </button>
        <button type="button" className="btn btn-ghost btn-xs" onClick={onRemove} aria-label={`Take ${name} out`}>
          <Trash2 size={14} aria-hidden="true" />
        </button>
      </div>
    </li>
  );
}

/** The band from start to finish: drag, or move with the buttons. */
export function BandList({
  model,
  render,
}: {
  model: ComposerModel;
  render: (id: string, project: Project) => ReactNode;
}) {
  const { project, change } = model;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const [from, to] = [active.id, over?.id].map((id) => project.layout.indexOf(String(id)));
    if (over && from !== to) change(moveItem(project, from!, to!));
  };
  return (
    <DndContext id="band" sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={project.layout} strategy={verticalListSortingStrategy}>
        <ol className="border-t hair">
          {project.layout.map((id, index) => (
            <Row
              key={id}
              id={id}
              name={id}
              index={index}
              last={index === project.layout.length - 1}
              onMove={(to) => change(moveItem(project, index, to))}
              onRemove={() => change(removeItem(project, id))}
            >
              {render(id, project)}
            </Row>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
