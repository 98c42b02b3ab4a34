import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useMemo, useState, type ReactNode } from 'react';
import type { RuleSheet } from '@able-frame/core';
import type { Row } from '../../store/rows.ts';
import { changePicture, movePicture } from '../../store/submission-actions.ts';
import { SectionDrops, sectionOfDrop } from './SectionDrops.tsx';

/** A press that moves less than this is a click. */
const SLACK_PX = 6;

/**
 * Lets rows be dragged to another place, which sets their running numbers, or into a section. Where the list is sorted
 * otherwise, a place means nothing, and only sections take a row.
 */
export function OrderByDrag({
  rows,
  sheet,
  isNumbered,
  children,
}: {
  rows: readonly Row[];
  sheet: RuleSheet;
  /** Whether the list stands in running-number order. */
  isNumbered: boolean;
  children: ReactNode;
}) {
  const [isDragging, setDragging] = useState(false);
  const items = useMemo(() => [...new Set(rows.map(row => row.picture.id))], [rows]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: SLACK_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const end = ({ active, over }: DragEndEvent) => {
    setDragging(false);
    if (!over) return;
    const id = String(active.id);
    const sectionCode = sectionOfDrop(String(over.id));
    if (sectionCode !== undefined) return void changePicture(id, { sectionCode });
    const place = rows.find(row => row.picture.id === over.id)?.place;
    if (isNumbered && place !== undefined && over.id !== id) void movePicture(id, place);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={sectionsFirst}
      onDragStart={() => setDragging(true)}
      onDragCancel={() => setDragging(false)}
      onDragEnd={end}
    >
      <SortableContext items={items} strategy={isNumbered ? verticalListSortingStrategy : NOBODY_MOVES}>
        {children}
      </SortableContext>
      {isDragging && <SectionDrops sheet={sheet} what="this picture" />}
    </DndContext>
  );
}

const NOBODY_MOVES = () => null;

/** A section under the pointer wins; otherwise the nearest row. */
const sectionsFirst: CollisionDetection = input => {
  const section = pointerWithin(input).find(hit => sectionOfDrop(String(hit.id)) !== undefined);
  if (section) return [section];
  const rows = input.droppableContainers.filter(({ id }) => sectionOfDrop(String(id)) === undefined);
  return closestCenter({ ...input, droppableContainers: rows });
};
