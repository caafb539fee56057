import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { Suspense, useState, type ReactNode } from 'react';
import { seatAtWork } from '../../core/bench';
import type { BenchModel } from './model/use-bench';

/** Seats side by side: two on a phone, more where there is room. */
export const ROOM_GRID = 'grid grid-cols-[repeat(auto-fill,minmax(min(14.5rem,46%),1fr))] gap-2';

/** A table to drop seats on. */
function Table({ name, children }: { name: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: name });
  return (
    <section
      ref={setNodeRef}
      aria-label={name === '' ? 'At no table' : `Table ${name}`}
      className={`border-2 border-dashed p-2 ${isOver ? 'border-primary' : 'border-transparent'}`}
    >
      {name !== '' && <h2 className="mb-1 text-lg">Table {name}</h2>}
      {children}
    </section>
  );
}

function Movable({ id, children }: { id: string; children: ReactNode }) {
  const { setNodeRef, listeners, transform } = useDraggable({ id });
  return (
    <li
      ref={setNodeRef}
      {...listeners}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 20 } : undefined}
      className="relative touch-manipulation"
    >
      {children}
    </li>
  );
}

/** The most tables a room is set with here. */
export const TABLES = ['1', '2', '3', '4', '5', '6', '7', '8'];

/** The room as its tables stand: seats dragged to where they are, or simply in order. */
export function Tables({ model, card }: { model: BenchModel; card: (id: string) => ReactNode }) {
  const { bench, seats, say } = model;
  const [isMoving, setMoving] = useState(false);
  const tableOf = (id: string): string => seatAtWork(bench, id).table ?? '';
  const used = [...new Set(seats.map(({ id }) => tableOf(id)))].sort();
  // While somebody is moved there is one more table to drop them at.
  const next = TABLES.find((name) => !used.includes(name));
  const shown = isMoving && next ? [...used, next] : used;
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { delay: 350, tolerance: 8 } }));
  return (
    <DndContext
      sensors={sensors}
      onDragStart={() => setMoving(true)}
      onDragCancel={() => setMoving(false)}
      onDragEnd={({ active, over }) => {
        setMoving(false);
        if (over && over.id !== '' && over.id !== tableOf(String(active.id)))
          say('table', String(active.id), String(over.id));
      }}
    >
      {shown.map((name) => (
        <Table key={name} name={name}>
          <ul className={ROOM_GRID}>
            {seats
              .filter(({ id }) => tableOf(id) === name)
              .map(({ id }) => (
                <Movable key={id} id={id}>
                  {/* Each is taken over by itself: the room answers meanwhile. */}
                  <Suspense fallback={null}>{card(id)}</Suspense>
                </Movable>
              ))}
          </ul>
        </Table>
      ))}
    </DndContext>
  );
}
