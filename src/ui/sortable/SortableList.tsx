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
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../button';
import { Say } from '../text';
import { color, RADIUS, space, TOUCH_WET } from '../tokens';
import { partSays } from '../says';

interface Item {
  readonly id: string;
  readonly name: string;
}

interface Props {
  readonly items: readonly Item[];
  readonly onOrder: (ids: readonly string[]) => void;
}

/** A list put in order by dragging its handles, or by buttons: one step up, one step down. */
export function SortableList({ items, onOrder }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = items.map(({ id }) => id);
  const move = (from: number, to: number) => {
    if (from >= 0 && to >= 0 && to < ids.length) onOrder(arrayMove(ids, from, to));
  };
  const end = ({ active, over }: DragEndEvent) => {
    if (over) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={end}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <View role="list" style={styles.list}>
          {items.map(({ id, name }, at) => (
            <Row
              key={id}
              id={id}
              name={name}
              place={at + 1}
              onUp={at > 0 ? () => move(at, at - 1) : undefined}
              onDown={at < ids.length - 1 ? () => move(at, at + 1) : undefined}
            />
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

interface RowProps extends Item {
  readonly place: number;
  readonly onUp: (() => void) | undefined;
  readonly onDown: (() => void) | undefined;
}

function Row({ id, name, place, onUp, onDown }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const style = { transform: CSS.Transform.toString(transform), transition };
  return createElement(
    'div',
    { ref: setNodeRef, style, role: 'listitem' },
    <View style={styles.row}>
      {createElement(
        'div',
        {
          ...attributes,
          ...listeners,
          'aria-label': partSays.moveFrom(place, name),
          style: { ...HANDLE, touchAction: 'none' },
        },
        <>
          <GripVertical size={20} color={color.inkSoft} aria-hidden />
          <Say bold tone="soft">
            {place}
          </Say>
        </>,
      )}
      <Say bold style={styles.name}>
        {name}
      </Say>
      <Step sign="↑" name={partSays.up(name)} onPress={onUp} />
      <Step sign="↓" name={partSays.down(name)} onPress={onDown} />
    </View>,
  );
}

function Step(props: {
  readonly sign: string;
  readonly name: string;
  readonly onPress: (() => void) | undefined;
}) {
  const { sign, name, onPress } = props;
  return (
    <Press
      name={name}
      disabled={!onPress}
      onPress={onPress ?? (() => undefined)}
      style={[styles.step, !onPress && styles.still]}
    >
      <Say size="large" bold tone="action">
        {sign}
      </Say>
    </Press>
  );
}

const HANDLE = {
  minWidth: TOUCH_WET,
  minHeight: TOUCH_WET,
  display: 'flex',
  alignItems: 'center',
  justifyContent: 'center',
  cursor: 'grab',
} as const;

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s2,
    borderWidth: 1,
    borderColor: color.edge,
    borderRadius: RADIUS,
    backgroundColor: color.panel,
  },
  name: { flex: 1, minWidth: 0 },
  step: { width: TOUCH_WET, height: TOUCH_WET, alignItems: 'center', justifyContent: 'center' },
  still: { opacity: 0.3 },
});
