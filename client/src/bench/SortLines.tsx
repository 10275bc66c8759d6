import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { restrictToParentElement, restrictToVerticalAxis } from '@dnd-kit/modifiers';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { say } from '@hollow-moon/words';
import { Text, View } from 'react-native';
import { icons } from '../design';

/** A line as it stands in an order: what it is, and how much. */
export interface SortedLine {
  readonly id: string;
  readonly name: string;
  readonly amount: string;
}

/** A line with its handle; the handle alone is held, so that the page can still be scrolled by the rest. */
function Row({ line, testID }: { readonly line: SortedLine; readonly testID: string }) {
  const {
    attributes,
    listeners,
    setNodeRef,
    setActivatorNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({ id: line.id });
  return (
    <li
      ref={setNodeRef}
      data-testid={testID}
      className={`flex min-h-12 items-center gap-1 border-b border-line pr-4 motion-reduce:transition-none ${isDragging ? 'relative z-10 bg-ground shadow-lg' : 'bg-sheet'}`}
      style={{
        transform: transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined,
        transition,
      }}
    >
      <button
        ref={setActivatorNodeRef}
        type="button"
        {...attributes}
        {...listeners}
        aria-label={say('bench.move-line', { name: line.name })}
        data-testid={`handle-${testID}`}
        className="flex h-12 w-14 cursor-grab touch-none items-center justify-center"
      >
        <icons.grip className="text-ink-soft" size={22} aria-hidden />
      </button>
      <View className="min-w-0 flex-1">
        <Text numberOfLines={1} className="font-read text-base leading-5 text-ink">
          {line.name}
        </Text>
      </View>
      <Text className="font-figures-strong text-base leading-5 text-ink">{line.amount}</Text>
    </li>
  );
}

/** Lines put into another order by dragging them, or by keyboard: space takes one up, arrows move it, space lays it down. */
export default function SortLines({
  lines,
  prefix,
  onMove,
}: {
  readonly lines: readonly SortedLine[];
  readonly prefix: string;
  /** Told how many places down, or up, a line was moved. */
  readonly onMove: (id: string, by: number) => void;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const placeOf = (id: UniqueIdentifier) => lines.findIndex((line) => line.id === id);
  const told = (code: 'up' | 'over' | 'down', id: UniqueIdentifier, over: UniqueIdentifier) =>
    say(`bench.line-taken-${code}`, {
      name: lines[placeOf(id)]?.name ?? '',
      place: placeOf(over) + 1,
      all: lines.length,
    });
  const announcements: Announcements = {
    onDragStart: ({ active }) => told('up', active.id, active.id),
    onDragOver: ({ active, over }) => (over ? told('over', active.id, over.id) : undefined),
    onDragEnd: ({ active, over }) => told('down', active.id, over?.id ?? active.id),
    onDragCancel: ({ active }) => told('down', active.id, active.id),
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[restrictToVerticalAxis, restrictToParentElement]}
      accessibility={{
        announcements,
        screenReaderInstructions: { draggable: say('bench.how-to-move') },
      }}
      onDragEnd={({ active, over }) => {
        const by = over ? placeOf(over.id) - placeOf(active.id) : 0;
        if (by !== 0) onMove(String(active.id), by);
      }}
    >
      <SortableContext items={lines.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ol className="-mx-4 list-none" aria-label={say('bench.order-of-the-list')}>
          {lines.map((line, at) => (
            <Row key={line.id} line={line} testID={`sort-${prefix}${at}`} />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
