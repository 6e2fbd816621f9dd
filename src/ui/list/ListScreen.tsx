import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState, type ReactNode, type RefCallback } from 'react';
import { StyleSheet, View, type ScrollView } from 'react-native';
import { PlaceFrame } from '../layout';
import { space } from '../tokens';
import { whenIdle } from '../whenIdle';
import { useRowKeys } from './useRowKeys';

interface Props {
  /** What stands over the rows and scrolls with them. */
  readonly children: ReactNode;
  readonly actions?: ReactNode;
  /** What the list is called. */
  readonly label: string;
  /** What it lists, where one list shows now this and now that. */
  readonly about?: string;
  readonly count: number;
  /** Height of a row before it was seen, px. */
  readonly estimate: number;
  /** Draws a row; its control takes the tab index it is given. */
  readonly row: (index: number, tabIndex: 0 | -1) => ReactNode;
  /** Told which rows are drawn, first and last, whenever that changes. */
  readonly onDrawn?: (first: number, last: number) => void;
}

/** Rows drawn over and under what is seen, so that a flick of the thumb meets no gap. */
const OVERSCAN = 9;
/** At first next to none, so that what is seen comes soon; then a few more in each idle moment. */
const FIRST_OVERSCAN = 1;
const MORE_AT_ONCE = 2;

/** Where each list was left, by its name and length: Back comes to the row it left from. */
const left = new Map<
  string,
  Pick<Virtualizer<HTMLElement, HTMLElement>, 'scrollOffset' | 'measurementsCache'>
>();

/** A place of very many rows: only those in sight are drawn. */
export function ListScreen({
  children,
  actions,
  label,
  about = '',
  count,
  estimate,
  row,
  onDrawn,
}: Props) {
  const scroller = useRef<ScrollView>(null);
  const [top, setTop] = useState(0);
  const [overscan, setOverscan] = useState(FIRST_OVERSCAN);
  useEffect(
    () => (overscan < OVERSCAN ? whenIdle(() => setOverscan(overscan + MORE_AT_ONCE)) : undefined),
    [overscan],
  );
  const here = `${label} ${about} ${count}`;
  const [before] = useState(() => left.get(here));
  const rows = useVirtualizer<HTMLElement, HTMLElement>({
    count,
    estimateSize: () => estimate,
    overscan,
    scrollMargin: top,
    // A scroll view's own scrollTo takes x and y, and glides: it would lead back to the top.
    scrollToFn: (offset, { adjustments = 0 }, { scrollElement }) => {
      if (scrollElement) scrollElement.scrollTop = offset + adjustments;
    },
    initialMeasurementsCache: before?.measurementsCache ?? [],
    getScrollElement: () =>
      (scroller.current?.getScrollableNode() as HTMLElement | undefined) ?? null,
  });
  const drawn = rows.getVirtualItems();
  const [first, last] = [drawn[0]?.index ?? 0, drawn.at(-1)?.index ?? 0];
  const { list, tabStop, web } = useRowKeys({
    count,
    first,
    last,
    inSight: rows.range?.startIndex ?? first,
    show: (index) => rows.scrollToIndex(index),
  });
  // What stands over the list grows and shrinks: then where the first row stands is looked at anew.
  const look = () => setTop((list.current as unknown as HTMLElement | null)?.offsetTop ?? 0);
  useEffect(() => {
    if (before?.scrollOffset) rows.scrollToOffset(before.scrollOffset);
  }, [before, rows]);
  useEffect(() => {
    const { scrollOffset, measurementsCache } = rows;
    left.set(here, { scrollOffset, measurementsCache });
    onDrawn?.(first, last);
  }, [first, last, here, rows, onDrawn]);
  const measure = rows.measureElement as unknown as RefCallback<View>;
  return (
    <PlaceFrame actions={actions} label={label} scroller={scroller}>
      <View onLayout={look} style={styles.over}>
        {children}
      </View>
      <View
        ref={list}
        role="list"
        aria-label={label}
        tabIndex={-1}
        {...web}
        style={[styles.list, { height: rows.getTotalSize() }]}
      >
        {drawn.map(({ index, start }) => (
          <View
            key={index}
            ref={measure}
            role="listitem"
            aria-setsize={count}
            aria-posinset={index + 1}
            {...({ dataSet: { index } } as object)}
            style={[styles.row, { transform: [{ translateY: start - top }] }]}
          >
            {row(index, index === tabStop ? 0 : -1)}
          </View>
        ))}
      </View>
    </PlaceFrame>
  );
}

const styles = StyleSheet.create({
  over: { width: '100%', maxWidth: 960, gap: space.s3 },
  list: { width: '100%', maxWidth: 960 },
  row: { position: 'absolute', left: 0, top: 0, width: '100%' },
});
